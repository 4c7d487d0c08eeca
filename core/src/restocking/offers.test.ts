import { describe, expect, it } from 'vitest'
import { judgeOffers, matchOf, setAgainstOwned } from './offers'
import { startOf } from './periods'
import { preparePurchases } from './purchaseProblem'
import { planPurchases } from './planPurchases'
import { compareSizes, sizesToChoose } from './sizes'
import { TODAY, paint, held, single, shop, need } from './restocking.fixture'

describe('offers', () => {
  it('answer a need by maker and name, or by pigments where any maker will do', () => {
    const wanted = need('paint:v', { paintId: 'v', name: 'Viridian', maker: 'Skerry', pigments: ['PG18'] })
    expect(matchOf(wanted, held(' viridian', ['PG18']))).toBe('the same')
    expect(matchOf(wanted, held('Viridian', ['PG18'], 5, 'Tern'))).toBeUndefined()
    expect(matchOf({ ...wanted, anyMaker: true }, held('Viridian', ['PG18'], 5, 'Tern'))).toBe('same pigments')
    expect(matchOf(need('code:PB60', { pigments: ['PB60'] }), held('Indanthrone', ['PB60']))).toBe('the same')
    expect(matchOf(need('words:x', { name: 'Kelp brown' }), held('kelp brown'))).toBe('the same')
    expect(matchOf(need('words:x', { name: 'a brown' }), held('Brown'))).toBeUndefined()
  })
  it('sold out, unpriced and absurd ones are told apart', () => {
    const ten = Array.from({ length: 10 }, (_, i) => single(`s${i}`, 600, held(`p${i}`)))
    const odd = [
      single('dear', 90_000, held('x')),
      single('none', undefined, held('y')),
      single('zero', 0, held('z')),
      single('out', 600, held('w'), { isSoldOut: true }),
    ]
    const judge = judgeOffers({ offers: [...ten, ...odd] })
    expect(odd.map(judge)).toEqual(['absurd price', 'no price', 'no price', 'sold out'])
    expect(ten.every((o) => judge(o) === undefined)).toBe(true)
  })
  it('an absurd price is questioned in a list of few lines, too; what is dear is not', () => {
    const few = [
      single('a', 1290, held('x', [], 14)),
      single('slip', 125_000, held('y', [], 14)),
      single('dear', 9000, held('lapis', [], 5)),
    ]
    expect(few.map(judgeOffers({ offers: few, currency: 'EUR' }))).toEqual([undefined, 'absurd price', undefined])
    // of a currency whose unit is small nothing is known
    expect(few.map(judgeOffers({ offers: few, currency: 'JPY' }))).toEqual([undefined, undefined, undefined])
  })
  it('what is owned by another maker is of the same pigment, never new', () => {
    const owned = [paint('b', 'French ultramarine', ['PB29'], 'Halvard & Roe')]
    const worth = setAgainstOwned([held('Ultramarine', ['PB29'], 5, 'Tern'), held('Rose', ['PV19'])], owned, 2000)
    expect(worth).toMatchObject({ owned: [], alike: [{ paintId: 'b' }], perFresh: 2000 })
    expect(worth.fresh.map((p) => p.name)).toEqual(['Rose'])
  })
  it('of a code that is several colours, only the same of them is owned already (common practice, no source)', () => {
    const owned = [paint('o', 'Burnt sienna', ['PBr7']), paint('u', 'Ultramarine', ['PB29'])]
    const named = (name: string, code: string) => held(name, [code], 5, 'Tern')
    const worth = setAgainstOwned(
      [named('Raw sienna', 'PBr7'), named('Burnt sienna', 'PBr7'), named('Blue', 'PB29')],
      owned,
    )
    expect(worth.fresh.map((p) => p.name)).toEqual(['Raw sienna'])
    expect(worth.alike.map((a) => a.paintId)).toEqual(['o', 'u'])
  })
  it('eight sets of five with repeats become 40 less the duplicates', () => {
    const names = Array.from({ length: 27 }, (_, i) => `Paint ${i}`)
    const sets = Array.from({ length: 8 }, (_, s) =>
      Array.from({ length: 5 }, (_, i) => held(names[(s * 4 + i) % 27]!)),
    )
    const owned = [paint('o1', 'Paint 3'), paint('o2', 'paint 26'), paint('o3', 'Another')]
    const all = setAgainstOwned(sets.flat(), owned)
    const distinct = new Set(sets.flat().map((h) => h.name)).size
    expect(all.paints).toBe(40)
    expect(all.twice).toBe(40 - distinct)
    expect(all.fresh.length).toBe(40 - all.twice - all.owned.length)
    expect(all.owned.sort()).toEqual(['o1', 'o2'])
    expect(setAgainstOwned([held('A'), held('a ')], [], 1000)).toMatchObject({ twice: 1, perFresh: 1000 })
  })
  it('the size is the one that costs least for a year of use; without use the cheapest', () => {
    const sizes = [
      single('5', 595, held('x', [], 5)),
      single('15', 1190, held('x', [], 15)),
      single('250', 9000, held('x', [], 250)),
    ]
    expect(compareSizes(sizes, 12).map((s) => s.offer.id)).toEqual(['15', '5', '250'])
    expect(compareSizes(sizes, 1).map((s) => s.offer.id)[0]).toBe('5')
    expect(compareSizes(sizes, 200).map((s) => s.offer.id)[0]).toBe('250')
    expect(compareSizes(sizes, undefined).map((s) => s.offer.id)).toEqual(['5', '15', '250'])
    expect(compareSizes(sizes, undefined)[1]!.perMl).toBeCloseTo(79.33, 1)
    // a budget chooses among what suits best and what is less now and lasts as long as it does
    const chosen = (perYear: number | undefined, years: number) =>
      sizesToChoose(sizes, perYear, years).map((s) => [s.offer.id, s.later])
    expect(chosen(12, 0.3)).toEqual([
      ['15', 0],
      ['5', Math.round(4 * (595 / (5 / 12) - 1190 / (15 / 12)))],
    ])
    expect(chosen(12, 0.6)).toEqual([['15', 0]])
    expect(chosen(undefined, 0.3)).toEqual([['5', 0]])
  })
  it('size, offer and delivery are chosen together: what suits best where it fits, a smaller one where only that does', async () => {
    const wanted = need('words:x', { name: 'x', perYear: 12 })
    const from = shop('Harbour', [single('5', 595, held('x', [], 5)), single('15', 1190, held('x', [], 15))], {
      delivery: 300,
    })
    const boughtWith = async (minor: number) => {
      const { problem } = preparePurchases({
        needs: [wanted],
        shops: [from],
        budget: {
          id: 'budget',
          v: 1,
          from: TODAY,
          period: 'month',
          periods: 1,
          minor,
          currency: 'EUR',
          carries: false,
          over: 0,
          order: 'in my order',
        },
        purchases: [],
        today: TODAY,
      })
      const plan = await planPurchases(problem, { order: 'in my order', solve: () => Promise.resolve(undefined) })
      return plan!.buys.map((b) => b.offer.split('/')[1])
    }
    expect(await boughtWith(2000)).toEqual(['15'])
    expect(await boughtWith(1200)).toEqual(['5'])
    expect(await boughtWith(800)).toEqual([])
  })
})

