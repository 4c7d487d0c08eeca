import { beforeAll, describe, expect, it } from 'vitest'
import { assessPalette } from '../choosing/verdict/assess'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import type { Sitting } from '../ledger/sittings'
import { HOLDERS } from '../arranging/holders'
import { pigmentById } from '../pigments/reference'
import { paintOfPigment } from '../standins/sought'
import { toTheEnd } from '../steps'
import { projectUse } from './projectUse'
import type { Proposal } from './proposal'
import { changed, proposeSwaps } from './proposeSwaps'
import { reviewPalette } from './reviewPalette'

const of = (id: string): Paint => ({ ...paintOfPigment(pigmentById(id)!), id: id.replace(/[ :]/g, '-') })
const IDS = ['PY175', 'PY74', 'PR254', 'PV19 rose', 'PB29', 'PB15:3', 'PY42', 'PG7', 'PO71', 'PB60']
const paints = IDS.map(of)
const holder = HOLDERS.find((h) => h.places.length === 8)!
const planned = ['PY175', 'PY74', 'PR254', 'PV19-rose', 'PB29', 'PB15-3', 'PY42', 'PG7']
const palette: Palette = {
  id: 'tin',
  v: 1,
  name: 'Tin',
  use: 'travel',
  purpose: '',
  holder,
  plan: Object.fromEntries(holder.places.map(({ id }, i) => [id, { paintId: planned[i]! }])),
}
const placeOf = (paintId: string) => holder.places[planned.indexOf(paintId)]!.id
const sittings = Array.from({ length: 8 }, (_, i): Sitting => ({
  entryId: `s${i}`,
  recorded: '',
  corrected: false,
  event: {
    kind: 'sitting',
    day: `2026-05-0${i + 1}`,
    paletteId: 'tin',
    words: '',
    used: planned.filter((p) => p !== 'PY74' && p !== 'PG7').map((paintId) => ({ vessel: { vesselId: 'x' }, paintId })),
    wished: [{ words: 'the blue for rock', paintId: 'PB60' }],
  },
}))
// the records of filling begin with the season
const state = new Map(
  holder.places.map(({ id }, i) => [
    id,
    {
      vesselId: `tin/${id}`,
      content: {
        dryFrom: '2026-04-05',
        layers: [{ entryId: id, itemId: 't', paintId: planned[i]!, day: '2026-04-01', millilitres: 1, dryingDays: 2 }],
      },
      stays: [],
    },
  ]),
)
const question = (of: Palette = palette) => ({
  palette: of,
  paints,
  complete: true,
  today: '2026-06-01',
  review: reviewPalette({ palette: of, state, sittings, today: '2026-06-01' }),
})
const propose = (of?: Palette, more = {}): Proposal[] => {
  const answer = toTheEnd(proposeSwaps({ ...question(of), ...more }))
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value
}
let found: Proposal[]
beforeAll(() => {
  found = propose()
}, 60_000)

describe('what use speaks for', () => {
  it('takes out what is never touched, puts in what was wished for, and says what speaks for both', () => {
    expect(found[0]!.in!.paintId).toBe('PB60')
    expect(found[0]!.in!.why[0]).toEqual({ kind: 'wished', times: 8 })
    expect(['PY74', 'PG7']).toContain(found[0]!.out!.paintId)
    expect(found[0]!.out).toMatchObject({ times: 0, of: 8 })
    expect(found.every((p) => !p.out || ['PY74', 'PG7'].includes(p.out.paintId))).toBe(true)
    expect(new Set(found.map((p) => p.key)).size).toBe(found.length)
  })
  it('what it gains and loses is what the verdict says of the palette as it would be', () => {
    const { out, in: incoming, reach } = found[0]!
    const assess = (of: Palette) => {
      const whole = toTheEnd(assessPalette({ palette: of, paints, complete: true }))
      if (!whole.ok) throw new Error(whole.error.message)
      return whole.value.reach
    }
    expect(reach!.before).toEqual(assess(palette))
    const next = changed(palette, out!.paintId, incoming)
    expect(reach!.after).toEqual(assess(next))
    expect(next.plan[out!.placeId]).toEqual({ paintId: 'PB60' })
  })
  it('leaves alone what is locked, what must be in, and what was refused; what was put off comes again on its day', () => {
    const first = found[0]!
    const locked = {
      ...palette,
      plan: { ...palette.plan, [placeOf('PY74')]: { paintId: 'PY74', locked: true } },
      brief: { mustIn: ['PG7'] },
    }
    expect(propose(locked).every((p) => p.out === undefined)).toBe(true)
    const answered = (said: 'refused' | 'later', until?: string) => ({
      ...palette,
      answered: [{ key: first.key, said, ...(until ? { until } : {}) }],
    })
    expect(propose(answered('refused')).map((p) => p.key)).not.toContain(first.key)
    expect(propose(answered('later', '2026-07-01')).map((p) => p.key)).not.toContain(first.key)
    expect(propose(answered('later', '2026-06-01')).map((p) => p.key)).toContain(first.key)
  }, 60_000)
  it('knows what serves on other palettes, and proposes nothing of which there is no tube', () => {
    const elsewhere = [
      projectUse(
        sittings.map((s) => ({ ...s, event: { ...s.event, used: [{ vessel: { vesselId: 'y' }, paintId: 'PO71' }] } })),
      ),
    ]
    const why = propose(palette, { elsewhere }).find((p) => p.in?.paintId === 'PO71')!.in!.why
    expect(why).toContainEqual({ kind: 'elsewhere', times: 8, palettes: 1 })
    expect(propose(palette, { isAtHand: () => false }).every((p) => p.in === undefined)).toBe(true)
  }, 60_000)
  it('without a painting there is nothing to speak of', () => {
    const review = reviewPalette({ palette, state, sittings: [], today: '2026-06-01' })
    expect(toTheEnd(proposeSwaps({ ...question(), review }))).toMatchObject({
      ok: false,
      error: { code: 'nothing-painted' },
    })
  })
})
