import { expect, it } from 'vitest'
import type { FadeTest } from '../documents/fadeTest'
import { fadeProgress } from './fadeLooks'

const test = (more: Partial<FadeTest> = {}): FadeTest => ({
  id: 'f',
  v: 1,
  day: '2026-01-01',
  paintIds: ['p'],
  looks: [],
  ...more,
})
const look = (day: string) => ({ day, faded: 'no change' as const })

it('is looked at after one, three, six and twelve months; a look answers what was due until then', () => {
  expect(fadeProgress(test(), '2026-01-20')).toEqual({ next: '2026-01-31', isDue: false })
  expect(fadeProgress(test(), '2026-02-05')).toEqual({ next: '2026-01-31', isDue: true })
  expect(fadeProgress(test({ looks: [look('2026-02-05')] }), '2026-02-05')).toEqual({
    next: '2026-04-02',
    isDue: false,
  })
  // who looks late has answered both
  expect(fadeProgress(test({ looks: [look('2026-05-01')] }), '2026-05-01')).toEqual({
    next: '2026-07-02',
    isDue: false,
  })
  expect(fadeProgress(test({ looks: [look('2027-01-05')] }), '2027-02-01')).toEqual({ isDue: false })
  expect(fadeProgress(test({ ended: '2026-03-01' }), '2026-06-01')).toEqual({ isDue: false })
})
