import fc from 'fast-check'
import loadHighs from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { firstPlan, planInOrder } from './firstPlan'
import type { Solve } from './linearModel'
import { madeUpPurchases } from './madeUpPurchases.fixture'
import { planPurchases } from './planPurchases'
import { purchaseModel } from './purchaseModel'
import { figuresOfPlan, isBetter, wholeCost, type Buy, type PurchaseProblem } from './problem'
import { type HighsLike, solveWithHighs } from './solveWithHighs'
import { runs } from '../../../tests/setup/runs'

let solve: Solve
beforeAll(async () => {
  const highs = (await loadHighs()) as unknown as HighsLike
  solve = (model, options) => Promise.resolve(solveWithHighs(highs, model, options))
})

const BUDGET = { minor: 2500, periods: 2, carries: true, over: 0 }
const single = (key: string, minor: number, shop = 'harbour') => ({
  id: `${shop} ${key}`,
  shop,
  minor,
  covers: [key],
  spare: 0,
})
const problem = (more: Partial<PurchaseProblem>): PurchaseProblem => ({
  needs: [],
  offers: [],
  shops: [{ id: 'harbour', delivery: 0 }],
  budget: BUDGET,
  ...more,
})
const needs = (...keys: string[]) => keys.map((key) => ({ key, weight: 10 }))

describe('25 a fortnight', () => {
  const five = ['a', 'b', 'c', 'd', 'e']
  const sold = [...five.map((k) => single(k, 595)), single('z', 1800)]
  const asked = problem({ needs: [...needs(...five), { key: 'z', weight: 10 }], offers: sold })
  const inPeriod = (buys: readonly Buy[], n: number) => buys.filter((b) => b.period === n).map((b) => b.offer.slice(-1))

  it.each(['best value', 'in my order'] as const)('buys four at 5.95, not five (%s)', async (order) => {
    const plan = await planPurchases(asked, { order, solve })
    expect(inPeriod(plan!.buys, 0)).toHaveLength(4)
    expect(plan!.figures.periods[0]!.left).toBe(2500 - 4 * 595)
    // with what is carried over the fifth and the dear one fit the next
    expect(inPeriod(plan!.buys, 1).sort()).toHaveLength(2)
  })
  it.each(['best value', 'in my order'] as const)(
    'buys five where a little over is allowed, then the one at 18.00 (%s)',
    async (order) => {
      const plan = await planPurchases({ ...asked, budget: { ...BUDGET, over: 500 } }, { order, solve })
      expect(inPeriod(plan!.buys, 0).sort()).toEqual(five)
      expect(inPeriod(plan!.buys, 1)).toEqual(['z'])
      expect(plan!.figures.periods.map((p) => p.left)).toEqual([2500 - 2975, 2500 - 475 - 1800])
    },
  )
  it('without carrying over, what was left is gone and what was over is still taken off', async () => {
    const kept = { ...BUDGET, carries: false }
    expect(figuresOfPlan({ ...asked, budget: kept }, four()).periods.map((p) => p.left)).toEqual([120, 2500])
    const over = { ...kept, over: 500 }
    const plan = await planPurchases({ ...asked, budget: over }, { order: 'best value', solve })
    expect(plan!.figures.periods.map((p) => p.left)).toEqual([-475, 225])
  })
  const four = (): Buy[] => five.slice(0, 4).map((k) => ({ offer: `harbour ${k}`, period: 0 }))

  it('with nothing to spend buys nothing, and says that none is better', async () => {
    const plan = await planPurchases({ ...asked, budget: { ...BUDGET, minor: 0 } }, { order: 'best value', solve })
    expect(plan).toMatchObject({ buys: [], state: 'proven', figures: { value: 0, cost: 0 } })
  })
})

it('in one’s own order a dear first need is saved for, and a set is taken for what it spares', async () => {
  const offers = [
    single('dear', 4000),
    single('b', 500),
    single('c', 600),
    { id: 'set', shop: 'harbour', minor: 900, covers: ['b', 'c'], spare: 3 },
  ]
  const asked = problem({ needs: needs('dear', 'b', 'c'), offers, budget: { ...BUDGET, periods: 3 } })
  expect(planInOrder(asked)).toEqual([
    { offer: 'harbour dear', period: 1 },
    { offer: 'set', period: 1 },
  ])
})

it('a delivery is paid once a period and shop, and not where the goods are worth enough', () => {
  const shops = [
    { id: 'harbour', delivery: 490, freeFrom: 2000 },
    { id: 'north', delivery: 300 },
  ]
  const asked = problem({
    needs: needs('a', 'b', 'c'),
    offers: [single('a', 900), single('b', 1100), single('c', 100, 'north')],
    shops,
    budget: { ...BUDGET, minor: 9000 },
  })
  const buys = (period: number): Buy[] => [
    { offer: 'harbour a', period: 0 },
    { offer: 'harbour b', period },
    { offer: 'north c', period: 0 },
  ]
  expect(figuresOfPlan(asked, buys(0)).cost).toBe(2100 + 300)
  expect(figuresOfPlan(asked, buys(1)).cost).toBe(2100 + 300 + 2 * 490)
})

