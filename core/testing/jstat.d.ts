/** The parts of jStat that the tests ask. */
declare module 'jstat' {
  export const jStat: {
    readonly normal: { cdf(x: number, mean: number, sd: number): number };
    readonly chisquare: { inv(p: number, freedom: number): number };
  };
}
