import type { Palette, Place } from '@juxtachrome/core/documents'
import {
  type Climate,
  type ClimateName,
  CLIMATES,
  dryingLearned,
  dryingDays,
  planFilling,
  type Practice,
  practiceOf,
} from '@juxtachrome/core/filling'
import * as z from 'zod/mini'
import { computed } from 'vue'
import { useBalances } from '~/shared/items/useBalances'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import { kept } from '~/stores/kept'

const Asked = z.object({
  layers: z.enum(['whole', 'thirds']),
  order: z.enum(['light first', 'along the tray']),
  topUp: z.boolean(),
  climate: z.enum(['arid', 'temperate', 'humid', 'as typed']),
  temperature: z.number().check(z.gte(-10), z.lte(45)),
  humidity: z.number().check(z.gte(0), z.lte(100)),
})
export type AskedOfFilling = z.infer<typeof Asked>
const AT_FIRST: AskedOfFilling = {
  layers: 'whole',
  order: 'light first',
  topUp: false,
  climate: 'temperate',
  temperature: 18,
  humidity: 70,
}
const Days = z.record(z.string(), z.string().check(z.maxLength(10)))
const Own = z.record(z.string(), z.number())
const Chosen = z.record(z.string(), z.string())

/** What one's own numbers of filling are; kept on this device. */
export function usePractice() {
  const own = kept('jx-practice', Own, {})
  const practice = computed<Practice>(() => practiceOf(own.value))
  return { own, practice }
}

/** In which air it dries, by which numbers, and how one's own fillings dried before. */
export function useDrying() {
  const collection = useCollection()
  const asked = kept('jx-filling', Asked, AT_FIRST)
  const { practice } = usePractice()
  const climate = computed<Climate>(() => {
    const { climate: name, temperature, humidity } = asked.value
    return name === 'as typed' ? { temperature, humidity } : CLIMATES[name as ClimateName]
  })
  const learned = computed(() => dryingLearned(collection.ledger.whole.foundDry()))
  const question = computed(() => ({ climate: climate.value, practice: practice.value, learned: learned.value }))
  /** Whole days until so much of a paint is likely dry there; `onto`: ml that lie there wet. */
  const daysToDry = (place: Place, millilitres: number, paintId?: string, onto = 0): number =>
    dryingDays(place, millilitres, {
      ...question.value,
      onto,
      ...(paintId ? { paintId } : {}),
      binder: collection.paint(paintId)?.binder,
    })
  return { asked, practice, climate, learned, question, daysToDry }
}

/** The plan of filling of a palette, for what is asked of it; both are kept on this device. */
export function useFillingPlan(palette: () => Palette) {
  const collection = useCollection()
  const { left } = useBalances()
  const today = useToday()
  const { asked, practice, climate, learned } = useDrying()
  const days = kept('jx-ready-by', Days, {})
  const readyBy = computed({
    get: () => days.value[palette().id] ?? '',
    set: (day) => (days.value = { ...days.value, [palette().id]: day }),
  })
  const chosen = kept('jx-fill-from', Chosen, {})
  const keyOf = (placeId: string) => `${palette().id}/${placeId}`
  /** The tube or pan that was chosen for a place, if one was. */
  const from = (placeId: string): string | undefined => chosen.value[keyOf(placeId)]
  const chooseFrom = (placeId: string, itemId: string) => (chosen.value = { ...chosen.value, [keyOf(placeId)]: itemId })
  const plan = computed(() =>
    planFilling({
      palette: palette(),
      state: collection.ledger.places(palette().id),
      paint: collection.paint,
      stock: { itemsOf: collection.itemsOf, left },
      today: today.value,
      ...(readyBy.value ? { readyBy: readyBy.value } : {}),
      layers: asked.value.layers,
      order: asked.value.order,
      topUp: asked.value.topUp,
      climate: climate.value,
      practice: practice.value,
      learned: learned.value,
      from,
    }),
  )
  const ask = (change: Partial<AskedOfFilling>) => (asked.value = { ...asked.value, ...change })
  return { asked, ask, readyBy, plan, learned, practice, today, from, chooseFrom }
}
export type FillingPlanned = ReturnType<typeof useFillingPlan>
