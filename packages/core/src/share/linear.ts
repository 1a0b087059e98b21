/** Lists of numbers as vectors; symmetric positive definite equations by Cholesky's factors (from memory), of which the lower triangle is read and written. */

/** What a pivot that rounding has made nothing is taken for: its row then changes nothing. */
const NO_PIVOT = 1e128;

/** @param a n × n by rows; becomes its factor */
export function factored(a: Float64Array, n: number): void {
  let largest = 0;
  for (let i = 0; i < n; i += 1) largest = Math.max(largest, a[i * n + i]!);
  for (let i = 0; i < n; i += 1) {
    const rowI = i * n;
    for (let j = 0; j <= i; j += 1) {
      const rowJ = j * n;
      let sum = a[rowI + j]!;
      for (let k = 0; k < j; k += 1) sum -= a[rowI + k]! * a[rowJ + k]!;
      if (j < i) a[rowI + j] = sum / a[rowJ + j]!;
      else a[rowI + i] = sum > 1e-30 * largest ? Math.sqrt(sum) : NO_PIVOT;
    }
  }
}

/** @param factor from `factored` @param right becomes the solution */
export function solved(factor: Float64Array, n: number, right: Float64Array): void {
  for (let i = 0; i < n; i += 1) {
    let sum = right[i]!;
    for (let k = 0; k < i; k += 1) sum -= factor[i * n + k]! * right[k]!;
    right[i] = sum / factor[i * n + i]!;
  }
  for (let i = n - 1; i >= 0; i -= 1) {
    let sum = right[i]!;
    for (let k = i + 1; k < n; k += 1) sum -= factor[k * n + i]! * right[k]!;
    right[i] = sum / factor[i * n + i]!;
  }
}

export function largest(list: Float64Array): number {
  let most = 0;
  for (const v of list) most = Math.max(most, Math.abs(v));
  return most;
}

/** How far a direction may be followed before something is below zero, at most all of it. */
export function edge(at: Float64Array, along: Float64Array): number {
  let most = 1;
  for (let i = 0; i < at.length; i += 1) if (along[i]! < 0) most = Math.min(most, -at[i]! / along[i]!);
  return most;
}
