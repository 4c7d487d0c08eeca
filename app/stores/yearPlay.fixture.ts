import { HOLDERS } from '@juxtachrome/core/arranging'
import { noDocuments, ownVesselOf, planAt, type Item, type Paint, type Palette } from '@juxtachrome/core/documents'
import { planAgainstPans } from '@juxtachrome/core/filling'
import { balanceOf, portionsOf } from '@juxtachrome/core/ledger'
import { spendingsOf, standingSum, type PlannedOffer } from '@juxtachrome/core/restocking'
import { createPinia, setActivePinia, type Pinia } from 'pinia'
import { expect } from 'vitest'
import { useFillCommands } from '~/features/filling/commands'
import { usePaletteCommands } from '~/features/palettes/commands'
import { useRestockCommands } from '~/features/restock/commands'
import { useSittingCommands } from '~/features/using/commands'
import { Database } from '~/storage/database'
import { CollectionStorage } from '~/storage/storage'
import { useAsk } from '~/shared/ui/useAsk'
import { useCollection } from './collection'
import { useKeeper } from './keeper'
import { Notebook, type Deed, type Spot } from './plainYear.fixture'
import { useUndo } from './undo'

const TINS = ['north', 'south']
const PLACES = ['A1', 'A2', 'A3', 'A4']
const PAINTS = ['ochre', 'sienna', 'rose', 'blue', 'green']
const box = { ...HOLDERS[0]!, places: HOLDERS[0]!.places.filter((p) => PLACES.includes(p.id)) }
const palette = (id: string): Palette => ({ id, v: 1, name: id, use: 'travel', purpose: '', holder: box, plan: {} })
const paint = (id: string): Paint => ({ id, v: 2, maker: 'Skerry', name: id, pigments: [] })
const tube = (id: string, paintId: string): Item => ({
  id,
  v: 2,
  paintId,
  kind: 'tube',
  millilitres: 15,
  supply: 'open',
  remarks: [],
})
export const dayAt = (n: number) => new Date(Date.UTC(2025, 0, 1 + n)).toISOString().slice(0, 10)

/** Numbers that look random and are the same every time. */
export function numbers(seed: number) {
  let state = seed >>> 0
  return (below: number) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return Math.floor((state / 2 ** 32) * below)
  }
}

/** What somebody can do in one window, taken once: with several, what another still does would change which is meant. */
function handsIn(pinia: Pinia) {
  setActivePinia(pinia)
  return {
    collection: useCollection(),
    keeper: useKeeper(),
    undo: useUndo(),
    filling: useFillCommands(),
    palettes: usePaletteCommands(),
    restock: useRestockCommands(),
    sittings: useSittingCommands(),
  }
}
type Hands = ReturnType<typeof handsIn>

const opened: Hands[] = []
export async function windowOn(name: string, isFirst: boolean): Promise<Hands> {
  const hands = handsIn(createPinia())
  opened.push(hands)
  const { keeper } = hands
  keeper.useStorage(new CollectionStorage(new Database(name)))
  await keeper.open()
  if (isFirst) {
    const documents = {
      ...noDocuments(),
      paints: PAINTS.map(paint),
      items: PAINTS.map((p) => tube(`tube-${p}`, p)),
      palettes: TINS.map(palette),
    }
    await keeper.putAll({ documents, unreadable: [] }, 'replace')
  }
  return hands
}
export async function closeWindows(): Promise<void> {
  for (const { keeper } of opened.splice(0)) await keeper.flush()
}

/** One act by the commands that a screen would call, and the same in the notebook. */
export class Year {
  readonly book = new Notebook(TINS, PLACES)
  day = 0

  constructor(
    readonly pick: (below: number) => number,
    public hands: Hands,
  ) {
    for (const p of PAINTS) this.book.tubes.set(`tube-${p}`, { paint: p, ul: 15_000 })
  }

  #one = <T>(list: readonly T[]): T => list[this.pick(list.length)]!
  #spot = (): Spot => ({ tin: this.#one(TINS), place: this.#one(PLACES) })
  #ref = ({ tin, place }: Spot) => ({ paletteId: tin, placeId: place })

