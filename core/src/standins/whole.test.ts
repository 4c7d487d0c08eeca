import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { paint as bare, tin, tube } from '../documents/documents.fixture'
import type { Paint } from '../documents/paint'
import { planAt } from '../documents/plan'
import { toTheEnd } from '../steps'
import { proposalsFor, wantingOf } from './because'
import { convenienceOf } from './convenience'
import { identifyPaint } from './identifyPaint'
import { awayIn, restoreAt, standInAt } from './inPlace'
import type { StandInContext } from './judge'
import { soughtAsListed, soughtOf } from './sought'
import { substitutePalette } from './substitutePalette'

const paint = (id: string, pigments: string[], more: Partial<Paint> = {}) => bare(id, { pigments, ...more })
const context = (palette: readonly Paint[], owned: readonly Paint[] = palette): StandInContext => ({
  palette,
  owned,
  itemsOf: (id) => (owned.some((p) => p.id === id) ? [tube(`${id}-1`, id)] : []),
})
const line = (p: Paint) => ({ id: p.id, sought: soughtOf({ kind: 'paint', paintId: p.id }, () => p) })
const isAnother = (_: string, s: { kind: string }) => s.kind === 'another item'

const lemon = paint('lemon', ['PY3'])
const rose = paint('rose', ['PV19'], { variants: { PV19: 'rose' } })
const phthalo = paint('phthalo', ['PB15:3'])
const ultramarine = paint('ultramarine', ['PB29'])
const gold = paint('gold', ['PO49'])
const green = paint('green', ['PG7'])
const olive = paint('olive', ['PO49', 'PG7'])
const violet = paint('violet', ['PB29', 'PV19'], { variants: { PV19: 'rose' } })

describe('a stand-in for every line', () => {
  it('stays within the palette, what is owned, or the price', () => {
    const palette = [lemon, rose, ultramarine, violet]
    const own = context(palette, [...palette, gold, green])
    const ask = (scope: 'this palette' | 'what is owned' | 'anything', more = {}) => {
      const found = toTheEnd(
        substitutePalette({ lines: palette.map(line), context: own, scope, near: 5, unless: isAnother, ...more }),
      )
      if (!found.ok) throw new Error(found.error.message)
      return found.value
    }
    for (const { best } of ask('this palette')) expect(best?.places ?? 0).toBe(0)
    expect(ask('what is owned').every(({ best }) => best?.kind !== 'to buy')).toBe(true)
    const one = ask('this palette').find((s) => s.id === 'violet')!
    expect(one.best?.mixture?.paints.map((p) => p.id).sort()).toEqual(['rose', 'ultramarine'])
    expect(one.isNear).toBe(true)
    // nothing here has a price: at a price nothing is left, and that is said
    const capped = ask('anything', { mostPerMl: { minor: 50, currency: 'EUR' } })
    expect(capped.every((s) => !s.best && s.message?.includes('at that price'))).toBe(true)
  })

  it('a line that names nothing known says so, and the others go on', () => {
    const odd = bare('odd')
    const lines = [line(odd), line(olive)]
    const found = toTheEnd(substitutePalette({ lines, context: context([gold, green]), scope: 'anything', near: 5 }))
    expect(found.ok && found.value.map((s) => [s.isNear, Boolean(s.message)])).toEqual([
      [false, true],
      [true, false],
    ])
  })

  it('of a list the owned paint itself is the best, and of a code the reference is compared', () => {
    const listed = soughtAsListed({ maker: 'Skerry', name: 'Lemon', pigments: ['PY3'] }, [lemon, gold])
    expect(listed).toMatchObject({ ok: true, value: { paint: { id: 'lemon' } } })
    expect(soughtAsListed({ maker: '', name: 'anything', pigments: ['PG18'] }, [lemon])).toMatchObject({
      ok: true,
      value: { isAssumed: true, wanted: { kind: 'pigment', pigment: 'PG18' } },
    })
  })
})

