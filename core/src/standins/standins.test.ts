import { describe, expect, it } from 'vitest'
import { paint as bare, tube } from '../documents/documents.fixture'
import type { DrawbackKind } from '../choosing/drawbacks'
import type { Paint } from '../documents/paint'
import type { Trial, Wanted } from '../documents/trial'
import { findRecipes } from '../mixing/recipes/findRecipes'
import { cachedOptics } from '../film/cachedOptics'
import { findStandIns, searchStandIns } from './findStandIns'
import type { StandInContext } from './judge'
import { mattersInWords, USUAL_MATTERS } from './matters'
import { losesOf, mustsOf } from './musts'
import { soughtOf, targetOf, type Sought } from './sought'

// Facts marked "practice" are common practice, no source; colours are the reference's.

const paint = (id: string, pigments: string[], more: Partial<Paint> = {}) => bare(id, { pigments, ...more })
const sought = (wanted: Wanted, owned: readonly Paint[]): Sought => {
  const known = soughtOf(wanted, (id) => owned.find((p) => p.id === id))
  if (!known.ok) throw new Error(known.error.message)
  return known.value
}
const context = (palette: readonly Paint[], owned: readonly Paint[] = palette): StandInContext => ({
  palette,
  owned,
  itemsOf: (id) => (owned.some((p) => p.id === id) ? [tube(`${id}-1`, id)] : []),
})
const standInsFor = (own: Paint, palette: readonly Paint[], owned: readonly Paint[] = palette, more = {}) => {
  const question = {
    sought: sought({ kind: 'paint', paintId: own.id }, [...owned, own]),
    context: context(
      palette.filter((p) => p.id !== own.id),
      owned,
    ),
    ...more,
  }
  const found = findStandIns(question)
  if (!found.ok) throw new Error(found.error.message)
  return found.value
}
const ids = (mixture: { paints: { id: string }[] } | undefined) => mixture?.paints.map((p) => p.id).sort()

const primaries = [
  paint('lemon', ['PY3']),
  paint('rose', ['PV19'], { variants: { PV19: 'rose' } }),
  paint('phthalo blue', ['PB15:3']),
  paint('ultramarine', ['PB29']),
]

