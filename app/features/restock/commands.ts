import type { Problem } from '@juxtachrome/core/result'
import {
  added,
  type Budget,
  type Change,
  type NeedAnswer,
  type Purchase,
  type PurchaseState,
  removed,
  type Shop,
  updated,
  isPlace,
  type JournalEntry,
  ownVesselOf,
  type VesselRef,
} from '@juxtachrome/core/documents'
import { recordEvent } from '@juxtachrome/core/filling'
import { answerNeed, type Need, placeOrder, type PlannedOffer, settleLine } from '@juxtachrome/core/restocking'
import { parsePigmentCodes } from '@juxtachrome/core/pigments'
import { keyOfWish, paintOfWish } from '@juxtachrome/core/using'
import { counted, dayOf } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { nanoid } from 'nanoid'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { stamp, useUndo } from '~/stores/undo'
import { useAsk } from '~/shared/ui/useAsk'
import { listed } from '~/shared/words/figures'
import { useNaming } from '~/shared/words/naming'

const STATE_WORDS: Record<PurchaseState, string> = {
  ordered: 'ordered again',
  delivered: 'delivered',
  returned: 'returned',
  'never mind': 'never mind',
}

/** What a person does about buying: answers needs, keeps shops and a budget, orders, and says what became of it. */
export function useRestockCommands() {
  const collection = useCollection()
  const undo = useUndo()
  const notices = useNotices()

  const name = useNaming()
  const { ask } = useAsk()

  /** The pans and wells in which paint from these items lies now. */
  function liesIn(itemIds: readonly string[]): VesselRef[] {
    const ids = new Set(itemIds)
    const { whole } = collection.ledger
    const vessels = itemIds.flatMap((id) =>
      whole.account(id).events.flatMap(({ event }) => {
        if (event.kind !== 'fill') return []
        const { vessel } = event
        const vesselId = isPlace(vessel)
          ? (whole.places(vessel.paletteId).get(vessel.placeId)?.vesselId ?? ownVesselOf(vessel))
          : vessel.vesselId
        return whole.vessel(vesselId).content?.layers.some((l) => ids.has(l.itemId)) ? [vesselId] : []
      }),
    )
    return [...new Set(vessels)].map((vesselId) => ({ vesselId }))
  }

  const answerOf = (key: string) => collection.needs.find((a) => a.key === key)
  /** What is known of an answer with something said anew. */
  const saying = (need: Pick<Need, 'key' | 'name' | 'pigments'>, said: Partial<NeedAnswer>, day: string): Change =>
    answerNeed(answerOf(need.key), need, said, { day, newId: () => nanoid(12) })

  return {
    answer(need: Need, said: NeedAnswer['said'], day: string, until?: string): boolean {
      const words = { accepted: 'accepted', refused: 'refused', later: 'put off' }[said]
      const ranked = collection.needs.flatMap((a) => (a.said === 'accepted' ? (a.rank ?? []) : []))
      const rank = said === 'accepted' && ranked.length ? { rank: Math.max(...ranked) + 1 } : {}
      return undo.commit(`${words} the need of ${need.name}`, [
        saying(need, { said, ...rank, ...(until ? { until } : {}) }, day),
      ]).ok
    },
    /** Takes an answer back: the need is open again. */
    reopen(need: Need): boolean {
      const before = answerOf(need.key)
      return before ? undo.commit(`opened the need of ${need.name} again`, [removed('needs', before)]).ok : false
    },
    anyMaker: (need: Need, anyMaker: boolean, day: string): boolean =>
      undo.commit(`${anyMaker ? 'any maker will do' : 'only this maker'} for ${need.name}`, [
        saying(need, { said: need.said ?? 'accepted', anyMaker }, day),
      ]).ok,
    /** Which pigments a need of words means: with these it is looked for at shops. */
    meaning: (need: Need, pigments: string[], day: string): boolean =>
      undo.commit(`${need.name} means ${pigments.join(' ') || 'no code'}`, [
        saying(need, { said: need.said ?? 'accepted', pigments, means: pigments.length > 0 }, day),
      ]).ok,
    /** Writes a need down by hand. */
    addOwn(words: string, day: string): boolean {
      const name = words.trim().slice(0, 160)
      const known = paintOfWish(name, collection.paints)
      const codes = parsePigmentCodes(name).codes.map((c) => c.code)
      const isCode = codes.length === 1 && codes[0]!.toLowerCase() === name.toLowerCase()
      const key = known ? `paint:${known.id}` : isCode ? `code:${codes[0]!}` : keyOfWish(name)
      return undo.commit(`wrote down the need of ${name}`, [
        saying({ key, name, pigments: known?.pigments ?? codes }, { said: 'accepted', own: true }, day),
      ]).ok
    },
    /** The accepted needs in the order given. */
    order(needs: readonly Need[], moved: string, day: string): boolean {
      return undo.commit(
        `moved ${moved} in the order of needs`,
        needs.map((need, rank) => saying(need, { said: 'accepted', rank }, day)),
      ).ok
    },
    /** Keeps a shop's list in the place of its earlier one. Answers what stands in the way, if anything. */
    keepShop(shop: Pick<Shop, 'name' | 'day' | 'currency' | 'offers'> & Partial<Shop>): Problem | undefined {
      const before = collection.shops.find((s) => s.name === shop.name)
      const after: Shop = { ...(before ?? {}), ...shop, id: before?.id ?? nanoid(12), v: 1 }
      const kept = undo.commit(`took over the prices of ${shop.name}`, [
        before ? updated('shops', before, after) : added('shops', after),
      ])
      return kept.ok ? undefined : kept.error
    },
    termsOf(shop: Shop, terms: Pick<Shop, 'delivery' | 'freeFrom'>): boolean {
      const { delivery: _was, freeFrom: _free, ...rest } = shop
      return undo.commit(`changed the terms of ${shop.name}`, [updated('shops', shop, { ...rest, ...terms })]).ok
    },
    removeShop: (shop: Shop): boolean => undo.commit(`removed the prices of ${shop.name}`, [removed('shops', shop)]).ok,
    setBudget(budget: Budget): Problem | undefined {
      const before = collection.budget
      const kept = undo.commit('changed the budget', [
        before ? updated('budgets', before, budget) : added('budgets', budget),
      ])
      return kept.ok ? undefined : kept.error
    },
    /** Orders offers, one purchase for each shop. */
    buy(offers: readonly PlannedOffer[], day: string): boolean {
      const changes: Change[] = []
      for (const shopId of new Set(offers.map((o) => o.shop.id))) {
        const own = offers.filter((o) => o.shop.id === shopId)
        const fresh = changes.flatMap((c) => (c.kind === 'paints' && c.after ? [c.after] : []))
        const order = placeOrder({
          offers: own,
          paints: [...collection.paints, ...fresh],
          day,
          newId: () => nanoid(12),
        })
        if (!order.ok) {
          notices.trouble(order.error.message)
          return false
        }
        changes.push(...order.value.changes)
      }
      return undo.commit(`ordered ${counted(offers.length, 'thing')}`, changes).ok
    },
    /** What was sent back and lies in pans is asked for: whether it was cleaned out, or stays there. */
    async settle(purchase: Purchase, index: number, state: PurchaseState, day: string): Promise<boolean> {
      const line = purchase.lines[index]
      if (day > dayOf(new Date())) {
        notices.trouble(`${dayInWords(day)} is still to come: only what was done is recorded.`)
        return false
      }
      const changes = settleLine(purchase, index, state, (id) => collection.core.get('items', id), day)
      const cleaned: JournalEntry[] = []
      const lies = state === 'returned' ? liesIn(line!.itemIds) : []
      if (lies.length) {
        const where = listed(lies.map((ref) => name.vessel(ref)))
        const isCleaned = await ask({
          title: 'Sent back, and in a pan',
          text: `${line!.words} was filled into ${where}. It is not at hand any more. What of the paint in ${lies.length === 1 ? 'the pan' : 'the pans'}?`,
          yes: 'It was cleaned out',
          no: 'It stays there',
        })
        for (const vessel of isCleaned ? lies : []) {
          const entry = recordEvent({ kind: 'clean', day, vessel }, stamp())
          if (entry.ok) cleaned.push(entry.value)
        }
      }
      return changes.length > 0 && undo.commit(`${line!.words}: ${STATE_WORDS[state]}`, changes, cleaned).ok
    },
  }
}
