/** Place of a pair i < j among all pairs: 0-1, 0-2, 1-2, 0-3 ... */
export const pairRank = (i: number, j: number) => (j * (j - 1)) / 2 + i
/** Place of a triple i < j < k among all triples, in the same manner. */
export const tripleRank = (i: number, j: number, k: number) => (k * (k - 1) * (k - 2)) / 6 + pairRank(i, j)