describe('standing in, as painters know it', () => {
  it('a green of PO49 and PG7 is mixed by those two (practice)', () => {
    const green = paint('olive', ['PO49', 'PG7'])
    const palette = [paint('gold', ['PO49']), paint('phthalo green', ['PG7']), ...primaries]
    const best = standInsFor(green, palette).find((s) => s.kind === 'mixture of the palette')
    expect(ids(best?.mixture)).toEqual(['gold', 'phthalo green'])
    expect(best!.alone.difference).toBeLessThan(2)
    expect(best!.places).toBe(0)
  })

  it('a violet of PB29 and rose is mixed by those two (practice)', () => {
    const violet = paint('violet', ['PB29', 'PV19'], { variants: { PV19: 'rose' } })
    const best = standInsFor(violet, [...primaries, paint('ochre', ['PY42'])]).find((s) => s.mixture)
    expect(ids(best?.mixture)).toEqual(['rose', 'ultramarine'])
  })

  it('PG7 for a PG18 that dries to stone: it stains more and does not granulate (practice)', () => {
    const viridian = paint('viridian', ['PG18'])
    const pg7 = standInsFor(viridian, [...primaries, paint('phthalo green', ['PG7'])]).find(
      (s) => s.paintId === 'phthalo green',
    )!
    const words = pg7.unlike.map((u) => u.words).join('; ')
    expect(words).toContain('stains strongly, not lifts clean')
    expect(words).toContain('smooth, not granulating')
    expect(pg7.risks.join()).not.toContain('hardens')
    const back = standInsFor(paint('phthalo green', ['PG7']), primaries, [...primaries, viridian])
    expect(back.find((s) => s.paintId === 'viridian')?.risks.join()).toContain('viridian hardens in a pan')
  })

  it('PR122 is the permanent answer to a fluorescent rose, less bright (practice)', () => {
    const opera = paint('fluorescent rose', ['BV10'], { effect: 'fluorescent' })
    const owned = [
      paint('magenta', ['PR122']),
      paint('crimson', ['PR83:1']),
      paint('venetian', ['PR101']),
      ...primaries,
    ]
    const found = standInsFor(opera, owned)
    const [first] = found.filter((s) => s.paintId)
    expect(first!.paintId).toBe('magenta')
    expect(first!.unlike.map((u) => u.trait)).toContain('effect')
    expect(first!.unlike.find((u) => u.trait === 'lightfastness')?.isLoss).toBe(false)
  })

  it('two indigos of different pigments are not one paint (practice)', () => {
    const one = paint('indigo', ['PB60', 'PBk6'])
    const other = paint('indigo-2', ['PB15:3', 'PR177', 'PBk7'], { name: 'indigo' })
    expect(standInsFor(one, primaries, [...primaries, other]).find((s) => s.paintId === 'indigo-2')?.kind).toBe(
      'other pigments',
    )
  })

  it('the teal PB28 does not stand in for the blue PB28, though the code is the same (practice)', () => {
    const blue = paint('cobalt blue', ['PB28'], { variants: { PB28: 'blue' } })
    const teal = paint('cobalt teal', ['PB28'], { variants: { PB28: 'teal' } })
    const [other] = standInsFor(blue, primaries, [...primaries, teal]).filter((s) => s.paintId === 'cobalt teal')
    expect(other!.kind).toBe('same pigments')
    expect(other!.alone.difference).toBeGreaterThan(10)
    expect(standInsFor(blue, primaries, [...primaries, teal]).filter((s) => s.paintId)[0]!.paintId).not.toBe(
      'cobalt teal',
    )
  })

  it('indanthrone with a green-leaning blue comes near an iron blue (practice)', () => {
    const iron = paint('prussian', ['PB27'])
    const mixed = standInsFor(iron, [paint('indanthrone', ['PB60']), paint('phthalo blue', ['PB15:3'])]).find(
      (s) => s.mixture,
    )
    expect(ids(mixed?.mixture)).toEqual(['indanthrone', 'phthalo blue'])
    // nearer than either by itself, and near in the words of the strip, which begin to doubt at 7
    const alone = standInsFor(iron, [], [paint('indanthrone', ['PB60']), paint('phthalo blue', ['PB15:3'])])
    const either = alone.filter((s) => s.paintId).map((s) => s.alone.difference)
    expect(mixed!.alone.difference).toBeLessThan(Math.min(...either))
    expect(mixed!.alone.difference).toBeLessThan(7)
  })

  it('a cyan of PB15:3 and PG7 is nearly its PB15:3 neighbour (practice)', () => {
    const cyan = paint('cyan', ['PB15:3', 'PG7'], {
      masstone: { L: 28, a: -4, b: -37, source: 'typed' },
      wash: { L: 62, a: -21, b: -34, source: 'typed' },
    })
    expect(standInsFor(cyan, primaries)[0]!.paintId).toBe('phthalo blue')
  })
})

