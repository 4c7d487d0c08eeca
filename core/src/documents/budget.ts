import * as z from 'zod/mini'
import { Day, Id } from './fields'
import { kind } from './kind'

export const BUDGET_PERIODS = ['week', 'fortnight', 'month'] as const
export type BudgetPeriod = (typeof BUDGET_PERIODS)[number]
const Minor = z.int('A sum of money.').check(z.gte(0, 'Not below 0.'), z.lte(100_000_00, 'At most 100000.'))

/** What may be spent on paint, and how it is to be planned. There is one, with the id `budget`. */
export const Budget = z.looseObject({
  id: Id,
  v: z.literal(1),
  minor: Minor,
  currency: z.string().check(z.regex(/^[A-Z]{3}$/, 'A currency such as EUR.')),
  period: z.enum(BUDGET_PERIODS),
  /** The first day of the first period, and how many are planned. */
  from: Day,
  periods: z.int('A number of periods.').check(z.gte(1, 'At least 1.'), z.lte(52, 'At most 52.')),
  /** What is not spent stays for the next. */
  carries: z.boolean(),
  /** So much over is allowed where it fits, and is taken off the next. */
  over: Minor,
  order: z.enum(['best value', 'in my order']),
})
export type Budget = z.infer<typeof Budget>

export const budgetKind = kind({ schema: Budget, version: 1, word: 'budget', many: 'budgets', since: 8 })
