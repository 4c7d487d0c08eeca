import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Brief } from '../../documents/brief'
import { paint } from '../../documents/documents.fixture'
import type { Paint } from '../../documents/paint'
import { indexPaintsOf } from '../../reach/indexPaints'
import { mixtureIndex } from '../../reach/mixtureIndex'
import { subjectTargets } from '../../reach/subjects'
import { toTheEnd } from '../../steps'
import { cleanestOf } from '../verdict/pairs'
import { reduceSteps } from '../methods/reduce'
import { answerList } from '../methods/fromList'
import { parseLines } from '../../paints/reading/parseLines'
import { choosePalette, type ChooseQuestion } from './choosePalette'
import type { CoverTable } from './cover'
import { runs } from '../../../../tests/setup/runs'

const CODES = [
  'PY3',
  'PY65',
  'PY42',
  'PO71',
  'PR254',
  'PV19',
  'PR122',
  'PV23',
  'PB29',
  'PB15:3',
  'PG7',
  'PBr7',
  'PR101',
  'PBk6',
  'PB35',
  'PG18',
]
const DRAWER: Paint[] = CODES.map((code, i) =>
  paint(code, {
    pigments: [code],
    maker: i % 2 ? 'Halvard & Roe' : 'Skerry',
    transparency: i % 3 ? 'transparent' : 'opaque',
  }),
)
const table = subjectTargets('landscape')
function tablesOf(paints: readonly Paint[]): CoverTable[] {
  const index = toTheEnd(mixtureIndex({ paints: indexPaintsOf(paints).paints, table, near: 5 }))
  if (!index.ok) throw new Error(index.error.message)
  return [{ index: index.value, weights: Float64Array.from(table.targets, (t) => t.weight), share: 1 }]
}
const TABLES = tablesOf(DRAWER)
const ask = (more: Partial<ChooseQuestion> = {}) =>
  toTheEnd(choosePalette({ paints: DRAWER, planned: [], free: 5, tables: TABLES, ...more }))
function chosen(more: Partial<ChooseQuestion> = {}) {
  const answer = ask(more)
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value
}
const must = (wish: string, value: string): Brief => ({ wishes: [{ wish, value, hard: true }] })

