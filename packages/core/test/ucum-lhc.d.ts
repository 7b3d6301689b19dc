declare module '@lhncbc/ucum-lhc' {
  export class UcumLhcUtils {
    static getInstance(): UcumLhcUtils;
    convertUnitTo(from: string, amount: number, to: string): { readonly toVal: number | null };
  }
}