/** Every way to put each offer into a period or nowhere. */
function bestOfAll(asked: PurchaseProblem) {
  const { offers, budget } = asked
  let best = figuresOfPlan(asked, [])
  for (let code = 0; code < (budget.periods + 1) ** offers.length; code += 1) {
    let rest = code
    const buys = offers.flatMap(({ id }): Buy[] => {
      const period = (rest % (budget.periods + 1)) - 1
      rest = Math.floor(rest / (budget.periods + 1))
      return period < 0 ? [] : [{ offer: id, period }]
    })
    const figures = figuresOfPlan(asked, buys)
    if (figures.overspentIn === undefined && isBetter(figures, best)) best = figures
  }
  return best
}

const KEYS = ['a', 'b', 'c', 'd']
const smallProblem = fc.record({
  needs: fc.tuple(...KEYS.map((key) => fc.integer({ min: 1, max: 9 }).map((weight) => ({ key, weight })))),
  offers: fc
    .array(
      fc.record({
        shop: fc.constantFrom('s', 't'),
        minor: fc.integer({ min: 1, max: 30 }),
        covers: fc.subarray(KEYS, { minLength: 1 }),
        spare: fc.integer({ min: 0, max: 3 }),
        later: fc.constantFrom(0, 0, 4, 11),
      }),
      { minLength: 1, maxLength: 6 },
    )
    .map((list) => list.map((o, i) => ({ ...o, id: `o${i}` }))),
  shops: fc
    .tuple(fc.integer({ min: 0, max: 6 }), fc.option(fc.integer({ min: 5, max: 40 }), { nil: undefined }))
    .map(([delivery, freeFrom]) => [
      { id: 's', delivery, ...(freeFrom ? { freeFrom } : {}) },
      { id: 't', delivery: 2 },
    ]),
  budget: fc.record({
    minor: fc.integer({ min: 0, max: 25 }),
    periods: fc.integer({ min: 1, max: 3 }),
    carries: fc.boolean(),
    over: fc.constantFrom(0, 3, 8),
    start: fc.integer({ min: -30, max: 20 }),
  }),
})

describe('against every possible plan', () => {
  it('the proven plan is the best there is: value, then cost, then fewest besides', async () => {
    await fc.assert(
      fc.asyncProperty(smallProblem, async (asked) => {
        const plan = await planPurchases(asked, { order: 'best value', solve })
        const best = bestOfAll(asked)
        expect(plan!.state).toBe('proven')
        expect(plan!.figures).toMatchObject({ value: best.value, spare: best.spare })
        expect(wholeCost(plan!.figures)).toBe(wholeCost(best))
      }),
      { numRuns: runs(60) },
    )
  })
  it('plans found at once and in one’s own order keep to the budget and are never better', () => {
    fc.assert(
      fc.property(smallProblem, (asked) => {
        const best = bestOfAll(asked)
        for (const buys of [firstPlan(asked).buys, planInOrder(asked)]) {
          const figures = figuresOfPlan(asked, buys)
          expect(figures.overspentIn).toBeUndefined()
          expect(isBetter(figures, best)).toBe(false)
          expect(new Set(buys.map((b) => b.offer)).size).toBe(buys.length)
        }
      }),
      { numRuns: runs(60) },
    )
  })
})

it('of two plans that cost the same the model takes the one that brings less besides', async () => {
  const offer = (id: string, spare: number) => ({ id, shop: 'harbour', minor: 900, covers: ['a'], spare })
  const asked = problem({ needs: needs('a'), offers: [offer('many', 4), offer('few', 1), offer('some', 2)] })
  const byCost = purchaseModel(asked, { goal: 'cost', atLeast: 20 })
  const solved = await solve(byCost.model, { nodes: 50 })
  expect(byCost.read(solved!.values!)).toEqual([{ offer: 'few', period: 0 }])
  // what is written into the model is read out of it again
  expect(byCost.read(byCost.write([{ offer: 'some', period: 1 }]))).toEqual([{ offer: 'some', period: 1 }])
})

describe('a large problem', () => {
  const large = madeUpPurchases(60, 3, 12, 12)
  it('is planned in two, within a bound that no plan passes', async () => {
    const told: number[] = []
    const plan = await planPurchases(large, { order: 'best value', solve, tell: (p) => told.push(p.figures.value) })
    expect(plan!.bound!).toBeGreaterThanOrEqual(plan!.figures.value)
    expect(plan!.figures.value / plan!.bound!).toBeGreaterThan(0.8)
    expect(told).toEqual([...told].sort((p, q) => p - q))
    expect(plan!.figures.overspentIn).toBeUndefined()
  }, 30_000)
  it('has the same answer again, whatever else the machine does', async () => {
    const some = madeUpPurchases(12, 2, 4, 6)
    const asked = (pause: number) => {
      const slowly: Solve = (model, options) =>
        new Promise((give) => setTimeout(() => void solve(model, options).then(give), pause))
      return planPurchases(some, { order: 'best value', solve: slowly })
    }
    expect(await asked(30)).toEqual(await asked(0))
  })
  it('is given up when it is cancelled', async () => {
    expect(await planPurchases(large, { order: 'best value', solve: () => Promise.resolve(undefined) })).toBeUndefined()
  })
})
