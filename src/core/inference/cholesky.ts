/** Lower Cholesky factor of a symmetric positive definite row-major n × n matrix; throws when it is not. */
export function cholesky(a: Float64Array, n: number): Float64Array {
  const l = new Float64Array(n * n);
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = a[i * n + j];
      for (let k = 0; k < j; k++) sum -= l[i * n + k] * l[j * n + k];
      if (i === j) {
        if (!(sum > 0)) throw new Error('matrix is not positive definite');
        l[i * n + i] = Math.sqrt(sum);
      } else l[i * n + j] = sum / l[j * n + j];
    }
  return l;
}

/** Solves `L y = b` in place for a lower factor L. */
export function solveLower(l: Float64Array, n: number, b: Float64Array): Float64Array {
  for (let i = 0; i < n; i++) {
    let sum = b[i];
    for (let k = 0; k < i; k++) sum -= l[i * n + k] * b[k];
    b[i] = sum / l[i * n + i];
  }
  return b;
}

/** Solves `Lᵀ y = b` in place for a lower factor L. */
export function solveUpper(l: Float64Array, n: number, b: Float64Array): Float64Array {
  for (let i = n - 1; i >= 0; i--) {
    let sum = b[i];
    for (let k = i + 1; k < n; k++) sum -= l[k * n + i] * b[k];
    b[i] = sum / l[i * n + i];
  }
  return b;
}