describe('the problem of buying', () => {
  const budget = {
    id: 'budget',
    v: 1 as const,
    minor: 2500,
    currency: 'EUR',
    period: 'fortnight' as const,
    from: TODAY,
    periods: 4,
    carries: true,
    over: 0,
    order: 'best value' as const,
  }
  const rest = { purchases: [], today: TODAY }
  it('leaves out what is in another currency, sold out or without a price, and says so; sums are never mixed', () => {
    const shops = [
      shop('home', [
        single('1', 595, held('Viridian')),
        single('2', undefined, held('Ochre')),
        single('3', 500, held('Rose'), { isSoldOut: true }),
      ]),
      shop('abroad', [single('1', 400, held('Viridian'))], { currency: 'GBP' }),
    ]
    const wanted = [
      need('paint:v', { paintId: 'v', name: 'Viridian', maker: 'Skerry' }),
      need('words:ochre', { name: 'Ochre' }),
    ]
    const { problem, leftOut, nowhere } = preparePurchases({ needs: wanted, shops, budget, ...rest })
    expect(problem.offers.map((o) => o.id)).toEqual(['home/1'])
    expect(leftOut).toEqual([
      { shop: 'home', reason: 'no price', lines: 1 },
      { shop: 'home', reason: 'sold out', lines: 1 },
      { shop: 'abroad', reason: 'other currency', lines: 1, currency: 'GBP' },
    ])
    expect(nowhere).toEqual(['words:ochre'])
  })
  it('what is on order is not bought again; a set counts what comes besides; an order by hand weighs', () => {
    const shops = [
      shop('home', [
        single('1', 595, held('Rose')),
        { id: 'set', set: 'Six', minor: 2000, holds: [held('Viridian'), held('Rose'), held('Blue'), held('Grey')] },
      ]),
    ]
    const wanted = [
      need('words:rose', {
        name: 'Rose',
        answer: { id: 'a', v: 1, key: 'words:rose', said: 'accepted', day: TODAY, rank: 0 },
      }),
      need('words:blue', { name: 'Blue' }),
      need('words:grey', { name: 'Grey', onOrder: 1 }),
    ]
    const { problem } = preparePurchases({ needs: wanted, shops, budget, ...rest })
    expect(problem.needs).toEqual([
      { key: 'words:rose', weight: 100 },
      { key: 'words:blue', weight: 20 },
    ])
    expect(problem.offers.find((o) => o.id === 'home/set')).toMatchObject({
      covers: ['words:rose', 'words:blue'],
      spare: 2,
    })
  })
  it('what was ordered since the budget began is spent, periods that are past are past; what went back is not counted', () => {
    const line = (minor: number, state: 'ordered' | 'delivered' | 'returned') => ({
      words: '',
      minor,
      itemIds: [],
      state,
    })
    const purchases = [
      {
        id: 'a',
        v: 1 as const,
        shop: 's',
        day: '2026-06-03',
        currency: 'EUR',
        delivery: 490,
        lines: [line(1600, 'delivered'), line(900, 'returned')],
      },
      { id: 'b', v: 1 as const, shop: 's', day: '2026-06-20', currency: 'EUR', lines: [line(700, 'ordered')] },
      { id: 'c', v: 1 as const, shop: 's', day: '2026-06-20', currency: 'GBP', lines: [line(700, 'ordered')] },
      { id: 'd', v: 1 as const, shop: 's', day: '2026-05-31', currency: 'EUR', lines: [line(700, 'ordered')] },
    ]
    const at = (today: string, carries = true) => {
      const { problem, first, spent } = preparePurchases({
        needs: [],
        shops: [],
        budget: { ...budget, carries },
        purchases,
        today,
      })
      return [first, spent, problem.budget.periods, problem.budget.start ?? 0]
    }
    expect(at('2026-06-21')).toEqual([1, 2090 + 700, 3, 2500 - 2790])
    expect(at('2026-06-21', false)).toEqual([1, 700, 3, -700])
    expect(at('2026-06-02')).toEqual([0, 2790, 4, -2790])
    expect(at('2026-12-01')[2]).toBe(0)
  })
  it('periods begin week by week, fortnight by fortnight, and on the same day of the month', () => {
    expect([0, 1, 2].map((i) => startOf({ from: '2026-01-31', period: 'month' }, i))).toEqual([
      '2026-01-31',
      '2026-02-28',
      '2026-03-31',
    ])
    expect(startOf({ from: '2026-03-20', period: 'week' }, 2)).toBe('2026-04-03')
    expect(startOf({ from: '2026-03-20', period: 'fortnight' }, 2)).toBe('2026-04-17')
  })
})