describe('filling the remaining places best', () => {
  it('is proven for a drawer of this size, and says what each brings and who would be next', () => {
    const { added, isProven, bound, worth, after, before } = chosen()
    expect(added).toHaveLength(5)
    expect(isProven).toBe(true)
    expect(bound! - worth).toBeLessThan(1e-6)
    expect(after.reach).toBeGreaterThan(before.reach)
    for (const a of added) {
      expect(a.worth).toBeGreaterThan(0)
      expect(a.runnerUp!.less).toBeGreaterThanOrEqual(0)
      expect(added.map((o) => o.paintId)).not.toContain(a.runnerUp!.paintId)
    }
  })

  it('has what hands and paper ask for before one more bright colour, unless one does without it', () => {
    const withRoles = chosen({ free: 7 })
    expect(withRoles.lacks).toEqual(['a smooth blue'])
    expect(withRoles.added.map((a) => a.paintId)).toEqual(expect.arrayContaining(['PY42', 'PBr7', 'PB29', 'PBk6']))
    expect(chosen({ free: 9 }).lacks).toEqual([])
    const bare = chosen({ free: 7, roles: [] })
    // what hands and paper ask for costs some reach, and it is reach alone that is told
    expect(bare.after.reach).toBeGreaterThanOrEqual(withRoles.after.reach - 1e-9)
    expect(withRoles.after.reach).toBeLessThanOrEqual(1)
    const without: Brief = {
      without: ['earth', 'deep dark', 'something that granulates', 'something smooth', 'something that lifts'],
    }
    expect(chosen({ free: 7, brief: without }).added.map((a) => a.paintId)).toEqual(bare.added.map((a) => a.paintId))
  })

  it('meets counts that are a must, says what each wish costs, also nothing, and which is missed', () => {
    const isEarth = (id: string) => ['PY42', 'PBr7', 'PR101'].includes(id)
    const count = { bound: 'least', count: 3, family: 'earth', hard: true } as const
    const { added, costs } = chosen({ brief: { counts: [count] } })
    expect(added.filter((a) => isEarth(a.paintId))).toHaveLength(3)
    expect(costs).toHaveLength(1)
    expect(costs[0]!.worth).toBeGreaterThan(0)
    const free = chosen({ brief: { counts: [{ ...count, count: 1 }] } })
    expect(free.costs).toEqual([{ wished: { count: { ...count, count: 1 } }, reach: 0, worth: 0 }])
    const soft = chosen({ brief: { counts: [{ ...count, count: 5, hard: false }] } })
    expect(soft.missed).toEqual([expect.objectContaining({ wanted: 5 })])
    // more than there are: as many as there are
    expect(chosen({ brief: { counts: [{ ...count, count: 9 }] } }).added).toHaveLength(5)
  })

  it('never breaks a wish that rules out, and keeps what is in', () => {
    const wishes = [
      must('transparency', 'transparent'),
      must('makers', '1'),
      must('pigments', 'single'),
      { stayOut: ['PY3', 'PB29'] },
    ]
    fc.assert(
      fc.property(
        fc.constantFrom(...wishes),
        fc.subarray(CODES, { maxLength: 3 }),
        fc.integer({ min: 1, max: 6 }),
        (brief, planned, free) => {
          const answer = ask({ brief, planned, free })
          if (!answer.ok) return expect(answer.error.code).toBe('nobody-may')
          const added = answer.value.added.map((a) => DRAWER.find((p) => p.id === a.paintId)!)
          expect(added.length).toBeLessThanOrEqual(free)
          expect(added.some((p) => planned.includes(p.id))).toBe(false)
          const [wish] = brief.wishes ?? []
          if (wish?.wish === 'transparency') expect(added.every((p) => p.transparency === 'transparent')).toBe(true)
          if (wish?.wish === 'makers') {
            const own = new Set(planned.map((id) => DRAWER.find((p) => p.id === id)!.maker))
            const makers = new Set(added.map((p) => p.maker))
            expect(own.size > 1 || new Set([...own, ...makers]).size <= 1).toBe(true)
          }
          if (brief.stayOut) expect(added.some((p) => brief.stayOut!.includes(p.id))).toBe(false)
        },
      ),
      { numRuns: runs(25) },
    )
  })

  it('says what a wish costs: as much as is reached without it', () => {
    const brief = must('staining', 'lifts')
    // colours alone: what roles count may be won by a choice that reaches less
    const { costs, after } = chosen({ brief, free: 4, roles: [] })
    const free = chosen({ free: 4, roles: [] })
    expect(costs).toHaveLength(1)
    expect(costs[0]!.wished).toMatchObject({ wish: { wish: 'staining' } })
    expect(after.reach + costs[0]!.reach).toBeCloseTo(free.after.reach, 2)
  })

  it('puts in what must be in, takes what is to be used up in a tie, and leaves what is not at hand', () => {
    expect(chosen({ brief: { mustIn: ['PBk6'] } }).added.map((a) => a.paintId)).toContain('PBk6')
    const { added } = chosen({ isAtHand: (id) => id !== 'PB29' })
    expect(added.map((a) => a.paintId)).not.toContain('PB29')
  })

  it('refuses in words what cannot be', () => {
    expect(ask({ free: 0 })).toMatchObject({ ok: false, error: { code: 'no-place' } })
    expect(ask({ tables: [] })).toMatchObject({ ok: false, error: { code: 'no-targets' } })
    expect(ask({ paints: [] })).toMatchObject({ ok: false, error: { code: 'nobody-may' } })
    expect(ask({ brief: { stayOut: CODES } })).toMatchObject({ ok: false, error: { code: 'nobody-may' } })
    for (const free of [1.5, Number.NaN]) expect(ask({ free })).toMatchObject({ error: { code: 'bad-question' } })
    expect(ask({ paints: [...DRAWER, DRAWER[0]!] })).toMatchObject({ error: { code: 'bad-question' } })
    const long = { ...TABLES[0]!, weights: new Float64Array(70_000) }
    expect(ask({ tables: [long] })).toMatchObject({ error: { code: 'bad-question' } })
    // one that is gone takes up no place
    const gone = { brief: { mustIn: ['gone', 'PBk6'] }, free: 1 }
    expect(chosen(gone).added.map((a) => a.paintId)).toEqual(['PBk6'])
    // fewer paints than places: all come in, and the rest is said
    expect(chosen({ free: 40 })).toMatchObject({ short: 40 - CODES.length })
  })
})

