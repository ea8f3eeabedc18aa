import jstat from 'jstat';

const { jStat } = jstat;

/** Quantile of Student's t. Domain: 0 < p < 1, degrees of freedom above 0. By the package jstat; checked against SciPy. */
export const studentQuantile = (p: number, degrees: number): number => jStat.studentt.inv(p, degrees);