describe('because of', () => {
  const drawbacks = (owned: readonly Paint[], more: Partial<Parameters<typeof wantingOf>[1]> = {}) =>
    wantingOf(owned, {
      owned,
      itemsOf: (id) => [tube(`${id}-1`, id)],
      leftIn: () => 15,
      filling: 1.5,
      ...more,
    })
  const kinds = (owned: readonly Paint[], id: string, more = {}) =>
    drawbacks(owned, more)
      .find((w) => w.paintId === id)
      ?.drawbacks.map((d) => d.kind)

  it('names fading, cautions, hardening, twins, formulas, and what is left', () => {
    const alizarin = paint('alizarin', ['PR83:1'], { lightfastness: 'poor' })
    const cadmium = paint('cadmium', ['PY35'])
    const viridian = paint('viridian', ['PG18'])
    const twin = paint('twin', ['PY3'], { maker: 'Fulmar' })
    const before = paint('before', ['PB60'], { name: 'Indigo', formula: 'before 2021' })
    const since = paint('since', ['PB66'], { name: 'indigo', formula: 'since 2021' })
    const same = paint('same', ['PB66'], { name: 'indigo', formula: 'since 2021' })
    expect(kinds([since, same], 'since') ?? []).not.toContain('reformulated')
    const last = paint('last', ['PBr7'], { discontinued: true, vegan: false })
    const owned = [alizarin, cadmium, viridian, lemon, twin, before, since, last, ultramarine]
    expect(kinds(owned, 'alizarin')).toContain('fades')
    expect(kinds(owned, 'cadmium')).toContain('caution')
    expect(kinds(owned, 'viridian')).toContain('in the pan')
    expect(kinds(owned, 'lemon')).toContain('twin')
    expect(kinds(owned, 'before')).toContain('reformulated')
    expect(kinds(owned, 'last')).toEqual(expect.arrayContaining(['discontinued', 'not vegan']))
    expect(kinds(owned, 'ultramarine')).toBeUndefined()
    expect(kinds(owned, 'ultramarine', { leftIn: () => 0 })).toEqual(['nothing left'])
    const left = drawbacks(owned).find((w) => w.paintId === 'last')!.drawbacks[0]!
    expect(left.words).toBe('discontinued: 15.0 ml left, 10 fillings')
  })

  it('proposes nothing that shares the reason', () => {
    const opera = paint('opera', ['PR83:1'], { name: 'crimson', lightfastness: 'fugitive' })
    const fading = paint('fading', ['PR83'], { lightfastness: 'fugitive' })
    const lasting = paint('lasting', ['PR177'])
    const owned = [opera, fading, lasting, lemon, ultramarine]
    const byId = new Map(owned.map((p) => [p.id, p]))
    const wanting = drawbacks([opera, lasting, lemon, ultramarine])
    const question = { context: context([opera, lemon, ultramarine], owned), scope: 'what is owned' as const, near: 5 }
    const found = toTheEnd(proposalsFor(wanting, question, (id) => byId.get(id)))
    const best = found.ok ? found.value.find((w) => w.paintId === 'opera')?.proposal?.best : undefined
    expect(best).toBeDefined()
    expect(best!.paintId).not.toBe('opera')
    expect(best!.paintId).not.toBe('fading')
    expect(best!.mixture?.paints.some((p) => p.id === 'fading') ?? false).toBe(false)
  })
})

describe('convenience or mix', () => {
  it('a green of two that are there is mixed, and what is there is said (practice)', () => {
    const [found] = toTheEnd(convenienceOf({ context: context([olive, gold, green, rose]), near: 5 }))
    expect(found).toMatchObject({ paintId: 'olive', advice: 'mix it' })
    expect(found!.mixes.join()).toContain('PO49 and PG7 are on the palette already')
  })
  it('one that nothing here mixes is kept', () => {
    const [found] = toTheEnd(convenienceOf({ context: context([olive, ultramarine, rose]), near: 5 }))
    expect(found?.advice).toBe('keep it')
  })
  it('says nothing of paints of one pigment', () => {
    expect(toTheEnd(convenienceOf({ context: context([lemon, rose]), near: 5 }))).toEqual([])
  })
})