describe('reducing', () => {
  it('goes down to one and back without loss: what is lost adds up, and twins go first', () => {
    const twin = paint('twin of rose', { pigments: ['PV19'] })
    const paints = [...DRAWER, twin]
    const steps = toTheEnd(reduceSteps({ paints, tables: tablesOf(paints), fixed: ['PB29'] }))
    expect(steps).toHaveLength(paints.length - 1)
    expect(steps.map((s) => s.paintId)).not.toContain('PB29')
    expect(['PV19', 'twin of rose']).toContain(steps[0]!.paintId)
    expect(steps[0]!.twin!.difference).toBeLessThan(1)
    expect(steps[0]!.loss).toBeCloseTo(0, 9)
    steps.forEach((s, i) =>
      expect(s.lost).toBeCloseTo(
        steps.slice(0, i + 1).reduce((sum, t) => sum + t.loss, 0),
        9,
      ),
    )
    expect(steps.every((s, i) => i === 0 || s.reach <= steps[i - 1]!.reach + 1e-9)).toBe(true)
  })
})

describe('somebody’s list', () => {
  const through = (text: string) => {
    const { paints: lines } = toTheEnd(parseLines(text, ['Halvard & Roe']))
    return toTheEnd(answerList({ lines, owned: DRAWER, films: indexPaintsOf(DRAWER).paints, near: 5 }))
  }
  it('tells owned, the same pigments, mixable, missing and what says nothing apart', () => {
    const answers = through(
      'Ultramarine PB29\nRoyal blue deep PB15:3\nSap green PG7 PY150\nCobalt violet PV14\nquux quux',
    )
    expect(answers.map((a) => a.as).slice(0, 2)).toEqual(['same pigments', 'same pigments'])
    expect(answers[0]!.paintId).toBe('PB29')
    expect(['mixable', 'missing']).toContain(answers[2]!.as)
    expect(answers[2]!.recipe?.difference ?? 0).toBeLessThanOrEqual(5)
    expect(answers.at(-1)).toMatchObject({ as: 'not understood' })
  })
  it('of the same name and codes is owned', () => {
    expect(through('PB29 PB29')[0]!.as).toMatch(/owned|same pigments/)
  })
})

// common practice, no source: from a landscape drawer a warm red is a mixture of a cool red and a warm yellow
it('a warm red is found mixable from a cool red and a warm yellow', () => {
  const pair = DRAWER.filter((p) => ['PV19', 'PY65'].includes(p.id))
  const { paints: lines } = toTheEnd(parseLines('Warm red PR254'))
  const [answer] = toTheEnd(answerList({ lines, owned: pair, films: indexPaintsOf(pair).paints, near: 8 }))
  expect(answer).toMatchObject({ as: 'mixable' })
})

// common practice, no source: what three clean paints of a printer give is duller than a warm pair's
it('the print triad’s orange is duller than that of a warm yellow and a warm red', () => {
  const usable = (codes: readonly string[]) =>
    codes.map((code) => {
      const own = DRAWER.find((p) => p.id === code)!
      const film = indexPaintsOf([own]).paints[0]!
      return { paint: own, id: code, optics: film.optics }
    })
  const triad = cleanestOf(usable(['PB15:3', 'PR122', 'PY3'])).orange
  expect(cleanestOf(usable(['PY65', 'PR254'])).orange).toBeGreaterThan(triad + 5)
})

it('a list of two hundred lines in another language is gone through, line by line', () => {
  const text = Array.from({ length: 200 }, (_, i) => `Outremer ${i}, PB29, godet`).join('\n')
  const { paints: lines } = toTheEnd(parseLines(text))
  const steps = answerList({ lines, owned: DRAWER, films: [], near: 5 })
  let yielded = 0
  for (let step = steps.next(); !step.done; step = steps.next()) yielded += 1
  expect(yielded).toBe(lines.length)
  expect(lines.length).toBeGreaterThan(190)
})
