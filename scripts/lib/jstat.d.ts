/** The parts of jstat used here; the package ships no types. */
declare module 'jstat' {
  interface Distribution {
    pdf(x: number, ...parameters: number[]): number;
    cdf(x: number, ...parameters: number[]): number;
    inv(p: number, ...parameters: number[]): number;
    sample(...parameters: number[]): number;
  }
  const jStat: { studentt: Distribution; normal: Distribution };
  export default jStat;
}
