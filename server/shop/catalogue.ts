import type { Offer, OfferedPaint } from '@juxtachrome/core/documents'
import { type ShopAnswer, SHOP_FORMAT } from '@juxtachrome/core/formats'
import { pigmentVariants, REFERENCE_PIGMENTS } from '@juxtachrome/core/pigments'
import { DEMO_MAKERS, DEMO_PAINTS } from '../demo/paints'

/** Invented shops: what they ask is made up, and changes now and then with the day. */
export const SHOPS = {
  harbour: {
    name: 'Harbour Street Colours',
    currency: 'EUR',
    delivery: 490,
    freeFrom: 6000,
    makers: 'HSTQ',
    dearness: 1,
  },
  quay: {
    name: 'North Quay Art Supplies',
    currency: 'EUR',
    delivery: 350,
    freeFrom: undefined,
    makers: 'SGQ',
    dearness: 0.94,
  },
  boat: { name: 'The Paper Boat', currency: 'GBP', delivery: 420, freeFrom: 5000, makers: 'HFT', dearness: 0.9 },
} as const
export type ShopName = keyof typeof SHOPS

const MAKERS: Record<string, string> = { ...DEMO_MAKERS, Q: 'Quayside' }
/** Sizes in which each maker sells, ml. */
const SIZES: Record<string, number[]> = { H: [5, 15], S: [5], T: [14], G: [10], F: [15, 37], Q: [8] }
/** A millilitre of a small tube, hundredths, by series. */
const PER_ML = [118, 130, 152, 178, 224]

/** An even number in [0, 1) for a text: the same for the same text (FNV-1a, 32 bits, by G. Fowler, L. C. Noll and K.-P. Vo). */
function chance(text: string): number {
  let hash = 0x811c9dc5
  for (const letter of text) hash = Math.imul(hash ^ letter.codePointAt(0)!, 0x01000193)
  hash ^= hash >>> 15
  return (Math.imul(hash, 0x2c1b3c6d) >>> 0) / 2 ** 32
}

interface Sold extends OfferedPaint {
  by: string
  series: number
}

/** The demo's makers with their ranges, and one that sells nearly every pigment of the reference by itself. */
function ranges(): Sold[] {
  const named = DEMO_PAINTS.trim()
    .split('\n')
    .map((line) => line.split('|').map((cell) => cell.trim()))
    .flatMap(([by = '', name = '', formula = '', codes = '', ...rest]): Sold[] => {
      const series = Number(rest[6])
      if (!SIZES[by] || formula === 'before 2021') return []
      const pigments = codes ? codes.split(' ') : []
      return SIZES[by].map((millilitres) => ({
        by,
        maker: MAKERS[by]!,
        name,
        ...(formula ? { formula } : {}),
        pigments,
        millilitres,
        kind: 'tube',
        series: series || 1,
      }))
    })
  const single = REFERENCE_PIGMENTS.filter(
    (p) => p.code && p.kind !== 'effect' && p.id === pigmentVariants(p.code)[0]?.id,
  )
  const own = single.map((p): Sold => ({
    by: 'Q',
    maker: MAKERS.Q!,
    name: `${p.names[0]![0]!.toUpperCase()}${p.names[0]!.slice(1, 120)}`,
    pigments: [p.code],
    millilitres: 8,
    kind: 'tube',
    series: p.kind === 'inorganic' ? 4 : p.kind === 'earth' ? 1 : 2,
  }))
  return [...named, ...own]
}

const MONTH = 30
/** Days since 1970 over a month: prices hold for that long. */
const monthOf = (day: string) => Math.floor(Date.parse(`${day}T00:00:00Z`) / 86_400_000 / MONTH)

/** In whole hundredths, ending in 5 or 0. */
const rounded = (minor: number) => Math.max(150, Math.round(minor / 5) * 5)

/** What a shop offers on a day: the same on every call; prices change now and then, and now and then something is sold out. */
export function catalogueOf(id: ShopName, day: string): ShopAnswer {
  const shop = SHOPS[id]
  const sold = ranges().filter((p) => (shop.makers as string).includes(p.by))
  const singles = sold.map((paint): Offer => {
    const key = `${id} ${paint.maker} ${paint.name} ${paint.formula ?? ''} ${paint.millilitres}`
    const bulk = paint.millilitres >= 30 ? 0.5 : paint.millilitres >= 14 ? 0.66 : paint.millilitres >= 8 ? 0.85 : 1
    const season =
      1 +
      0.12 *
        (Math.floor(3 * chance(`${key} ${monthOf(day)}`)) - 1) *
        Number(chance(`${key} when ${monthOf(day)}`) < 0.25)
    const minor = rounded(
      PER_ML[paint.series - 1]! * paint.millilitres * bulk * shop.dearness * season * (0.92 + 0.16 * chance(key)),
    )
    const isSoldOut = chance(`${key} stock ${monthOf(day)}`) < 0.06
    return { id: numberOf(key), holds: [holdOf(paint)], minor, ...(isSoldOut ? { isSoldOut } : {}) }
  })
  return {
    format: SHOP_FORMAT,
    version: 1,
    name: shop.name,
    day,
    currency: shop.currency,
    delivery: shop.delivery,
    ...(shop.freeFrom ? { freeFrom: shop.freeFrom } : {}),
    offers: [...unique(singles), ...setsOf(id, sold)],
  }
}

const numberOf = (key: string) => `N${Math.floor(chance(`number ${key}`) * 9_000_000 + 1_000_000)}`
function unique(offers: Offer[]): Offer[] {
  const seen = new Set<string>()
  return offers.map((o) => {
    let { id } = o
    while (seen.has(id)) id += 'b'
    seen.add(id)
    return { ...o, id }
  })
}
const holdOf = ({ by: _by, series: _series, ...paint }: Sold): OfferedPaint => paint

/** Sets of five and six of one maker, some paints in more than one of them, at less than their singles. */
function setsOf(id: ShopName, sold: readonly Sold[]): Offer[] {
  const shop = SHOPS[id]
  return [...new Set(sold.map((p) => p.by))].flatMap((by) => {
    const own = sold.filter((p) => p.by === by && p.millilitres === SIZES[by]![0])
    return THEMES.flatMap(([theme, wants], n) => {
      const holds = wants.flatMap((want) => own.find((p) => p.pigments.join(' ') === want || p.name === want) ?? [])
      if (holds.length < 4) return []
      const singles = holds.reduce((sum, p) => sum + PER_ML[p.series - 1]! * p.millilitres, 0)
      const minor = rounded(singles * 0.72 * shop.dearness)
      return [{ id: `SET-${by}${n + 1}`, set: `${MAKERS[by]}: ${theme}`, holds: holds.map(holdOf), minor }]
    })
  })
}

const THEMES: readonly (readonly [string, readonly string[]])[] = [
  ['first six', ['PY175', 'PY74', 'PR254', 'PV19', 'PB29', 'PB15:3', 'PY150']],
  ['shore', ['PB28', 'PB35', 'PG18', 'PG23', 'PBr7', 'PY42', 'PB16']],
  ['earths', ['PY42', 'PY43', 'PBr7', 'PR101', 'PBk11', 'PY42']],
  ['flowers', ['PV19', 'PR122', 'PV23', 'PO71', 'PY175', 'PR255', 'PR254']],
  ['darks', ['PB60', 'PBk31', 'PR179', 'PV23', 'PB29 PBk6', 'PBk6 PB15:3 PV19']],
]

/** The simulated shops there are. */
export const listOfShops = () => Object.entries(SHOPS).map(([id, { name, currency }]) => ({ id, name, currency }))