describe('the list', () => {
  const own = paint('ochre', ['PY42'])
  const sienna = paint('sienna', ['PBr7'], { name: 'raw sienna', variants: { PBr7: 'raw sienna' } })
  const other = paint('ochre-2', ['PY42'], { maker: 'Fulmar', name: 'ochre' })

  it('the same paint from another tube comes before all, and nothing stands in for itself', () => {
    const found = standInsFor(own, [...primaries, own], [...primaries, own, sienna, other])
    expect(found[0]).toMatchObject({ kind: 'another item', paintId: 'ochre', score: expect.any(Number) as number })
    expect(found.filter((s) => s.paintId === 'ochre')).toHaveLength(1)
    expect(found.every((s) => !s.mixture?.paints.some((p) => p.id === 'ochre'))).toBe(true)
    expect(found.find((s) => s.paintId === 'ochre-2')?.kind).toBe('same pigments')
  })

  it('tells apart what matches alone and greys every green: the mixtures count', () => {
    const yellow = paint('yellow', ['PY3'], {
      masstone: { L: 88, a: -8, b: 84, source: 'typed' },
      wash: { L: 93, a: -12, b: 52, source: 'typed' },
    })
    // the same yellow by itself, with a red in it that a blue brings out
    const muddy = paint('muddy', ['PY97', 'PR101'], { masstone: yellow.masstone!, wash: yellow.wash! })
    const clean = paint('clean', ['PY3'], {
      masstone: { ...yellow.masstone!, L: 87 },
      wash: { ...yellow.wash!, L: 92 },
    })
    const list = standInsFor(yellow, primaries, [...primaries, muddy, clean])
    const apart = (id: string) => list.find((s) => s.paintId === id)!.inMixtures!
    expect(apart('muddy').mean).toBeGreaterThan(apart('clean').mean)
    expect(primaries.map((p) => p.id)).toContain(apart('muddy').worstWith)
    // alone the muddy one is nearer; with its mixtures counted the clean one is before it
    const none = { colour: 0, mixtures: 0, behaviour: 0, permanence: 0, purity: 0, price: 0, staying: 0 }
    const first = (matters: typeof none) =>
      standInsFor(yellow, primaries, [...primaries, muddy, clean], { matters }).find((s) => s.paintId)!.paintId
    expect(first({ ...none, colour: 1 })).toBe('muddy')
    expect(first({ ...none, colour: 0.2, mixtures: 1 })).toBe('clean')
  })

  it('what was tried outranks what is predicted, and what held badly or was refused comes last', () => {
    const wanted = { kind: 'paint' as const, paintId: 'ochre' }
    const trial = (paintId: string, more: Partial<Trial>): Trial => ({
      id: paintId,
      v: 1,
      wanted,
      instead: { kind: 'paint', paintId },
      day: '2026-05-01',
      ...more,
    })
    const passable = standInsFor(own, primaries, [...primaries, sienna, other], {
      trials: [trial('lemon', { held: 'well' }), trial('rose', { held: 'passably' })],
    })
    expect(passable.slice(0, 2).map((s) => s.paintId)).toEqual(['lemon', 'rose'])
    const trials = [
      trial('lemon', { held: 'well' }),
      trial('ochre-2', { held: 'badly' }),
      trial('sienna', { refused: true }),
    ]
    const list = standInsFor(own, primaries, [...primaries, sienna, other], { trials })
    expect(list[0]).toMatchObject({ paintId: 'lemon', trial: { held: 'well' } })
    expect(
      list
        .slice(-2)
        .map((s) => s.paintId)
        .sort(),
    ).toEqual(['ochre-2', 'sienna'])
  })

  it('is ordered by what matters: who wants behaviour gets another than who wants colour alone', () => {
    const none = { colour: 0, mixtures: 0, behaviour: 0, permanence: 0, purity: 0, price: 0, staying: 0 }
    const wanted = paint('cerulean', ['PB35'])
    const owned = [paint('phthalo', ['PB15:3']), paint('cobalt', ['PB28'], { variants: { PB28: 'blue' } })]
    const by = (matters: typeof none) => standInsFor(wanted, [], owned, { matters, most: 1 }).filter((s) => s.paintId)
    const steps = (s: (typeof owned)[number] | { unlike: { steps: number }[] }) =>
      (s as { unlike: { steps: number }[] }).unlike.reduce((sum, u) => sum + u.steps, 0)
    const [first, second] = by({ ...none, behaviour: 1 })
    expect(steps(first!)).toBeLessThanOrEqual(steps(second!))
    const [near, far] = by({ ...none, colour: 1 })
    expect(near!.alone.difference).toBeLessThan(far!.alone.difference)
    expect(mattersInWords({ ...USUAL_MATTERS, price: 2 })).toContain('Above all: price.')
  })

  it('finds the mixture that an exhaustive search finds', () => {
    const violet = paint('violet', ['PV23'])
    const known = sought({ kind: 'paint', paintId: 'violet' }, [violet])
    const whole = findRecipes({
      target: targetOf(known)!,
      paints: primaries.map((p) => {
        const optics = cachedOptics(p)
        if (!optics.ok) throw new Error(optics.error.message)
        return { id: p.id, optics: optics.value }
      }),
    })
    const nearest = Math.min(
      ...(whole.ok ? whole.value.best : []).filter((r) => r.paints.length > 1).map((r) => r.difference),
    )
    const own = standInsFor(violet, primaries).filter((s) => s.kind === 'mixture of the palette')
    expect(Math.min(...own.map((s) => s.alone.difference))).toBeCloseTo(nearest, 6)
  })

  it('says so where nothing can be compared, and asks of a code of several colours', () => {
    expect(soughtOf({ kind: 'colour', L: Number.NaN, a: 0, b: 0 }, () => undefined)).toMatchObject({
      error: { code: 'bad-colour' },
    })
    expect(soughtOf({ kind: 'paint', paintId: 'gone' }, () => undefined)).toMatchObject({ error: { code: 'no-paint' } })
    expect(soughtOf({ kind: 'pigment', pigment: 'PB999' }, () => undefined)).toMatchObject({
      error: { code: 'unknown-code' },
    })
    const bareOne = bare('bare')
    expect(soughtOf({ kind: 'paint', paintId: 'bare' }, () => bareOne)).toMatchObject({ error: { code: 'no-colour' } })
    // nothing owned: what would have to be bought is still said
    const known = sought({ kind: 'pigment', pigment: 'PY43' }, [])
    const found = findStandIns({ sought: known, context: context([], []) })
    expect(found.ok && found.value.every((s) => s.kind === 'to buy')).toBe(true)
  })

  it('answers as it goes, the same each time', () => {
    const question = {
      sought: sought({ kind: 'paint', paintId: 'ochre' }, [own]),
      context: context([...primaries, sienna]),
    }
    const [first] = [...searchStandIns(question)]
    expect(first!.soFar!.length).toBeGreaterThan(3)
    expect(findStandIns(question)).toEqual(findStandIns(question))
  })
})

