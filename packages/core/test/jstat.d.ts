declare module 'jstat' {
  interface Distribution {
    cdf(x: number, ...parameters: number[]): number;
    inv(p: number, ...parameters: number[]): number;
    pdf(x: number, ...parameters: number[]): number;
  }
  /** Least squares of what was measured over rows of what it is drawn from. */
  interface Models {
    readonly ols: (y: readonly number[], x: readonly (readonly number[])[]) => { readonly coef: readonly number[] };
  }
  const jstat: {
    readonly jStat: { readonly normal: Distribution; readonly studentt: Distribution; readonly models: Models };
  };
  export default jstat;
}
