import { opticsOfPaint, predictMixture, REFERENCE_PIGMENTS, toLch } from '../../src'
import type { Lch } from '../../src/colour/lch'
import type { Optics } from '../../src/film/optics'
import { CLASSIC_MIXTURES } from '../../src/pigments'

type Classic = (typeof CLASSIC_MIXTURES)[number]
/** What a classic mixture came to with two particular pigments. */
export interface ClassicAnswer {
  pair: string
  says: string
  /** At the parts that are said; and somewhere between half and twice as much of the one. */
  holds: boolean
  isNear: boolean
  /** The colour that comes nearest to what is said, and its parts. */
  parts: string
  colour: Lch
  wanted: string
}

/** Parts of water at which a row that says so is looked at; the table's own (data/trade/SOURCE.md). */
const IN_WASH = 6
/** So many mixtures are looked at between the ends of a range of parts. */
const STEPS = 9

/**
 * Every classic mixture of data/trade/classic-mixtures.csv with every pair of pigments that it allows: whether the
 * colours that are predicted lie in its windows. A row with a range of parts holds when some mixture of it does.
 *
 * @param opticsOf films by the id of a reference pigment; pairs of which one is not there are passed over.
 */
export function classicAnswers(opticsOf: (id: string) => Optics | undefined): ClassicAnswer[] {
  return CLASSIC_MIXTURES.flatMap((classic) =>
    classic.a.flatMap((a) =>
      classic.b.flatMap((b) => {
        const [one, other] = [opticsOf(a), opticsOf(b)]
        return one && other ? [answerOf(classic, a, b, one, other)] : []
      }),
    ),
  )
}

/** Pairs that the reference's films miss at the parts that are said; the same are published in docs/accuracy.md. */
export const MISSED_CLASSICS: readonly string[] = [
  'PB29 + PR101 transparent red',
  'PB29 + PBr7 burnt sienna',
  'PB29 + PY110',
  'PB29 + PY3',
  'PB29 + PY175',
  'PB15:3 + PY42',
  'PB15:3 + PBr7 burnt sienna',
  'PB28 blue + PBr7 burnt sienna',
  'PY42 + PV19 rose',
  'PBk9 + PY3',
  'PBk9 + PY154',
  'PBk9 + PY42',
  'PB27 + PY42',
  'PB28 blue + PR102',
  'PB28 blue + PR101 transparent red',
  'PB29 + PR101 Indian red',
  'PG18 + PR83',
  'PG18 + PR264',
  'PB28 blue + PY40',
  'PB28 blue + PY175',
]

/** A reference pigment as a paint that only has its code; or one that was painted out just as the reference has it. */
export const byCodeAlone = (id: string) => filmOf({ pigments: [codeOf(id)] })
export const byItsSwatches = (id: string) => {
  const { code, variant, masstone, wash } = REFERENCE_PIGMENTS.find((p) => p.id === id)!
  return filmOf({
    pigments: [code],
    ...(variant ? { variants: { [code]: variant } } : {}),
    masstone: { ...masstone, source: 'typed' },
    wash: { ...wash, source: 'typed' },
  })
}
const codeOf = (id: string) => id.split(' ')[0]!
function filmOf(paint: Parameters<typeof opticsOfPaint>[0]) {
  const film = opticsOfPaint(paint)
  return film.ok ? film.value : undefined
}

function answerOf(classic: Classic, a: string, b: string, one: Optics, other: Optics): ClassicAnswer {
  const [low, high] = [classic.from, classic.to].map((p) => p[0]! / p[1]!) as [number, number]
  const at = (ratio: number) => {
    const mixed = predictMixture(
      [
        { optics: one, parts: ratio },
        { optics: other, parts: 1 },
      ],
      { water: classic.in === 'wash' ? IN_WASH : 0 },
    )
    if (!mixed.ok) throw new Error(mixed.error.message)
    return { ratio, colour: toLch(mixed.value.lab) }
  }
  const best = (from: number, to: number) =>
    between(from, to)
      .map(at)
      .reduce((p, q) => (missOf(classic, q.colour) < missOf(classic, p.colour) ? q : p))
  const { ratio, colour } = best(low, high)
  return {
    pair: `${a} + ${b}`,
    says: classic.says,
    holds: missOf(classic, colour) === 0,
    isNear: missOf(classic, best(low / 2, high * 2).colour) === 0,
    parts: ratio >= 1 ? `${Number(ratio.toFixed(1))}:1` : `1:${Number((1 / ratio).toFixed(1))}`,
    colour,
    wanted: wantedOf(classic),
  }
}

const between = (from: number, to: number) =>
  from === to ? [from] : Array.from({ length: STEPS }, (_, i) => from * (to / from) ** (i / (STEPS - 1)))

/** How far a colour lies outside the windows, in C*, L* and degrees; 0 within. */
function missOf({ hue, chroma, lightness }: Classic, { L, C, h }: Lch): number {
  const [from, to] = hue
  const isIn = from === null || to === null || (from <= to ? h >= from && h <= to : h >= from || h <= to)
  const turn = (p: number, q: number) => Math.min(Math.abs(p - q), 360 - Math.abs(p - q))
  const out = ([least, most]: Classic['chroma'], x: number) =>
    Math.max(0, least === null ? 0 : least - x, most === null ? 0 : x - most)
  return (isIn ? 0 : Math.min(turn(h, from), turn(h, to))) + out(chroma, C) + out(lightness, L)
}

function wantedOf({ hue, chroma, lightness }: Classic): string {
  const window = (name: string, [from, to]: Classic['hue']) =>
    from === null && to === null ? [] : [`${name} ${from ?? ''}–${to ?? ''}`]
  return [...window('hue', hue), ...window('C*', chroma), ...window('L*', lightness)].join(', ')
}
