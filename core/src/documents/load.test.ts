import { describe, expect, it } from 'vitest'
import { KIND_NAMES, KINDS, type KindName } from './kinds'
import { loadDocument } from './load'

/** One document as each old version wrote it, and what must become of it. A migration without a row here fails. */
const OLD: Partial<Record<KindName, Record<number, { was: Record<string, unknown>; is: Record<string, unknown> }>>> = {
  items: {
    1: {
      was: { id: 'i', v: 1, paintId: 'p', kind: 'tube', millilitres: 15, state: 'stiff', shelf: 'top' },
      is: {
        id: 'i',
        v: 2,
        paintId: 'p',
        kind: 'tube',
        millilitres: 15,
        supply: 'open',
        remarks: ['stiff'],
        shelf: 'top',
      },
    },
  },
  paints: {
    1: {
      was: { id: 'p', v: 1, maker: '', name: 'Raw umber', pigments: ['PBr7'], family: 'earth', shelf: 'top' },
      is: { id: 'p', v: 2, maker: '', name: 'Raw umber', pigments: ['PBr7'], family: 'brown', shelf: 'top' },
    },
  },
  journal: {
    1: {
      was: {
        id: 'e',
        v: 1,
        recorded: '2026-05-01T08:00:00.000Z',
        type: 'correction',
        corrects: 'd',
        becomes: { kind: 'exchange', day: '2026-05-01', paletteId: 'tin', placeId: 'A1', otherPlaceId: 'B2', mood: 1 },
      },
      is: {
        id: 'e',
        v: 2,
        recorded: '2026-05-01T08:00:00.000Z',
        type: 'correction',
        corrects: 'd',
        becomes: {
          kind: 'exchange',
          day: '2026-05-01',
          place: { paletteId: 'tin', placeId: 'A1' },
          other: { paletteId: 'tin', placeId: 'B2' },
          mood: 1,
        },
      },
    },
  },
}

describe('migrations', () => {
  it.each(KIND_NAMES)('%s: there is one from every old version, and each has a test', (name) => {
    const { version, migrations } = KINDS[name]
    const from = Array.from({ length: version - 1 }, (_, i) => String(i + 1))
    expect(Object.keys(migrations)).toEqual(from)
    expect(Object.keys(OLD[name] ?? {})).toEqual(from)
  })

  it.each(
    Object.entries(OLD).flatMap(([name, versions]) =>
      Object.entries(versions).map(([v, row]) => [name, v, row] as const),
    ),
  )('%s from version %s', (name, _v, { was, is }) => {
    const frozen = Object.freeze({ ...was })
    expect(loadDocument(name as KindName, frozen)).toEqual({ ok: true, value: is })
  })

  it.each([
    ['earth', { name: 'Burnt sienna', pigments: ['PBr7'] }, 'red earth'],
    ['earth', { name: 'Yellow ochre', pigments: ['PY43'] }, 'yellow earth'],
    ['earth', { name: 'Kelp', pigments: ['PY42'] }, 'yellow earth'],
    ['earth', { name: 'Rust', pigments: ['PR101', 'PR102'] }, 'red earth'],
    ['earth', { name: 'Cliff', pigments: ['PG23'] }, 'green earth'],
    ['earth', { name: 'Cliff', pigments: [] }, 'brown'],
    ['neutral', { name: 'Fog', pigments: ['PBk6'] }, 'black'],
    ['neutral', { name: 'Fog', pigments: ['PBk6'], masstone: { L: 60, a: 0, b: 0, source: 'typed' } }, 'grey'],
    ['neutral', { name: 'Fog', pigments: ['PB29', 'PR101'] }, 'grey'],
    ['green', { name: 'Sap', pigments: ['PG7'] }, 'green'],
    [undefined, { name: 'Sap', pigments: ['PG7'] }, undefined],
  ])('files what was %s: %o as %s', (family, more, fine) => {
    const read = loadDocument('paints', { id: 'p', v: 1, maker: '', ...(family ? { family } : {}), ...more })
    expect(read.ok && (read.value as { family?: string }).family).toBe(fine)
  })

  it('keeps a supply a supply', () => {
    expect(
      loadDocument('items', { id: 'i', v: 1, paintId: 'p', kind: 'tube', millilitres: 5, state: 'lent' }),
    ).toMatchObject({ value: { supply: 'lent', remarks: [] } })
  })
})

describe('what cannot be loaded says why', () => {
  const paint = { id: 'p', v: 2, maker: '', name: 'Kelp', pigments: [] }
  const code = (raw: unknown) => {
    const read = loadDocument('paints', raw)
    return read.ok ? 'ok' : read.error.code
  }
  it.each([
    [null, 'not-a-document'],
    [[], 'not-a-document'],
    ['paint', 'not-a-document'],
    [{ ...paint, v: undefined }, 'not-a-document'],
    [{ ...paint, v: 3 }, 'from-newer-version'],
    [{ ...paint, v: 0 }, 'no-migration'],
    [{ ...paint, name: '' }, 'invalid-document'],
    [{ ...paint, name: 'x'.repeat(10_000) }, 'invalid-document'],
    [{ ...paint, pigments: ['blue'] }, 'invalid-document'],
    [JSON.parse('{"id":"p","v":1,"maker":"","name":"K","pigments":[],"__proto__":{"polluted":1}}'), 'invalid-document'],
    [{ ...paint, extra: { constructor: 1 } }, 'invalid-document'],
    [{ ...paint, masstone: { L: Number.NaN, a: 0, b: 0, source: 'typed' } }, 'invalid-document'],
    [paint, 'ok'],
  ])('%#', (raw, expected) => expect(code(raw)).toBe(expected))

  it('refuses endless nesting', () => {
    let deep: unknown = 1
    for (let i = 0; i < 50; i += 1) deep = { deep }
    expect(code({ ...paint, deep })).toBe('invalid-document')
  })

  it('keeps fields it does not know', () => {
    expect(loadDocument('paints', { ...paint, fromTomorrow: { a: [1] } })).toMatchObject({
      value: { fromTomorrow: { a: [1] } },
    })
  })
})
