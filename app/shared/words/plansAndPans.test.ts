import { planAgainstPans } from '@juxtachrome/core/filling'
import { Ledger } from '@juxtachrome/core/ledger'
import { expect, it } from 'vitest'
import { tinWith } from '../../../core/src/documents/tin.fixture'
import { plansAndPansInWords } from './plansAndPans'

const fill = (placeId: string, paintId: string) => ({
  id: `${placeId}${paintId}`,
  v: 2 as const,
  recorded: '2026-05-01T08:00:00.000Z',
  type: 'event' as const,
  event: {
    kind: 'fill' as const,
    day: '2026-05-01',
    vessel: { paletteId: 'tin', placeId },
    itemId: `t${paintId}`,
    paintId,
    millilitres: 1,
    dryingDays: 3,
  },
})

// what was wrong: other paint in two planned places was “everything lies in it” and “to be filled” at once
it('what lies in the place of another paint is neither filled as planned nor to be filled', () => {
  const palette = tinWith({ A1: { paintId: 'rose' }, A2: { paintId: 'blue' }, A3: { paintId: 'ochre' } })
  const words = (...filled: ReturnType<typeof fill>[]) =>
    plansAndPansInWords(planAgainstPans(palette, new Ledger(filled).places('tin')), (id) => id)
  expect(words()).toBe('To be filled: A1, A2 and A3.')
  expect(words(fill('A1', 'rose'), fill('A2', 'sienna'))).toBe(
    'To be filled: A3. Another paint than planned lies in A2 (sienna, planned blue).',
  )
  expect(words(fill('A1', 'rose'), fill('A2', 'blue'), fill('A3', 'ochre'), fill('A4', 'gold'))).toBe(
    'Every planned place holds its paint.',
  )
})