  /** Notes a deed under the entry that it made; nothing where none was made. */
  #note(deed: Deed, act: () => unknown) {
    const { journal } = this.hands.collection.core
    const before = new Set(journal.keys())
    act()
    const made = [...journal.keys()].filter((id) => !before.has(id))
    if (made.length) this.book.deeds.push({ id: made[0]!, day: dayAt(this.day), deed })
    return made.length
  }

  async act(): Promise<string> {
    const { filling, collection, palettes, sittings } = this.hands
    const today = dayAt(this.day)
    const { lies, loose } = this.book.now()
    switch (this.pick(15)) {
      case 0:
        this.day += 1 + this.pick(4)
        return 'days go by'
      case 1:
      case 2:
      case 3: {
        const [at, id] = [this.#spot(), this.#one([...this.book.tubes.keys()])]
        const item = collection.item(id)
        if (!item || item.removed || lies.get(`${at.tin}/${at.place}`) === undefined) return 'nothing to fill'
        const ul = 100 * (1 + this.pick(18))
        this.#note({ do: 'fill', tube: id, at, ul }, () =>
          filling.record({
            kind: 'fill',
            day: today,
            vessel: filling.vesselIn(this.#ref(at)),
            itemId: id,
            paintId: item.paintId,
            millilitres: ul / 1000,
            dryingDays: this.pick(8),
          }),
        )
        return `filled ${at.tin} ${at.place} from ${id}`
      }
      case 4: {
        const at = this.#spot()
        this.#note({ do: 'clean', at }, () =>
          filling.record({ kind: 'clean', day: today, vessel: filling.vesselIn(this.#ref(at)) }),
        )
        return `cleaned ${at.tin} ${at.place}`
      }
      case 5: {
        const [one, other] = [this.#spot(), this.#spot()]
        const isOut = (s: Spot) => lies.get(`${s.tin}/${s.place}`) === undefined
        if (isOut(one) || (one.tin === other.tin && one.place === other.place)) return 'nothing to move'
        const made = this.#note({ do: 'swap', one, other }, () =>
          filling.movePan(this.#ref(one), this.#ref(other), today),
        )
        expect(made, 'a move is one entry').toBe(1)
        return `moved ${one.tin} ${one.place} to ${other.tin} ${other.place}`
      }
      case 6: {
        const at = this.#spot()
        if (lies.get(`${at.tin}/${at.place}`) === undefined) return 'it is out'
        this.#note({ do: 'take out', at }, () => filling.takePanOut(this.#ref(at), today))
        return `took ${at.tin} ${at.place} out`
      }
      case 7:
      case 8: {
        const [pan, at] = [this.#one(loose), this.#spot()]
        if (pan === undefined) return 'nothing loose'
        this.#note({ do: 'put in', pan, at }, () => filling.putPanIn({ vesselId: pan }, this.#ref(at), today))
        return `put ${pan} into ${at.tin} ${at.place}`
      }
      case 9: {
        const at = this.#spot()
        const pan = lies.get(`${at.tin}/${at.place}`)
        if (pan === undefined) return 'it is out'
        this.#note({ do: 'lay', pans: [pan], where: 'master set' }, () =>
          filling.stow([{ vesselId: pan }], { kind: 'master set' }, today),
        )
        return `laid ${pan} among the loose pans`
      }
      case 10: {
        const at = this.#spot()
        const planned = this.#one([...PAINTS, undefined])
        if (planned) palettes.place(at.tin, at.place, planned)
        else palettes.clear(at.tin, at.place)
        if (planned) this.book.plan.set(`${at.tin}/${at.place}`, planned)
        else this.book.plan.delete(`${at.tin}/${at.place}`)
        return `planned ${planned ?? 'nothing'} for ${at.tin} ${at.place}`
      }
      case 11: {
        const tin = this.#one(TINS)
        const used = PLACES.filter((place) => {
          const content = collection.ledger.places(tin).get(place)?.content
          return content !== undefined && this.pick(2) === 0
        })
        this.#note({ do: 'paint', tin, places: used }, () =>
          sittings.log({
            kind: 'sitting',
            day: today,
            paletteId: tin,
            words: 'the stack',
            used: used.map((placeId) => ({ vessel: filling.vesselIn({ paletteId: tin, placeId }), paintId: 'ochre' })),
          }),
        )
        return `painted from ${tin}`
      }
      case 12: {
        const live = this.book.deeds.filter((d) => !d.isStruck && d.deed.do === 'fill')
        const struck = this.#one(live)
        if (!struck) return 'nothing to strike out'
        expect(filling.correct(struck.id, null)).toBeUndefined()
        struck.isStruck = true
        return `struck out ${JSON.stringify(struck.deed)}`
      }
      case 13:
        return this.#order(today)
      default:
        return this.#settle(today)
    }
  }

  #order(today: string): string {
    const wanted = this.#one(PAINTS)
    const minor = 500 + 10 * this.pick(90)
    const offer: PlannedOffer = {
      shop: { id: 'quay', v: 1, name: 'Quay', day: today, currency: 'EUR', delivery: 490, offers: [] },
      offer: {
        id: `${this.book.orders.length}`,
        minor,
        holds: [{ maker: 'Skerry', name: wanted, pigments: [], millilitres: 15, kind: 'tube' }],
      },
      serves: [],
    }
    const { core } = this.hands.collection
    const before = new Set(core.table('items').keys())
    expect(this.hands.restock.buy([offer], today)).toBe(true)
    const [id] = [...core.table('items').keys()].filter((i) => !before.has(i))
    this.book.orders.push({ delivery: 490, lines: [{ tube: id!, minor, state: 'ordered' }] })
    return `ordered ${wanted}`
  }

  async #settle(today: string): Promise<string> {
    const at = this.pick(Math.max(1, this.book.orders.length))
    const line = this.book.orders[at]?.lines[0]
    if (!line) return 'nothing ordered'
    const next = {
      ordered: 'delivered',
      delivered: 'returned',
      returned: 'delivered',
      'never mind': 'ordered',
    } as const
    const state = next[line.state]
    const { collection, restock } = this.hands
    const purchase = collection.purchases.find((p) => p.lines[0]!.itemIds[0] === line.tube)!
    const asking = restock.settle(purchase, 0, state, today)
    // whatever is asked of pans that it filled: the paint stays
    useAsk().asked.value?.answer(false)
    expect(await asking).toBe(true)
    line.state = state
    const of = collection.core.get('items', line.tube)!.paintId
    if (!this.book.tubes.has(line.tube)) this.book.tubes.set(line.tube, { paint: of, ul: 15_000 })
    return `${line.tube} was ${state}`
  }

  /** The statements that hold after every act. */
  holds(after: string) {
    const { collection } = this.hands
    const { ledger } = collection.core
    const now = this.book.now()
    for (const [id, ul] of now.left) {
      const item = collection.core.get('items', id)!
      const said = balanceOf({ ...item, supply: 'open' }, ledger.account(id))
      expect(Math.round(said.left * 1000), `${after}: what is left in ${id}`).toBe(ul)
    }
    for (const tin of TINS) {
      const state = ledger.places(tin)
      for (const place of PLACES) {
        const own = ownVesselOf({ paletteId: tin, placeId: place })
        const at = state.get(place)
        const lies = at ? at.vesselId : own
        expect(lies, `${after}: the pan of ${tin} ${place}`).toBe(now.lies.get(`${tin}/${place}`))
        const portions = at?.content ? portionsOf(at.content) : []
        const sums = Object.fromEntries(portions.map((p) => [p.paintId, Math.round(p.millilitres * 1000)]))
        const pan = now.lies.get(`${tin}/${place}`)
        expect(sums, `${after}: what lies in ${tin} ${place}`).toEqual((pan && now.contents.get(pan)) ?? {})
      }
      const p = collection.palette(tin)!
      for (const place of PLACES) expect(planAt(p, place)?.paintId).toBe(this.book.plan.get(`${tin}/${place}`))
      const { toFill, out, other } = planAgainstPans(p, state)
      const ids = (list: readonly { placeId: string }[]) => list.map((l) => l.placeId)
      expect({ toFill: ids(toFill), out: ids(out), other: ids(other) }, `${after}: ${tin}`).toEqual(
        this.book.agreement(tin),
      )
      expect(ledger.sittingsOf(tin).length, `${after}: paintings`).toBe(now.paintings.get(tin) ?? 0)
    }
    expect([...ledger.looseVessels()].sort(), `${after}: loose pans`).toEqual(now.loose)
    const { purchases } = collection
    const items = [...collection.core.table('items').values()]
    const ordered = items.filter((i) => purchases.some((p) => p.lines.some((l) => l.itemIds.includes(i.id))))
    const { spendings } = spendingsOf({ items: ordered, purchases, paint: () => undefined })
    expect(
      spendings.reduce((sum, s) => sum + s.minor, 0),
      `${after}: what was spent`,
    ).toBe(this.book.paid())
    expect(purchases.reduce((sum, p) => sum + standingSum(p), 0)).toBe(this.book.paid())
    for (const { lines } of this.book.orders)
      for (const { tube: id, state } of lines) {
        const item = collection.core.get('items', id)!
        const isHere = state === 'delivered'
        expect(Boolean(collection.item(id) && !item.removed && item.supply !== 'on order'), `${after}: ${id}`).toBe(
          isHere,
        )
      }
  }
}
