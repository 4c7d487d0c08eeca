/** The three places of every triple i < j < k, by its rank. */
export function placesOfTriples(n: number): Uint16Array {
  const places = new Uint16Array((n * (n - 1) * (n - 2)) / 2)
  let at = 0
  for (let k = 2; k < n; k += 1)
    for (let j = 1; j < k; j += 1)
      for (let i = 0; i < j; i += 1) {
        places[at++] = i
        places[at++] = j
        places[at++] = k
      }
  return places
}
