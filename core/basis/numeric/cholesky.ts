/**
 * Solves P·x = r for a small symmetric positive definite P that is written down, any number of times (Cholesky: P = L·Lᵀ).
 *
 * @param matrix P, rows one after the other, n × n; only its lower half is read
 * @param size n
 * @returns what gives x for an r of length n
 * @source G. H. Golub, C. F. Van Loan, Matrix Computations, 4.2, from memory
 * @example cholesky(Float64Array.of(4, 0, 2, 5), 2)(Float64Array.of(8, 8))[1] // 1
 */
export function cholesky(matrix: Float64Array, size: number): (right: Float64Array) => Float64Array {
  const lower = new Float64Array(size * size);
  const at = (row: number, column: number): number => lower[row * size + column] as number;
  for (let row = 0; row < size; row++) {
    for (let column = 0; column <= row; column++) {
      let left = matrix[row * size + column] as number;
      for (let k = 0; k < column; k++) left -= at(row, k) * at(column, k);
      lower[row * size + column] = row === column ? Math.sqrt(left) : left / at(column, column);
    }
  }
  return (right) => {
    const solution = right.slice();
    for (let row = 0; row < size; row++) {
      let left = solution[row] as number;
      for (let k = 0; k < row; k++) left -= at(row, k) * (solution[k] as number);
      solution[row] = left / at(row, row);
    }
    for (let row = size - 1; row >= 0; row--) {
      let left = solution[row] as number;
      for (let k = row + 1; k < size; k++) left -= at(k, row) * (solution[k] as number);
      solution[row] = left / at(row, row);
    }
    return solution;
  };
}
