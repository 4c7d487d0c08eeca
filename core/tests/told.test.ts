import { describe, expect, it } from 'vitest'
import { Collection } from '../src/collection/collection'
import { keyOfHeld } from '../src/collection/keys'
import { LISTS, budgetIn, inventoryOf, itemsByPaint, paintsJudged, settingsIn } from '../src/collection/lists'
import { readingOf, type Reading } from '../src/collection/reading'
import { Rests } from '../src/collection/rests'
import { same } from '../src/documents/diff'
import type { EditableKind } from '../src/documents/kinds'
import { usableItemsIn } from '../src/filling/atHand'
import { arrangeContextOf } from '../src/jobs/arrangePalette'
import { JOBS, type JobName, type RequestOf } from '../src/jobs/registry'
import type { Job } from '../src/jobs/job'
import { observationsIn } from '../src/mixing/observations'
import { strengthsIn } from '../src/mixing/strengths'
import { randomFrom } from '../src/random'
import { whenHeld } from '../src/reach/heldIndexes'
import { indexPaintsIn } from '../src/reach/indexPaints'
import { toTheEnd } from '../src/steps'
import { randomChange } from './randomChange.fixture'
import { BLUE, SIENNA, smallCollection, TIN, TODAY, wholeDemo } from './told.fixture'
import { runs } from '../../tests/setup/runs'

type Asked = { [N in JobName]: { name: N; request: RequestOf<N> } }[JobName]
const blend = { partners: 1, use: 0.6, wheel: 0.4 }
const target = { kind: 'colour' as const, lab: { L: 40, a: -10, b: 12 } as never }
const seen = { L: 30, a: 10, b: -40, source: 'typed' as const }

/** Every job that reads the collection, as it may be asked. */
const ASKED: Asked[] = [
  { name: 'addOne', request: { paletteId: 'skerry-case', paintId: BLUE, blend } },
  { name: 'arrangePalette', request: { paletteId: TIN, blend } },
  { name: 'explainArrangement', request: { paletteId: TIN, blend } },
  { name: 'recipesFromPaints', request: { target, paletteId: TIN, most: 2, count: 3 } },
  { name: 'assessPalette', request: { paletteId: TIN } },
  {
    name: 'indexPart',
    request: { choice: { kind: 'subject', subject: 'snow', weight: 1 }, near: 5, part: { number: 0, of: 1 } },
  },
  { name: 'whoWould', request: { paletteId: TIN, cell: 3 } },
  { name: 'proposeSwaps', request: { paletteId: TIN, today: TODAY } },
  { name: 'gatherNeeds', request: { today: TODAY, withGaps: false } },
  { name: 'choosePalette', request: { paletteId: TIN } },
  { name: 'chooseFew', request: { paletteId: TIN, count: 3, target: { kind: 'subject', subject: 'snow', weight: 1 } } },
  { name: 'proposePalettes', request: { paletteId: TIN } },
  { name: 'reducePalette', request: { paletteId: TIN, from: 'palette' } },
  { name: 'answerList', request: { text: 'Ultramarine PB29\nQuinacridone rose PV19' } },
  { name: 'findStandIns', request: { wanted: { kind: 'paint', paintId: BLUE }, paletteId: TIN } },
  { name: 'substitutePalette', request: { paletteId: TIN, text: 'Ultramarine PB29', scope: 'anything' } },
  { name: 'wantReplacing', request: { paletteId: TIN } },
  { name: 'judgeConvenience', request: { paletteId: TIN } },
  { name: 'identifyPaint', request: { observed: { masstone: seen } } },
  { name: 'paintNext', request: { paintIds: [BLUE, SIENNA] } },
  {
    name: 'predictFillings',
    request: {
      fillings: [
        {
          parts: [
            { paintId: BLUE, parts: 1 },
            { paintId: SIENNA, parts: 1 },
          ],
          waters: [0, 6],
        },
      ],
    },
  },
]
/** Jobs that only work on what they are given. */
const WITHOUT_COLLECTION: JobName[] = [
  'extractTargets',
  'findGrid',
  'packTin',
  'readCollection',
  'readColourList',
  'readList',
  'readPaintRows',
  'readPixels',
  'readPriceList',
  'readSpectra',
  'readSwatchSheet',
  'readTable',
  'readWorkbook',
  'simulateSheet',
  'solvePurchases',
]
/** Read paints as `predictFillings` does, by the same function; a photograph would take long. */
const AS_PREDICTED: JobName[] = ['checkSheet', 'simulatePage']

