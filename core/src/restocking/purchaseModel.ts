import { ModelBuilder, type LinearModel } from './linearModel'
import { figuresOfPlan, startOfBudget, type Buy, type PurchaseProblem } from './problem'

/** A purchase problem as a linear programme, with how a plan is written into it and read out of it. */
export interface PurchaseModel {
  model: LinearModel
  read(values: readonly number[]): Buy[]
  /** A value for each column, of a plan that keeps to the budget. */
  write(buys: readonly Buy[]): number[]
}

export interface Wanted {
  /**
   * `value`: as much served as soon as may be. `cost`: as cheaply as may be, with at least so much value; of two that
   * cost the same the one that brings less besides.
   */
  goal: 'value' | 'cost'
  atLeast?: number
  /** Anything between nothing and all of an offer: for a bound. */
  isRelaxed?: boolean
}

/** A spare paint decides between plans that cost the same: a hundredth counts this much more. */
const CENT = 1000

/**
 * x[o,t]: offer o is bought in period t. y[n,t] <= 1 and <= what was bought of offers that serve n until t: need n is
 * served in t. d[s,t] >= x[o,t]: shop s delivers in t; f[s,t] <= d[s,t] where its goods reach the sum from which on it
 * delivers freely. Spending by the end of each period <= budgets until then + what is allowed over; without carrying over,
 * a debt variable takes what was overspent to the next period. All sums in whole hundredths.
 */
export function purchaseModel(problem: PurchaseProblem, { goal, atLeast, isRelaxed }: Wanted): PurchaseModel {
  const { needs, offers, shops, budget } = problem
  const T = budget.periods
  const builder = new ModelBuilder(goal === 'value' ? 'maximize' : 'minimize')
  const whole = !isRelaxed
  const isCost = goal === 'cost'
  const x = offers.map(({ minor, spare, later = 0 }) =>
    Array.from({ length: T }, () => builder.column(isCost ? (minor + later) * CENT + spare : 0, 0, 1, whole)),
  )
  const y = needs.map(({ weight }) => Array.from({ length: T }, () => builder.column(isCost ? 0 : weight, 0, 1, false)))
  const charging = shops.map((shop, s) => ({
    ...shop,
    own: offers.flatMap((o, i) => (o.shop === shop.id ? [i] : [])),
    d: Array.from({ length: T }, () =>
      shop.delivery > 0 ? builder.column(isCost ? shop.delivery * CENT : 0, 0, 1, whole) : -1,
    ),
    f: Array.from({ length: T }, () =>
      shop.delivery > 0 && shop.freeFrom !== undefined
        ? builder.column(isCost ? -shop.delivery * CENT : 0, 0, 1, whole)
        : -1,
    ),
    s,
  }))
  const debt = budget.carries ? [] : Array.from({ length: T }, () => builder.column(0, 0, budget.over, false))

  for (const own of x)
    builder.row(
      0,
      1,
      own.map((c) => [c, 1] as const),
    )
  needs.forEach(({ key }, n) => {
    const serving = offers.flatMap((o, i) => (o.covers.includes(key) ? [i] : []))
    for (let t = 0; t < T; t += 1) {
      const bought = serving.flatMap((i) => x[i]!.slice(0, t + 1).map((c) => [c, -1] as const))
      builder.row(-Infinity, 0, [[y[n]![t]!, 1], ...bought])
    }
  })
  for (const { own, d, f, freeFrom } of charging)
    for (let t = 0; t < T; t += 1) {
      if (d[t]! < 0) continue
      for (const i of own)
        builder.row(-Infinity, 0, [
          [x[i]![t]!, 1],
          [d[t]!, -1],
        ])
      if (f[t]! < 0) continue
      builder.row(-Infinity, 0, [
        [f[t]!, 1],
        [d[t]!, -1],
      ])
      builder.row(0, Infinity, [...own.map((i) => [x[i]![t]!, offers[i]!.minor] as const), [f[t]!, -freeFrom!]])
    }
  const spending = (t: number) => [
    ...offers.map((o, i) => [x[i]![t]!, o.minor] as const),
    ...charging.flatMap(({ d, f, delivery }) => [
      ...(d[t]! >= 0 ? [[d[t]!, delivery] as const] : []),
      ...(f[t]! >= 0 ? [[f[t]!, -delivery] as const] : []),
    ]),
  ]
  const begun = startOfBudget(budget)
  const all: (readonly [number, number])[] = []
  for (let t = 0; t < T; t += 1) {
    all.push(...spending(t))
    if (budget.carries) builder.row(-Infinity, Math.max(0, budget.minor * (t + 1) + begun + budget.over), [...all])
    else
      builder.row(-Infinity, t > 0 ? budget.minor : budget.minor + begun, [
        ...spending(t),
        [debt[t]!, -1],
        ...(t > 0 ? [[debt[t - 1]!, 1] as const] : []),
      ])
  }
  if (atLeast !== undefined)
    builder.row(
      atLeast - 0.5,
      Infinity,
      needs.flatMap(({ weight }, n) => y[n]!.map((c) => [c, weight] as const)),
    )

  return {
    model: builder.model,
    read: (values) =>
      offers.flatMap(({ id }, i) => {
        const period = x[i]!.findIndex((c) => values[c]! > 0.5)
        return period < 0 ? [] : [{ offer: id, period }]
      }),
    write(buys) {
      const values = builder.model.cost.map(() => 0)
      const at = new Map(offers.map((o, i) => [o.id, i]))
      for (const { offer, period } of buys) {
        const i = at.get(offer)
        if (i !== undefined) values[x[i]![period]!] = 1
      }
      const { servedFrom, periods } = figuresOfPlan(problem, buys)
      needs.forEach(({ key }, n) => {
        const from = servedFrom.get(key)
        if (from !== undefined) for (let t = from; t < T; t += 1) values[y[n]![t]!] = 1
      })
      for (const { own, d, f, freeFrom } of charging)
        for (let t = 0; t < T; t += 1) {
          const goods = own.reduce((sum, i) => sum + values[x[i]![t]!]! * offers[i]!.minor, 0)
          if (goods > 0 && d[t]! >= 0) values[d[t]!] = 1
          if (goods > 0 && f[t]! >= 0 && goods >= freeFrom!) values[f[t]!] = 1
        }
      debt.forEach((c, t) => (values[c] = Math.max(0, -periods[t]!.left)))
      return values
    },
  }
}
