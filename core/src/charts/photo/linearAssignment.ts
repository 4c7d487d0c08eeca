/**
 * The cheapest way to give each row a column of its own, by successive shortest paths with potentials (H. W. Kuhn, The
 * Hungarian method for the assignment problem, Naval Research Logistics Quarterly 2 (1955) 83-97; in the form of J. Munkres
 * and of R. Jonker and A. Volgenant, cubic in the number of rows). `cost` is square; gives the column of each row.
 */
export function linearAssignment(cost: readonly (readonly number[])[]): number[] {
  const n = cost.length
  // row 0 and column 0 stand for none
  const [rowPrice, columnPrice] = [new Float64Array(n + 1), new Float64Array(n + 1)]
  const rowOf = new Int32Array(n + 1)
  const before = new Int32Array(n + 1)
  for (let row = 1; row <= n; row += 1) {
    rowOf[0] = row
    let column = 0
    const least = new Float64Array(n + 1).fill(Infinity)
    const used = new Uint8Array(n + 1)
    do {
      used[column] = 1
      const here = rowOf[column]!
      let [step, next] = [Infinity, 0]
      for (let j = 1; j <= n; j += 1) {
        if (used[j]) continue
        const price = cost[here - 1]![j - 1]! - rowPrice[here]! - columnPrice[j]!
        if (price < least[j]!) {
          least[j] = price
          before[j] = column
        }
        if (least[j]! < step) {
          step = least[j]!
          next = j
        }
      }
      for (let j = 0; j <= n; j += 1)
        if (used[j]) {
          rowPrice[rowOf[j]!]! += step
          columnPrice[j]! -= step
        } else least[j]! -= step
      column = next
    } while (rowOf[column] !== 0)
    do {
      const last = before[column]!
      rowOf[column] = rowOf[last]!
      column = last
    } while (column !== 0)
  }
  const result = Array<number>(n).fill(0)
  for (let j = 1; j <= n; j += 1) result[rowOf[j]! - 1] = j - 1
  return result
}
