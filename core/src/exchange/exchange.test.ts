import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { said, steps, write, type Step } from '../collection/steps.arbitrary'
import { added, removed, updated } from '../documents/diff'
import { paint, tin } from '../documents/documents.fixture'
import { SETTINGS_ID } from '../documents/settings'
import { events, stamp } from '../ledger/journal.arbitrary'
import { Ledger } from '../ledger/ledger'
import { runs } from '../../../tests/setup/runs'
import { bringTogether, greater, TestDevice } from './devices.fixture'
import { comesWithout } from './settling'
import { beganFrom } from './stamps'

const moreSteps: fc.Arbitrary<Step> = fc.oneof(
  { weight: 4, arbitrary: steps },
  fc.tuple(fc.constantFrom('a', 'b', 'c'), fc.nat(3)).map(([id, n]): Step => (c) => {
    const before = c.get('paints', id)
    return before ? write(updated('paints', before, { ...before, fromTheFuture: { n } } as never)) : write()
  }),
  fc.constantFrom('a', 'b', 'c').map((id): Step => (c) => {
    const { note: _gone, ...rest } = (c.get('paints', id) ?? {}) as { note?: string }
    const before = c.get('paints', id)
    return before ? write(updated('paints', before, rest as never)) : write()
  }),
  fc.constantFrom('EUR', 'GBP', 'NOK').map((currency): Step => (c) => {
    const before = c.get('settings', SETTINGS_ID)
    const after = { ...(before ?? { id: SETTINGS_ID, v: 1 as const }), currency }
    return write(before ? updated('settings', before, after) : added('settings', after))
  }),
  // something is corrected or struck out
  fc.tuple(fc.nat(), fc.option(events)).map(([target, becomes]): Step => (c, n) => {
    const known = [...c.journal.values()].filter((e) => e.type === 'event')
    const corrects = known[target % Math.max(1, known.length)]?.id
    return {
      diff: [],
      journal: corrects ? [{ ...stamp(n), v: 2, type: 'correction', corrects, becomes }] : [],
    }
  }),
)

interface Did {
  who: number
  step: Step
}
const COUNT = 3
const whose = fc.nat(COUNT - 1)
const did: fc.Arbitrary<Did[]> = fc.array(fc.record({ who: whose, step: moreSteps }), { maxLength: 24 })
const pairs = fc.array(fc.tuple(whose, whose), { maxLength: 8 })
/** How far each clock is off, in seconds. */
const clocks = fc.array(fc.integer({ min: -5000, max: 5000 }), { minLength: COUNT, maxLength: COUNT })

const devices = () => ['laptop', 'phone', 'tablet'].map((name) => new TestDevice(name))

/** A step as that device does it, by its own clock. */
function act({ who, step }: Did, n: number, all: readonly TestDevice[], clock: readonly number[]): void {
  const { collection } = all[who]!
  const { diff, journal } = step(collection, n)
  const late = (recorded: string) => new Date(Date.parse(recorded) + clock[who]! * 1000).toISOString()
  const applied = collection.apply({ diff, journal: journal.map((e) => ({ ...e, recorded: late(e.recorded) })) })
  if (!applied.ok) throw new Error(applied.error.message)
}

/** Whether all say the same, and each what a ledger over all that was ever recorded says. */
function areOne(all: readonly TestDevice[]): void {
  const [first, ...rest] = all.map((d) => said(d.collection))
  for (const other of rest) expect(other).toEqual(first)
  const entries = new Map(all.flatMap((d) => [...d.collection.journal]))
  expect(all[0]!.collection.journal.size).toBe(entries.size)
  const whole = new Ledger(entries.values())
  expect([...whole.places('tin')]).toEqual([...all[0]!.collection.ledger.places('tin')])
  for (const item of ['t1', 't2', 't3']) expect(whole.account(item)).toEqual(all[0]!.collection.ledger.account(item))
}

