/** The least number of steps from what lies to what is planned, by trying all of them. */
export function fewest(
  places: readonly string[],
  lying: ReadonlyMap<string, string>,
  wanted: ReadonlyMap<string, string>,
) {
  const supplied = new Map<string, number>()
  for (const p of lying.values()) supplied.set(p, (supplied.get(p) ?? 0) + 1)
  const need = new Map<string, number>()
  for (const p of wanted.values()) need.set(p, (need.get(p) ?? 0) + 1)
  const isDone = (now: readonly (string | undefined)[]) => {
    // nothing lies where another is planned, and of each paint as many lie right as can
    const right = new Map<string, number>()
    for (const [i, id] of places.entries()) {
      const want = wanted.get(id)
      if (want === undefined || now[i] === undefined) continue
      if (now[i] !== want) return false
      right.set(want, (right.get(want) ?? 0) + 1)
    }
    return [...need].every(([p, n]) => (right.get(p) ?? 0) === Math.min(n, supplied.get(p) ?? 0))
  }
  type State = { now: (string | undefined)[]; aside: string[] }
  const keyOf = ({ now, aside }: State) => `${now.join()}|${[...aside].sort().join()}`
  let layer: State[] = [{ now: places.map((id) => lying.get(id)), aside: [] }]
  const seen = new Set(layer.map(keyOf))
  for (let steps = 0; ; steps += 1) {
    if (layer.some(({ now }) => isDone(now))) return steps
    const next: State[] = []
    const add = (state: State) => {
      const key = keyOf(state)
      if (!seen.has(key)) {
        seen.add(key)
        next.push(state)
      }
    }
    for (const { now, aside } of layer)
      for (const [i, here] of now.entries()) {
        const set = (change: Record<number, string | undefined>) => now.map((p, k) => (k in change ? change[k] : p))
        if (here !== undefined) {
          add({ now: set({ [i]: undefined }), aside: [...aside, here] })
          for (const [k, there] of now.entries())
            if (there === undefined) add({ now: set({ [i]: undefined, [k]: here }), aside })
        } else
          for (const [k, pan] of aside.entries())
            add({ now: set({ [i]: pan }), aside: aside.filter((_, n) => n !== k) })
      }
    layer = next
  }
}

/**
 * The same number by trying every way to give pans their places: a pan that changes its place costs a step, one that is
 * lifted out for good another, each closed ring one more. Held against the trying of steps below, and goes further.
 */
export function fewestByGiving(lying: ReadonlyMap<string, string>, wanted: ReadonlyMap<string, string>) {
  const placesOf = (of: ReadonlyMap<string, string>, paint: string) =>
    [...of].filter(([, p]) => p === paint).map(([id]) => id)
  const paints = [...new Set(lying.values())]
  let least = Infinity
  const counted = (goes: ReadonlyMap<string, string>) => {
    let steps = 0
    for (const id of lying.keys()) {
      const to = goes.get(id)
      if (to === undefined ? wanted.has(id) : to !== id) steps += 1
    }
    const seen = new Set<string>()
    for (const start of goes.keys()) {
      const path = new Set<string>()
      let at: string | undefined = start
      while (at !== undefined && !seen.has(at)) {
        seen.add(at)
        path.add(at)
        at = goes.get(at)
      }
      if (at !== undefined && path.has(at) && path.size > 1) steps += 1
    }
    return steps
  }
  const give = (n: number, goes: Map<string, string>) => {
    const paint = paints[n]
    if (paint === undefined) {
      least = Math.min(least, counted(goes))
      return
    }
    const [pans, ends] = [placesOf(lying, paint), placesOf(wanted, paint)]
    const each = (i: number, left: readonly string[], leftOut: number) => {
      const pan = pans[i]
      if (pan === undefined) return give(n + 1, goes)
      for (const end of left) {
        goes.set(pan, end)
        each(
          i + 1,
          left.filter((e) => e !== end),
          leftOut,
        )
        goes.delete(pan)
      }
      if (leftOut > 0) each(i + 1, left, leftOut - 1)
    }
    each(0, ends, Math.max(0, pans.length - ends.length))
  }
  give(0, new Map())
  return least
}
