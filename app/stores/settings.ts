import {
  added,
  COLUMNS,
  type PanMeasures,
  type PanSize,
  SETTINGS_ID,
  type SheetOfPaper,
  updated,
  type Settings,
} from '@juxtachrome/core/documents'
import { measuresOfPans } from '@juxtachrome/core/drawing'
import type { LearnedHeadings } from '@juxtachrome/core/formats'
import type { MoneyHabits } from '@juxtachrome/core/paints'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import * as z from 'zod/mini'
import { useCollection } from './collection'
import { kept } from './kept'
import { useUndo } from './undo'

/** The mark between units and parts where this person lives. */
const decimalMark = (): MoneyHabits['decimal'] =>
  new Intl.NumberFormat().formatToParts(1.5).find((p) => p.type === 'decimal')?.value === ',' ? ',' : '.'

/** What holds for the collection and goes with it to another device. */
export const useSettings = defineStore('settings', () => {
  const collection = useCollection()
  const undo = useUndo()
  /** Where earlier versions kept it: it holds until something is said for the collection. */
  const onDevice = {
    currency: kept('jx-currency', z.string().check(z.regex(/^[A-Z]{3}$/)), 'EUR'),
    headings: kept(
      'jx-headings',
      z.record(z.string(), z.enum(['', ...COLUMNS.map((c) => c.name)])),
      {} as LearnedHeadings,
    ),
  }

  function say(label: string, what: Partial<Settings>) {
    const before = collection.settings
    const after: Settings = { ...(before ?? { id: SETTINGS_ID, v: 1 }), ...what }
    undo.commit(label, [before ? updated('settings', before, after) : added('settings', after)])
  }

  const currency = computed({
    get: () => collection.settings?.currency ?? onDevice.currency.value,
    set: (next) => say(`set the currency to ${next}`, { currency: next }),
  })
  const headings = computed(
    (): LearnedHeadings => (collection.settings?.headings as LearnedHeadings | undefined) ?? onDevice.headings.value,
  )
  const pans = computed(() => measuresOfPans(collection.settings?.pans))
  return {
    currency,
    /** How large pans are, as entered or as usual. */
    pans,
    setPan: (size: PanSize, measures: PanMeasures) =>
      say(`set the size of a ${size}`, { pans: { ...collection.settings?.pans, [size]: measures } }),
    /** What swatches are painted on; bright white where nothing was said. */
    paper: computed(() => collection.settings?.paper),
    setPaper: (paper: SheetOfPaper | undefined) =>
      say(paper ? 'set the paper that swatches are painted on' : 'set the paper to bright white', { paper }),
    /** Which of white and black may enter mixtures; neither, unless somebody said so. */
    inMixtures: computed(() => collection.settings?.inMixtures ?? []),
    letIn(which: 'white' | 'black', may: boolean) {
      const others = (collection.settings?.inMixtures ?? []).filter((w) => w !== which)
      say(`${may ? 'let' : 'kept'} ${which} ${may ? 'into' : 'out of'} mixtures`, {
        inMixtures: may ? [...others, which] : others,
      })
    },
    money: computed<MoneyHabits>(() => ({ currency: currency.value, decimal: decimalMark() })),
    headings,
    /** Remembers what a heading of a table means. */
    learnHeading: (heading: string, field: string) =>
      say(`remembered what “${heading}” means in tables`, { headings: { ...headings.value, [heading]: field } }),
  }
})
