import { rankCall } from '@juxtachrome/core'
import { supplyOf } from '@juxtachrome/core/order'
import { describe, expect, it } from 'vitest'
import { callOf, CALLS } from '../../core/tests/judgement/calls'
import { buildDemo } from './build'

const { paints, items } = buildDemo('2026-06-01')
const evidence = (id: string) => {
  const own = items.filter((i) => i.paintId === id)
  return { items: own.length, palettes: 0, supply: supplyOf(own) }
}

describe('the first answer to a call, out of the demo (common practice, no source; docs/judgement.md)', () => {
  it.each(CALLS)('$words', ({ words, demo }) => {
    const first = rankCall(callOf(words), paints, { planned: [], evidence })[0]!
    const name = paints.find((p) => p.id === first.paintId)!.name
    expect(
      demo.some((d) => name.startsWith(d)),
      name,
    ).toBe(true)
  })
})
