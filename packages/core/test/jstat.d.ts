declare module 'jstat' {
  interface Distribution {
    cdf(x: number, ...parameters: number[]): number;
    inv(p: number, ...parameters: number[]): number;
    pdf(x: number, ...parameters: number[]): number;
  }
  const jstat: { readonly jStat: { readonly normal: Distribution; readonly studentt: Distribution } };
  export default jstat;
}
