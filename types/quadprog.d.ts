/** Types of the library that the tests compare with; arrays begin at index 1, as in its Fortran ancestor. */
declare module 'quadprog' {
  export function solveQP(
    Dmat: number[][],
    dvec: number[],
    Amat: number[][],
    bvec: number[],
    meq: number,
  ): { solution: number[]; value: number[]; message: string };
}