describe('devices that went on apart', () => {
  it('are one when they were brought together, in whatever order and however often', () => {
    fc.assert(
      fc.property(did, pairs, pairs, clocks, (done, order, otherOrder, clock) => {
        const [one, other] = [devices(), devices()]
        for (const all of [one, other]) {
          // all began from the same
          act({ who: 0, step: () => write(added('palettes', tin), added('paints', paint('a'))) }, 0, all, clock)
          bringTogether(all)
          done.forEach((d, n) => act(d, n + 1, all, clock))
        }
        bringTogether(one, order)
        bringTogether(other, otherOrder)
        areOne(one)
        expect(said(other[0]!.collection)).toEqual(said(one[0]!.collection))
      }),
      { numRuns: runs(80) },
    )
  })

  it('come to one end when they meet in between, are wiped, or one joins late', () => {
    const happening = fc.oneof(
      { weight: 5, arbitrary: fc.record({ who: whose, step: moreSteps }) },
      { weight: 3, arbitrary: fc.record({ from: whose, to: whose }) },
      fc.record({ wiped: whose }),
      fc.record({ began: whose, from: whose }),
    )
    fc.assert(
      fc.property(fc.array(happening, { maxLength: 40 }), clocks, (happenings, clock) => {
        const all = devices()
        const recorded = new Set<string>()
        happenings.forEach((h, n) => {
          if ('step' in h) {
            act(h, n + 1, all, clock)
            for (const id of all[h.who]!.collection.journal.keys()) recorded.add(id)
          } else if ('to' in h) {
            if (h.from !== h.to) all[h.to]!.read(all[h.from]!.write())
          } else if ('wiped' in h) all[h.wiped]!.wipe()
          else if (h.began !== h.from) {
            // a device takes over another's file whole, as when it is new
            const { contents, stamps } = all[h.from]!.write()
            const device = all[h.began]!
            device.wipe()
            device.collection.replace(contents)
            device.known = beganFrom(device.known.life, stamps, contents.documents)
          }
        })
        bringTogether(all)
        areOne(all)
      }),
      { numRuns: runs(80) },
    )
  })

  it('change nothing by meeting themselves, or what they just met', () => {
    fc.assert(
      fc.property(did, clocks, (done, clock) => {
        const all = devices()
        done.forEach((d, n) => act(d, n + 1, all, clock))
        bringTogether(all)
        for (const one of all) for (const other of all) expect(one.read(other.write())).toBe(0)
      }),
      { numRuns: runs(40) },
    )
  })

  it('lose no field that one of them alone knows', () => {
    fc.assert(
      fc.property(fc.nat(COUNT - 1), pairs, (who, order) => {
        const all = devices()
        act({ who: 0, step: () => write(added('paints', paint('a'))) }, 0, all, [0, 0, 0])
        bringTogether(all)
        const { collection } = all[who]!
        const a = collection.get('paints', 'a')!
        collection.apply(write(updated('paints', a, { ...a, fromTheFuture: [1, { two: 2 }] } as never)))
        for (const device of all) {
          const paintNow = device.collection.get('paints', 'a')!
          const series = `by ${device.name}`
          device.collection.apply(write(updated('paints', paintNow, { ...paintNow, [device.name]: series } as never)))
        }
        bringTogether(all, order)
        const fields = { fromTheFuture: [1, { two: 2 }], laptop: 'by laptop', phone: 'by phone', tablet: 'by tablet' }
        for (const device of all) expect(device.collection.get('paints', 'a')).toMatchObject(fields)
      }),
      { numRuns: runs(20) },
    )
  })
})