describe('which paint is this', () => {
  const owned = [lemon, rose, phthalo, ultramarine, green, gold]
  const sw = (L: number, a: number, b: number) => ({ L, a, b, source: 'typed' as const })

  it('finds every reference paint again from its own swatches', () => {
    fc.assert(
      fc.property(fc.constantFrom(...owned), fc.double({ min: -1.5, max: 1.5, noNaN: true }), (own, off) => {
        const known = soughtOf({ kind: 'paint', paintId: own.id }, () => own)
        if (!known.ok) return false
        const { masstone, wash } = known.value
        const observed = {
          masstone: sw(masstone!.L + off, masstone!.a - off, masstone!.b + off),
          wash: sw(Math.min(99, wash!.L + off), wash!.a, wash!.b - off),
        }
        const found = identifyPaint({ observed, owned })
        return found.ok && found.value.candidates[0]?.paintId === own.id
      }),
    )
  })

  it('behaviour decides between two of one colour, and the test that was not made is named', () => {
    const colours = { masstone: sw(40, -30, -5), wash: sw(70, -25, -5) }
    const stains = paint('stains', ['PG7'], { ...colours, staining: 'stains strongly', granulation: 'smooth' })
    const lifts = paint('lifts', ['PG18'], { ...colours, staining: 'lifts clean', granulation: 'smooth' })
    const ask = (more: object) => identifyPaint({ observed: { ...colours, ...more }, owned: [stains, lifts] })
    const unsure = ask({})
    expect(unsure.ok && unsure.value.test).toMatch(/^Lift a dry stroke.*(stains strongly|lifts clean)/)
    const sure = ask({ staining: 'lifts clean' })
    expect(sure.ok && sure.value.candidates[0]!.paintId).toBe('lifts')
    const [one, other] = sure.ok ? sure.value.candidates : []
    expect(one!.share).toBeGreaterThan(3 * other!.share)
    // shares are of all candidates
    expect(sure.ok && sure.value.candidates.reduce((sum, c) => sum + c.share, 0)).toBeLessThanOrEqual(1 + 1e-9)
  })

  it('looks in the reference where nothing owned agrees, and says when nothing was seen', () => {
    const found = identifyPaint({ observed: { masstone: sw(33, -33, 4), wash: sw(72, -29, 5) }, owned: [lemon, rose] })
    expect(found.ok && found.value.candidates[0]!.pigment).toBe('PG18')
    expect(identifyPaint({ observed: {}, owned })).toMatchObject({ error: { code: 'nothing-seen' } })
    const noColour = { masstone: sw(Number.NaN, 0, 0) }
    expect(identifyPaint({ observed: noColour, owned })).toMatchObject({ error: { code: 'bad-colour' } })
    expect(identifyPaint({ observed: { staining: 'lifts clean' }, owned: [] })).toMatchObject({
      error: { code: 'no-candidate' },
    })
  })
})

