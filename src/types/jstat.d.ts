declare module 'jstat' {
  interface Distribution {
    inv: (p: number, ...parameters: number[]) => number;
    cdf: (x: number, ...parameters: number[]) => number;
  }
  const jstat: {
    jStat: { studentt: Distribution; beta: Distribution; chisquare: Distribution; gamma: Distribution };
  };
  export default jstat;
}