describe('what must not be lost follows from why', () => {
  const cadmium = paint('cadmium red', ['PR108'])
  const drawer = [
    paint('naphthol', ['PR170']),
    paint('pyrrole', ['PR254']),
    paint('carmine', ['NR4']),
    paint('cadmium orange', ['PO20']),
    paint('cobalt violet', ['PV14']),
    ...primaries,
  ]
  it('what needs caution is no answer, nor a part of one, where nothing may need it', () => {
    const all = standInsFor(cadmium, primaries, drawer)
    expect(all.some((s) => s.loses.includes('caution'))).toBe(true)
    const safe = standInsFor(cadmium, primaries, drawer, { musts: ['caution', 'children'] })
    expect(safe.length).toBeGreaterThan(3)
    const parts = safe.flatMap((s) => s.mixture?.paints.map((p) => p.id) ?? s.paintId ?? [])
    expect(parts).not.toContain('cadmium orange')
    expect(parts).not.toContain('cobalt violet')
    expect(parts).not.toContain('cadmium red')
    expect(parts).toContain('pyrrole')
    expect(safe.every((s) => s.risks.every((risk) => !risk.includes('caution')))).toBe(true)
  })
  it('what fades is no answer for what fades', () => {
    const lasting = standInsFor(paint('madder', ['NR9']), primaries, drawer, { musts: ['last'] })
    expect(lasting.some((s) => s.paintId === 'carmine')).toBe(false)
    expect(standInsFor(paint('madder', ['NR9']), primaries, drawer).some((s) => s.paintId === 'carmine')).toBe(true)
  })
  it('reasons name what must not be lost; being nearly empty names nothing', () => {
    const kinds = (...all: DrawbackKind[]) => mustsOf(all.map((kind) => ({ kind })))
    expect(kinds('fades', 'caution')).toEqual(['last', 'caution'])
    expect(kinds('dear', 'not vegan', 'in the pan', 'discontinued')).toEqual(['made', 'rewet', 'vegan', 'price'])
    expect(kinds('running low', 'nothing left', 'twin', 'reformulated')).toEqual([])
  })
  it('nothing dearer, where the prices are known in one currency', () => {
    const euro = (minor: number) => ({ minor, currency: 'EUR' })
    expect(losesOf([], euro(90), euro(80))).toEqual(['price'])
    expect(losesOf([], euro(80), euro(80))).toEqual([])
    expect(losesOf([], undefined, euro(80))).toEqual([])
    expect(losesOf([], { minor: 90, currency: 'NOK' }, euro(80))).toEqual([])
  })
})
