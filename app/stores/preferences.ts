import { COLUMNS } from '@juxtachrome/core/documents'
import type { LearnedHeadings } from '@juxtachrome/core/formats'
import type { MoneyHabits } from '@juxtachrome/core/paints'
import { usePreferredDark } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, watchEffect } from 'vue'
import * as z from 'zod/mini'
import { kept } from './kept'

/** The mark between units and parts where this person lives. */
const decimalMark = (): MoneyHabits['decimal'] =>
  new Intl.NumberFormat().formatToParts(1.5).find((p) => p.type === 'decimal')?.value === ',' ? ',' : '.'

/** How this person likes to look at things; kept on this device, not in the collection. */
export const usePreferences = defineStore('preferences', () => {
  const theme = kept('jx-theme', z.enum(['system', 'light', 'dark']), 'system')
  const ground = kept('jx-ground', z.enum(['paper', 'grey']), 'paper')
  const mirrored = kept('jx-mirrored', z.boolean(), false)
  const currency = kept('jx-currency', z.string().check(z.regex(/^[A-Z]{3}$/)), 'EUR')
  /** Whether what the whole collection mixes is worked out by itself; on a slow machine it may wait to be asked. */
  const reckon = kept('jx-reckon', z.enum(['by itself', 'when asked']), 'by itself')
  /** Headings of tables that were given a meaning by hand. */
  const headings = kept(
    'jx-headings',
    z.record(z.string(), z.enum(['', ...COLUMNS.map((c) => c.name)])),
    {} as LearnedHeadings,
  )
  const money = computed<MoneyHabits>(() => ({ currency: currency.value, decimal: decimalMark() }))
  const prefersDark = usePreferredDark()
  const dark = computed(() => theme.value === 'dark' || (theme.value === 'system' && prefersDark.value))

  watchEffect(() => {
    document.documentElement.classList.toggle('dark', dark.value)
    document.documentElement.dataset.ground = ground.value
  })

  return { theme, ground, mirrored, currency, reckon, headings, money, dark }
})
