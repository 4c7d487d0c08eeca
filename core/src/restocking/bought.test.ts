import { needState, type Need } from './need'
import { describe, expect, it } from 'vitest'
import type { NeedAnswer } from '../documents/need'
import type { Purchase, PurchaseState } from '../documents/purchase'
import { tinWith } from '../documents/tin.fixture'
import { NO_ACCOUNT } from '../ledger/items'
import { projectUse } from '../using/projectUse'
import { gatherNeeds, type GatherQuestion } from './gatherNeeds'
import { matchOf } from './offers'
import { placeOrder } from './orders'
import { held, need, paint, shop, single, TODAY, tube } from './restocking.fixture'

// what an artist would say, before it was run: what came is not bought again; it is asked for again only when it is used
// up, wished for or written down anew; and a raw sienna is no darker brown though both are PBr7 (common practice, no source)
describe('what was bought for a need', () => {
  const accepted = (key: string, more: Partial<NeedAnswer> = {}): NeedAnswer => ({
    id: key,
    v: 1,
    key,
    said: 'accepted',
    day: '2026-05-01',
    ...more,
  })
  const wish = (words: string, day: string) => ({
    entryId: `${words}${day}`,
    recorded: '',
    corrected: false,
    event: {
      kind: 'sitting' as const,
      day,
      paletteId: 'tin',
      words: '',
      used: [],
      wished: [{ words }],
    },
  })
  const paints = [paint('i', 'Indanthrone blue', ['PB60'])]
  const order = (state: PurchaseState, serves?: string[]): Purchase => ({
    id: 'o',
    v: 1,
    shop: 'Harbour',
    day: '2026-05-10',
    currency: 'EUR',
    lines: [
      {
        words: 'Indanthrone blue',
        minor: 900,
        itemIds: ['t'],
        state,
        day: '2026-05-14',
        ...(serves ? { serves } : {}),
      },
    ],
  })
  const gather = (more: Partial<GatherQuestion> = {}) =>
    gatherNeeds({
      paints,
      itemsOf: (id) => (id === 'i' ? [tube('t', 'i', { supply: 'sealed' })] : []),
      account: () => NO_ACCOUNT,
      palettes: [tinWith({ A1: { reserved: 'a darker brown' } })],
      uses: [projectUse([wish('PB60', '2026-04-20')])],
      answers: [accepted('code:PB60'), accepted('words:a darker brown')],
      today: TODAY,
      ...more,
    })
  const keys = (more: Partial<GatherQuestion>) => gather(more).map((n) => n.key)

  it('ordered it says so, came it is served, sent back it is needed as before', () => {
    const blue = (state: PurchaseState) =>
      gather({ purchases: [order(state, ['code:PB60'])] }).find((n) => n.key === 'code:PB60')
    expect(blue('ordered')?.onOrder).toBe(1)
    expect(keys({ purchases: [order('delivered', ['code:PB60'])] })).toEqual(['words:a darker brown'])
    for (const state of ['returned', 'never mind'] as const) expect(blue(state)?.onOrder).toBe(0)
    // a place that is kept for what came is no reason to buy it twice
    const both = order('delivered', ['code:PB60', 'words:a darker brown'])
    expect(keys({ purchases: [both] })).toEqual([])
  })

  it('an order of before, which does not say what it was for, is known by what it holds', () => {
    expect(keys({ purchases: [order('delivered')] })).toEqual(['words:a darker brown'])
  })

  it('it comes back for a newer reason, and is asked anew', () => {
    const purchases = [order('delivered', ['code:PB60'])]
    const again = gather({ purchases, uses: [projectUse([wish('PB60', '2026-05-20')])] })
    expect(again.map((n) => [n.key, n.said])).toEqual([
      ['words:a darker brown', 'accepted'],
      ['code:PB60', undefined],
    ])
    const written = [accepted('code:PB60', { own: true, day: '2026-05-20' })]
    expect(gather({ purchases, answers: written }).find((n) => n.key === 'code:PB60')?.said).toBe('accepted')
    // used up: of the paint that is owned now
    const empty = gather({
      purchases,
      itemsOf: (id) => (id === 'i' ? [tube('t', 'i', { supply: 'empty' })] : []),
      palettes: [tinWith({ A1: { paintId: 'i' } })],
      answers: [],
    })
    expect(empty.map((n) => n.key)).toContain('paint:i')
  })

  it('an order keeps what it is for', () => {
    const from = shop('Harbour', [single('1', 900, held('Indanthrone blue', ['PB60']))])
    const placed = placeOrder({
      offers: [{ shop: from, offer: from.offers[0]!, serves: [{ key: 'code:PB60', match: 'the same' }] }],
      paints,
      day: TODAY,
      newId: () => `n${Math.random()}`,
    })
    expect(placed.ok && placed.value.purchase.lines[0]!.serves).toEqual(['code:PB60'])
  })

  it('of one code the name decides, unless any will do', () => {
    const brown = need('words:a darker brown', { name: 'a darker brown', pigments: ['PBr7'], anyMaker: true })
    expect(matchOf(brown, held('Raw sienna', ['PBr7']))).toBeUndefined()
    expect(matchOf(brown, held('Vandyke brown', ['PBr7']))).toBe('the same')
    const any = { ...brown, answer: accepted(brown.key, { means: true, pigments: ['PBr7'] }) }
    expect(matchOf(any, held('Raw sienna', ['PBr7']))).toBe('the same')
    const code = need('code:PB60', { name: 'Indanthrone, PB60', pigments: ['PB60'] })
    expect(matchOf(code, held('Faience blue', ['PB60']))).toBe('the same')
  })
})

it('a need says how far it is: gathered and accepted ones alike', () => {
  const of = (more: Partial<Need> = {}) => ({ key: 'k', onOrder: 0, ...more }) as Need
  const planned = new Set(['k'])
  const none = new Set<string>()
  for (const said of [undefined, 'accepted'] as const) {
    const own = said ? { said } : {}
    expect(needState(of(own), none)).toBe('wanted')
    expect(needState(of(own), planned)).toBe('planned')
    expect(needState(of({ ...own, onOrder: 1 }), planned)).toBe('ordered')
    expect(needState(of({ ...own, came: '2026-05-01' }), none)).toBe('wanted again')
  }
  expect(needState(of({ said: 'refused', onOrder: 1 }), planned)).toBe('refused')
  expect(needState(of({ said: 'later' }), planned)).toBe('put off')
})
