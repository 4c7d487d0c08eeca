import { describe, expect, it } from 'vitest'
import type { NeedAnswer } from '../documents/need'
import { NO_ACCOUNT } from '../ledger/items'
import { projectUse } from '../using/projectUse'
import { closersOf } from './closers'
import { gatherNeeds, type GatherQuestion } from './gatherNeeds'
import type { Need } from './need'
import { TODAY, paint, tube } from './restocking.fixture'
import { tinWith } from '../documents/tin.fixture'

describe('needs', () => {
  const paints = [
    paint('v', 'Viridian', ['PG18']),
    paint('o', 'Yellow ochre', ['PY42']),
    paint('c', 'Cobalt violet', ['PV14']),
  ]
  const items = new Map([
    ['v', [tube('t1', 'v', { supply: 'empty' })]],
    ['o', [tube('t2', 'o')]],
    ['c', [tube('t3', 'c')]],
  ])
  const sitting = (paintId: string, wished: string[] = []) => ({
    entryId: `${paintId}${wished.join()}`,
    recorded: '',
    corrected: false,
    event: {
      kind: 'sitting' as const,
      day: '2026-05-20',
      paletteId: 'tin',
      words: '',
      used: [{ vessel: { paletteId: 'tin', placeId: 'A1' }, paintId }],
      wished: wished.map((words) => ({ words })),
    },
  })
  const gather = (more: Partial<GatherQuestion> = {}) =>
    gatherNeeds({
      paints,
      itemsOf: (id) => items.get(id) ?? [],
      account: () => NO_ACCOUNT,
      palettes: [
        tinWith({
          A1: { paintId: 'v' },
          A2: { reserved: 'a darker brown, for kelp' },
          A3: { paintId: 'o', standsFor: { words: 'Raw sienna' } },
        }),
      ],
      uses: [projectUse([sitting('v', ['PB60', 'A darker brown']), sitting('v', ['PB60'])])],
      answers: [],
      today: TODAY,
      ...more,
    })
  const named = (needs: Need[]) => needs.map((n) => [n.key, n.reasons.map((r) => r.kind).join()])

  it('come from what is empty and used, places kept, stand-ins and wishes; one need for one thing', () => {
    expect(named(gather())).toEqual([
      ['paint:v', 'empty'],
      ['words:a darker brown', 'reserved,wished'],
      ['code:PB60', 'wished'],
      ['words:raw sienna', 'stand-in'],
    ])
    expect(gather()[2]!.reasons).toMatchObject([{ kind: 'wished', times: 2 }])
  })
  it('a paint that is full, or never used, is none; one that is on order says so', () => {
    items.set('v', [tube('t1', 'v', { supply: 'empty' }), tube('t4', 'v', { supply: 'on order' })])
    expect(gather()[0]).toMatchObject({ key: 'paint:v', onOrder: 1 })
    expect(named(gather({ uses: [], palettes: [] }))).toEqual([])
    items.set('v', [tube('t1', 'v', { supply: 'empty' })])
  })
  it('what a paint’s name stands in is that paint, and is no need while there is enough of it', () => {
    const kept = [tinWith({ A1: { reserved: 'cobalt violet, once a fresh tube is here' } })]
    expect(named(gather({ palettes: kept, uses: [] }))).toEqual([])
    const accepted: NeedAnswer = { id: 'n', v: 1, key: 'paint:c', said: 'accepted', day: TODAY }
    expect(named(gather({ palettes: kept, uses: [], answers: [accepted] }))).toEqual([['paint:c', 'reserved']])
  })
  it('what was said holds: accepted in its order first, put off until its day, refused last', () => {
    const answer = (key: string, said: NeedAnswer['said'], more: Partial<NeedAnswer> = {}): NeedAnswer => ({
      id: key,
      v: 1,
      key,
      said,
      day: TODAY,
      ...more,
    })
    const answers = [
      answer('words:raw sienna', 'accepted', { rank: 1 }),
      answer('code:PB60', 'accepted', { rank: 0 }),
      answer('paint:v', 'refused'),
      answer('words:a darker brown', 'later', { until: '2026-07-01' }),
    ]
    expect(gather({ answers }).map((n) => [n.key, n.said])).toEqual([
      ['code:PB60', 'accepted'],
      ['words:raw sienna', 'accepted'],
      ['words:a darker brown', 'later'],
      ['paint:v', 'refused'],
    ])
    expect(gather({ answers, today: '2026-07-01' }).find((n) => n.key === 'words:a darker brown')!.said).toBeUndefined()
  })
  it('a gap that nothing owned closes asks for a lightfast pigment that does', () => {
    const [need] = gather({ palettes: [], uses: [], gaps: [{ paletteId: 'tin', gap: 'deep dark' }] })
    expect(need!.key).toMatch(/^code:P/)
    for (const kind of ['cool yellow', 'warm red', 'clean violet', 'earth', 'something that granulates'] as const)
      expect(closersOf(kind).length).toBeGreaterThan(0)
  })
})