describe('what was changed on both sides', () => {
  /** Two devices that both hold one paint and one palette. */
  function pair(): [TestDevice, TestDevice] {
    const [laptop, phone] = devices() as [TestDevice, TestDevice]
    laptop.collection.apply(write(added('paints', paint('a', { note: 'old' })), added('palettes', tin)))
    bringTogether([laptop, phone])
    return [laptop, phone]
  }
  const change = (device: TestDevice, fields: object) => {
    const before = device.collection.get('paints', 'a')!
    device.collection.apply(write(updated('paints', before, { ...before, ...fields } as never)))
  }
  const fates = (one: TestDevice, other: TestDevice) =>
    one
      .meeting(other.write())
      .documents.filter((d) => d.kind !== 'settings')
      .map((d) => `${d.id} ${d.fate}`)

  it('is joined field by field where each changed another, and asked where both changed one', () => {
    const [laptop, phone] = pair()
    change(laptop, { note: 'from the laptop' })
    change(phone, { series: '2' })
    expect(fates(laptop, phone)).toEqual(['a joined', 'tin joined'])
    laptop.read(phone.write())
    expect(laptop.collection.get('paints', 'a')).toMatchObject({ note: 'from the laptop', series: '2' })

    change(phone, { note: 'from the phone' })
    const meeting = laptop.meeting(phone.write())
    const asked = meeting.documents.find((d) => d.fate === 'asked')!
    const open = [...asked.parts].filter(([, joined]) => joined.is === 'open')
    expect(open).toEqual([
      [
        '/note',
        {
          is: 'open',
          here: { value: 'from the laptop', dot: 'laptop-life0.2' },
          there: { value: 'from the phone', dot: 'phone-life0.2' },
        },
      ],
    ])
    // chosen once, it is not asked again on the other
    laptop.read(phone.write(), () => 'here')
    expect(fates(phone, laptop)).toEqual(['a joined', 'tin joined'])
    phone.read(laptop.write())
    expect(phone.collection.get('paints', 'a')!.note).toBe('from the laptop')
  })

  it('of a plan is asked place by place', () => {
    const [laptop, phone] = pair()
    const plan = (device: TestDevice, places: object) =>
      device.collection.apply(
        write(updated('palettes', device.collection.get('palettes', 'tin')!, { ...tin, plan: places as never })),
      )
    plan(laptop, { A1: { paintId: 'a' }, A2: { reserved: 'green' } })
    plan(phone, { A1: { reserved: 'blue' }, A3: { reserved: 'red' } })
    const asked = laptop.meeting(phone.write()).documents.find((d) => d.fate === 'asked')!
    expect([...asked.parts].filter(([, j]) => j.is === 'open').map(([part]) => part)).toEqual(['/plan/A1'])
    laptop.read(phone.write(), () => 'there')
    expect(laptop.collection.get('palettes', 'tin')!.plan).toEqual({
      A1: { reserved: 'blue' },
      A2: { reserved: 'green' },
      A3: { reserved: 'red' },
    })
  })

  it('outlives a removal, unless it is chosen to go', () => {
    const removeIt = (device: TestDevice) =>
      device.collection.apply(
        write({ kind: 'paints', id: 'a', before: device.collection.get('paints', 'a')!, after: null }),
      )
    const [laptop, phone] = pair()
    removeIt(laptop)
    change(phone, { note: 'edited' })
    expect(fates(laptop, phone)).toContain('a removed here')
    expect(fates(phone, laptop)).toContain('a removed there')
    laptop.read(phone.write(), () => 'here')
    expect(laptop.collection.get('paints', 'a')).toBeUndefined()
    phone.read(laptop.write())
    expect(phone.collection.get('paints', 'a')).toBeUndefined()

    const [one, other] = pair()
    removeIt(one)
    expect(fates(one, other)).toContain('a stays')
    expect(fates(other, one)).toContain('a goes')
    change(other, { note: 'edited' })
    one.read(other.write(), greater)
    expect(one.collection.get('paints', 'a')).toMatchObject({ note: 'edited' })
  })

  it('a removal goes over, of a field as of a document, and a wipe does not', () => {
    const [one, other] = pair()
    const { note: _gone, ...rest } = one.collection.get('paints', 'a') as { note?: string }
    const before = one.collection.get('paints', 'a')!
    one.collection.apply(write(updated('paints', before, rest as never), removed('palettes', tin)))
    other.read(one.write())
    expect(other.collection.get('paints', 'a')).toEqual(paint('a'))
    expect(other.collection.get('palettes', 'tin')).toBeUndefined()

    const [laptop, phone] = pair()
    laptop.wipe()
    expect(phone.read(laptop.write())).toBe(0)
    laptop.read(phone.write())
    expect(laptop.collection.get('paints', 'a')).toBeDefined()
  })

  it('a device that began as a copy of another asks nothing but what both changed since', () => {
    const [laptop, phone] = devices() as [TestDevice, TestDevice]
    laptop.collection.apply(write(added('paints', paint('a', { note: 'old' })), added('paints', paint('b'))))
    const { contents, stamps } = laptop.write()
    phone.collection.replace(contents)
    phone.known = beganFrom('phone-life1', stamps, contents.documents)
    change(phone, { note: 'from the phone' })
    phone.collection.apply(write(removed('paints', paint('b'))))
    const meeting = laptop.meeting(phone.write())
    expect(meeting.areStrangers).toBe(false)
    expect(meeting.documents.map((d) => `${d.id} ${d.fate}`)).toEqual(['a joined', 'b goes'])
    expect(laptop.read(phone.write())).toBe(2)
    expect(laptop.collection.get('paints', 'a')).toMatchObject({ note: 'from the phone' })
  })

  it('between strangers every difference is asked, and what one alone has stays or comes', () => {
    const [laptop, phone] = devices() as [TestDevice, TestDevice]
    laptop.collection.apply(write(added('paints', paint('a', { note: 'L' })), added('paints', paint('b'))))
    phone.collection.apply(write(added('paints', paint('a', { note: 'P' })), added('paints', paint('c'))))
    const meeting = laptop.meeting(phone.write())
    expect(meeting.areStrangers).toBe(true)
    // what both have otherwise is not among what comes by itself
    expect(comesWithout(meeting, phone.write().stamps)).toMatchObject({
      diff: [{ id: 'c', before: null }],
      journal: [],
    })
    expect(meeting.documents.map((d) => `${d.id} ${d.fate}`)).toEqual(['a asked', 'b stays', 'c comes'])
    bringTogether([laptop, phone])
    expect(laptop.meeting(phone.write()).areStrangers).toBe(false)
  })
})