describe('in place', () => {
  const name = (id: string) => id
  const [A, B] = tin.holder.places.map((p) => p.id) as [string, string]
  const palette = { ...tin, plan: { [A]: { paintId: 'olive' }, [B]: { paintId: 'gold' } } }
  const byPaint = { kind: 'other pigments' as const, paintId: 'green' }
  const byMixture = {
    kind: 'mixture of the palette' as const,
    mixture: {
      paints: [
        { id: 'gold', parts: 3 },
        { id: 'green', parts: 1 },
      ],
      water: 2,
    },
  }

  it('a stand-in and back leaves the plan as it was, by a paint or by a mixture', () => {
    for (const standIn of [byPaint, byMixture]) {
      const taken = standInAt(palette, A, standIn, name)
      if (!taken.ok) throw new Error(taken.error.message)
      expect(awayIn(taken.value)).toMatchObject([{ placeId: A, standsFor: { paintId: 'olive', words: 'olive' } }])
      const back = restoreAt(taken.value, A, () => true)
      expect(back).toMatchObject({ ok: true, value: { plan: palette.plan } })
    }
    const mixed = standInAt(palette, A, byMixture, name)
    expect(mixed.ok && planAt(mixed.value, A)?.reserved).toBe('olive: 3 gold + 1 green')
  })

  it('a stand-in for a stand-in stands for the first', () => {
    const once = standInAt(palette, A, byPaint, name)
    const twice = once.ok ? standInAt(once.value, A, { ...byPaint, paintId: 'lemon' }, name) : once
    expect(twice.ok && planAt(twice.value, A)?.standsFor?.paintId).toBe('olive')
  })

  it('refuses itself, circles, locked and empty places, and what is not owned', () => {
    const refusal = (p: typeof palette, place: string, s: Parameters<typeof standInAt>[2]) => {
      const made = standInAt(p, place, s, name)
      return made.ok ? 'taken' : made.error.code
    }
    expect(refusal(palette, A, { ...byPaint, paintId: 'olive' })).toBe('itself')
    const away = standInAt(palette, A, byPaint, name)
    expect(away.ok && refusal(away.value as typeof palette, B, { ...byPaint, paintId: 'olive' })).toBe('circle')
    expect(refusal(palette, 'Z9', byPaint)).toBe('no-such-place')
    expect(refusal({ ...palette, plan: {} } as unknown as typeof palette, A, byPaint)).toBe('nothing-planned')
    const locked = { ...palette, plan: { ...palette.plan, [A]: { paintId: 'olive', locked: true } } }
    expect(refusal(locked, A, byPaint)).toBe('place-locked')
    expect(refusal(palette, A, { kind: 'to buy' })).toBe('not-owned')
    expect(restoreAt(palette, A, () => true)).toMatchObject({ error: { code: 'nothing-away' } })
    expect(away.ok && restoreAt(away.value, A, () => false)).toMatchObject({ error: { code: 'no-paint' } })
  })
})

describe('for others, who have not seen the paint, a stand-in keeps its point', () => {
  const ask = (own: Paint, owned: readonly Paint[]) => {
    const found = toTheEnd(
      substitutePalette({
        lines: [line(own)],
        context: context([], owned),
        scope: 'what is owned',
        near: 5,
        keepsPoint: true,
      }),
    )
    if (!found.ok) throw new Error(found.error.message)
    return found.value[0]!
  }
  // what each drawer holds, and what of the point is lost (common practice, no source)
  it.each([
    ['an ultramarine, of a green alone', paint('blue', ['PB29']), [green], 'colour'],
    [
      'a lasting rose, of carmine alone',
      paint('pink', ['PV19'], { variants: { PV19: 'red' } }),
      [paint('carmine', ['NR4'])],
      'fades',
    ],
    ['a pyrrole, of cadmium red alone', paint('red', ['PR254']), [paint('cadmium', ['PR108'])], 'caution'],
  ] as const)('%s', (_, own, owned, lost) => {
    const said = ask(own, owned)
    expect(said.best).toBeUndefined()
    expect(said.refused?.standIn.paintId).toBe(owned[0]!.id)
    expect(said.refused?.lost.kind).toBe(lost)
  })
  it('what granulates is not stood in for by what lies smooth, where that is known', () => {
    const rough = paint('rough', ['PB29'], { granulation: 'strongly granulating' })
    const smooth = paint('smooth', ['PB29'], { granulation: 'smooth' })
    expect(ask(rough, [smooth]).refused?.lost.kind).toBe('behaviour')
    expect(ask(smooth, [paint('also', ['PB29'], { granulation: 'smooth' })]).best?.paintId).toBe('also')
  })
  it('a paint that fades itself may be stood in for by one that fades, as any of its kind', () => {
    expect(ask(paint('own', ['NR4']), [paint('carmine', ['NR4'])]).best?.paintId).toBe('carmine')
  })
})
