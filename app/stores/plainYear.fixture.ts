/**
 * A season with two tins, a shelf of tubes and a shop, as one would keep it in a notebook. It shares no code with core: the
 * play of a year holds everything that core says against it. Amounts in whole microlitres, money in hundredths.
 */
export type Spot = { tin: string; place: string }
export type Deed =
  | { do: 'fill'; tube: string; at: Spot; ul: number }
  | { do: 'clean'; at: Spot }
  | { do: 'swap'; one: Spot; other: Spot }
  | { do: 'take out'; at: Spot }
  | { do: 'put in'; pan: string; at: Spot }
  | { do: 'lay'; pans: string[]; where: string }
  | { do: 'weigh'; tube: string; ul: number }
  | { do: 'paint'; tin: string; places: string[] }
export interface Written {
  id: string
  day: string
  deed: Deed
  isStruck?: boolean
}
export interface OrderLine {
  tube: string
  minor: number
  state: 'ordered' | 'delivered' | 'returned' | 'never mind'
}
export interface Order {
  delivery: number
  lines: OrderLine[]
}

const key = ({ tin, place }: Spot) => `${tin}/${place}`

export class Notebook {
  /** What each tube is of, and what it held when new. */
  readonly tubes = new Map<string, { paint: string; ul: number }>()
  /** What is planned: by place, a paint. */
  readonly plan = new Map<string, string>()
  readonly deeds: Written[] = []
  readonly orders: Order[] = []

  constructor(
    readonly tins: readonly string[],
    readonly places: readonly string[],
  ) {}

  /** Everything as it stands, told from the first deed to the last that were not struck out. */
  now() {
    const left = new Map([...this.tubes].map(([id, { ul }]) => [id, ul]))
    const drawn = new Map([...this.tubes.keys()].map((id) => [id, 0]))
    const pans = new Map<string, { paint: string; ul: number }[]>()
    const lies = new Map<string, string | undefined>()
    const spots = new Map<string, string>()
    const laid = new Map<string, string>()
    /** Pans of which anybody ever said anything. */
    const known = new Set<string>()
    const paintings = new Map<string, number>()
    for (const tin of this.tins)
      for (const place of this.places) {
        lies.set(key({ tin, place }), key({ tin, place }))
        spots.set(key({ tin, place }), key({ tin, place }))
      }
    const lift = (pan: string) => {
      const spot = spots.get(pan)
      if (spot !== undefined) lies.set(spot, undefined)
      spots.delete(pan)
    }
    const lay = (pan: string, spot: string) => {
      lies.set(spot, pan)
      spots.set(pan, spot)
      laid.delete(pan)
    }
    for (const { deed, isStruck } of this.deeds) {
      if (isStruck) continue
      if (deed.do === 'fill') {
        const pan = lies.get(key(deed.at))
        left.set(deed.tube, left.get(deed.tube)! - deed.ul)
        drawn.set(deed.tube, drawn.get(deed.tube)! + deed.ul)
        // into a place without a pan: into the pan that belongs there
        const into = pan ?? key(deed.at)
        known.add(into)
        pans.set(into, [...(pans.get(into) ?? []), { paint: this.tubes.get(deed.tube)!.paint, ul: deed.ul }])
      } else if (deed.do === 'weigh') left.set(deed.tube, deed.ul)
      else if (deed.do === 'clean') {
        const pan = lies.get(key(deed.at))
        if (pan !== undefined) {
          known.add(pan)
          pans.delete(pan)
        }
      } else if (deed.do === 'swap') {
        const [here, there] = [lies.get(key(deed.one)), lies.get(key(deed.other))]
        for (const pan of [here, there]) if (pan !== undefined) known.add(pan)
        if (here !== undefined) lift(here)
        if (there !== undefined) lift(there)
        if (here !== undefined) lay(here, key(deed.other))
        if (there !== undefined) lay(there, key(deed.one))
      } else if (deed.do === 'take out') {
        const pan = lies.get(key(deed.at))
        if (pan !== undefined) {
          known.add(pan)
          lift(pan)
        }
      } else if (deed.do === 'put in') {
        const there = lies.get(key(deed.at))
        if (there === deed.pan) continue
        known.add(deed.pan)
        if (there !== undefined) lift(there)
        lift(deed.pan)
        lay(deed.pan, key(deed.at))
      } else if (deed.do === 'lay')
        for (const pan of deed.pans) {
          known.add(pan)
          lift(pan)
          laid.set(pan, deed.where)
        }
      else paintings.set(deed.tin, (paintings.get(deed.tin) ?? 0) + 1)
    }
    const contents = new Map<string, Record<string, number>>()
    for (const [pan, layers] of pans) {
      const sums: Record<string, number> = {}
      for (const { paint, ul } of layers) sums[paint] = (sums[paint] ?? 0) + ul
      contents.set(pan, sums)
    }
    const loose = [...known].filter((pan) => !spots.has(pan)).sort()
    return { left, drawn, lies, contents, loose, laid, paintings }
  }

  /** Places by what is the matter with them, as somebody who looks would say. */
  agreement(tin: string) {
    const { lies, contents } = this.now()
    const said = { toFill: [] as string[], out: [] as string[], other: [] as string[] }
    for (const place of this.places) {
      const wanted = this.plan.get(key({ tin, place }))
      if (!wanted) continue
      const pan = lies.get(key({ tin, place }))
      if (pan === undefined) said.out.push(place)
      else if (!contents.has(pan)) said.toFill.push(place)
      else if (mostOf(contents.get(pan)!) !== wanted) said.other.push(place)
    }
    return said
  }

  /** What was paid, and what is to be paid for what is on the way. */
  paid(): number {
    return this.orders.reduce((sum, { delivery, lines }) => {
      const stands = lines.filter((l) => l.state === 'ordered' || l.state === 'delivered')
      return sum + stands.reduce((s, l) => s + l.minor, stands.length ? delivery : 0)
    }, 0)
  }
}

/** The paint there is most of; of equal ones the first that came. */
const mostOf = (sums: Record<string, number>): string =>
  Object.entries(sums).reduce((most, next) => (next[1] > most[1] ? next : most))[0]