/** What is worked out from the collection and kept. */
const CACHES: Record<string, (r: Reading) => unknown> = {
  ...(LISTS as Record<EditableKind, (r: Reading) => unknown>),
  budgetIn,
  inventoryOf,
  itemsByPaint,
  paintsJudged,
  settingsIn,
  observationsIn,
  strengthsIn,
  indexPaintsIn,
  usable: (r) => [...r.table('paints').keys()].map(usableItemsIn(r)),
  arranged: (r) => arrangeContextOf(r, TIN).key,
}

/** Maps as plain data, so that they compare. */
const plainOf = (value: unknown): unknown => (value instanceof Map ? Object.fromEntries(value) : value)

interface Told {
  answer: unknown
  rests: Rests
}
async function ask(collection: Collection, { name, request }: Asked): Promise<Told> {
  const job = (await JOBS[name].load()) as unknown as Job<unknown, unknown, unknown>
  const rests = new Rests()
  return { answer: toTheEnd(job.run(request, rests.reading(collection))), rests }
}

/** What an answer read, by the first part of its keys: kinds, and the journal for everything in the ledger. */
const kindsOf = (rests: Rests) =>
  new Set(
    [...rests.keys()].map((k) => k.split('/')[0]!).map((k) => (k === 'account' || k === 'places' ? 'journal' : k)),
  )

it('every job is tried here, or reads nothing', () => {
  const tried = [...ASKED.map((a) => a.name), ...WITHOUT_COLLECTION, ...AS_PREDICTED]
  expect([...tried].sort()).toEqual(Object.keys(JOBS).sort())
})

describe('whatever would answer otherwise is told of a change', () => {
  const changes = runs(6)
  it(`jobs and caches, ${changes} changes of any kind`, async () => {
    const random = randomFrom(20_261_130)
    const collection = smallCollection()
    whenHeld((key) => collection.touch(keyOfHeld(key)))
    const told = new Map<string, Told>()
    for (const one of ASKED) told.set(one.name, await ask(collection, one))
    for (let i = 0; i < changes; i += 1) {
      const change = randomChange(collection, random, i)
      if (!collection.apply(change.write).ok) continue
      for (const one of ASKED) {
        const before = told.get(one.name)!
        const isTold = before.rests.haveChanged(collection)
        const now = await ask(collection, one)
        if (!same(before.answer, now.answer)) expect(isTold, `${one.name} is not told of: ${change.words}`).toBe(true)
        told.set(one.name, now)
      }
      for (const [name, read] of Object.entries(CACHES)) {
        const fresh = plainOf(read(readingOf(new Collection(collection.contents()))))
        expect(same(plainOf(read(readingOf(collection))), fresh), `${name} after ${change.words}`).toBe(true)
      }
    }
  }, 300_000)

  /** Over the whole list: any other paint may be the better answer. What share of needless calls they may have. */
  const WHOLE_LIST: Partial<Record<JobName, number>> = {
    answerList: 0.2,
    choosePalette: 0.3,
    findStandIns: 0.5,
    gatherNeeds: 0.8,
    judgeConvenience: 0.5,
    // it reads nearly everything; of the dozen changes that leave it equal one more or less is a tenth
    proposeSwaps: 0.95,
    proposePalettes: 0.3,
    reducePalette: 0.3,
    substitutePalette: 0.5,
    wantReplacing: 0.6,
  }
  const many = runs(30)
  it(`and of ${many} changes that leave its answer as it is, at most one in ten`, async () => {
    const random = randomFrom(20_261_201)
    const collection = wholeDemo()
    const calm = new Map<JobName, { equal: number; told: number }>(ASKED.map((a) => [a.name, { equal: 0, told: 0 }]))
    const told = new Map<string, Told>()
    for (const one of ASKED) told.set(one.name, await ask(collection, one))
    for (let i = 0; i < many; i += 1) {
      const change = randomChange(collection, random, i)
      if (!collection.apply(change.write).ok) continue
      for (const one of ASKED) {
        const before = told.get(one.name)!
        const isTold = before.rests.haveChanged(collection)
        const now = isTold ? await ask(collection, one) : before
        const count = calm.get(one.name)!
        // that those who were not told would answer the same is what the first test is about
        if (kindsOf(before.rests).has(change.kind) && (!isTold || same(before.answer, now.answer))) {
          count.equal += 1
          count.told += Number(isTold)
        }
        told.set(one.name, now)
      }
    }
    if (process.env.JX_TOLD) console.log(Object.fromEntries([...calm].map(([n, c]) => [n, `${c.told} of ${c.equal}`])))
    for (const [name, { equal, told: needless }] of calm)
      if (equal >= 10) expect(needless / equal, name).toBeLessThanOrEqual(WHOLE_LIST[name] ?? 0.1)
  }, 300_000)
})
