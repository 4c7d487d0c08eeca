import { MEDIA, type Paint } from '../../documents/paint'
import type { ItemKind, Remark, Supply } from '../../documents/item'

/** What a word or two say of a paint or of what holds it. */
export interface Said {
  paint?: Partial<
    Pick<
      Paint,
      | 'transparency'
      | 'staining'
      | 'granulation'
      | 'lightfastness'
      | 'grade'
      | 'effect'
      | 'medium'
      | 'binder'
      | 'discontinued'
      | 'vegan'
    >
  >
  kind?: ItemKind
  supply?: Supply
  remark?: Remark
}
/** Takes what was said into what is read of a paint or an item. */
export function heed({ paint, kind, supply, remark }: Said, into: Heeded): void {
  Object.assign(into, paint)
  if (kind) into.kind = kind
  if (supply) into.supply = supply
  if (remark && !into.remarks.includes(remark)) into.remarks.push(remark)
}
type Heeded = NonNullable<Said['paint']> & { kind: ItemKind; supply: Supply; remarks: Remark[] }

type Words = readonly (readonly [words: string, said: Said])[]

/** Words between `|` say the same. Beyond the first of each, from how labels, shops and painters write it. */
const STATES: Words = [
  ['on order|ordered|in the post|coming|backordered', { supply: 'on order' }],
  ['sealed|new|unopened|brand new|unused|never opened', { supply: 'sealed' }],
  ['open|opened|used|in use|started', { supply: 'open' }],
  ['lent|lent out|on loan', { supply: 'lent' }],
  ['empty|finished|used up|gone', { supply: 'empty' }],
  [
    'nearly empty|almost empty|nearly finished|almost gone|almost finished|nearly gone|running low',
    { remark: 'nearly empty' },
  ],
  ['stiff|hard|dried out|dried up|hardened|thick', { remark: 'stiff' }],
  ['separated|separated binder|binder separated|gum separated', { remark: 'separated' }],
  ['cracked cap|broken cap|cap cracked|cap broken|stuck cap|cap stuck', { remark: 'cracked cap' }],
  ['saving it|saving|keep|hoarded|hoarding', { remark: 'saving it' }],
  ['using it up|using up|use up', { remark: 'using it up' }],
  ['label lost|no label|unlabelled|unlabeled|label rubbed off|label gone', { remark: 'label lost' }],
]
const KINDS: Words = [
  ['tube|tubes', { kind: 'tube' }],
  ['stick|sticks', { kind: 'stick' }],
  ['bought pan|pan|pans|half pan|full pan|whole pan|godet|cake', { kind: 'bought pan' }],
  ['handmade pan|homemade pan', { kind: 'handmade pan' }],
  ['sample|samples|dot|dots|dot card|dot cards|swatch card|tester', { kind: 'sample' }],
]
const TRANSPARENCY: Words = [
  ['transparent|transp|trans|t|tr', { paint: { transparency: 'transparent' } }],
  ['semi transparent|semitransparent|semi transp|st|s t', { paint: { transparency: 'semi-transparent' } }],
  ['semi opaque|semiopaque|so|s o', { paint: { transparency: 'semi-opaque' } }],
  ['opaque|opaq|o|op', { paint: { transparency: 'opaque' } }],
]
const STAINING: Words = [
  [
    'lifts clean|non staining|nonstaining|not staining|no staining|ns|no|none|liftable',
    { paint: { staining: 'lifts clean' } },
  ],
  ['lifts well|low staining|low|lifts', { paint: { staining: 'lifts well' } }],
  [
    'stains a little|semi staining|medium staining|moderately staining|medium|moderate|ss|slightly staining',
    { paint: { staining: 'stains a little' } },
  ],
  [
    'stains strongly|staining|stains|high staining|strongly staining|very staining|high|yes|s',
    { paint: { staining: 'stains strongly' } },
  ],
]
const GRANULATION: Words = [
  [
    'smooth|non granulating|nongranulating|not granulating|no granulation|no|none|ng',
    { paint: { granulation: 'smooth' } },
  ],
  ['slightly granulating|slight|some|low|a little', { paint: { granulation: 'slightly granulating' } }],
  ['granulating|granulates|granulation|gran|g|yes|medium', { paint: { granulation: 'granulating' } }],
  ['strongly granulating|very granulating|high|strong|heavy', { paint: { granulation: 'strongly granulating' } }],
]
const LIGHTFASTNESS: Words = [
  ['excellent|i|1|astm i|astm 1|lf 1|lf i|lightfastness i', { paint: { lightfastness: 'excellent' } }],
  ['very good|ii|2|astm ii|astm 2|lf 2|lf ii|lightfastness ii', { paint: { lightfastness: 'very good' } }],
  ['fair|iii|3|astm iii|astm 3|lf 3|lf iii|lightfastness iii', { paint: { lightfastness: 'fair' } }],
  ['poor|iv|4|astm iv|astm 4|lf 4|lf iv|lightfastness iv', { paint: { lightfastness: 'poor' } }],
  ['fugitive|v|5|astm v|astm 5|lf 5|lf v|lightfastness v', { paint: { lightfastness: 'fugitive' } }],
]
const GRADE: Words = [
  [
    'artist|artists|artist grade|artists grade|artist quality|artists quality|professional|pro',
    { paint: { grade: 'artist' } },
  ],
  ['student|students|student grade|students grade|student quality|study', { paint: { grade: 'student' } }],
  ['handmade|homemade|self made', { paint: { grade: 'handmade' } }],
]
const EFFECT: Words = [
  ['fluorescent|neon', { paint: { effect: 'fluorescent' } }],
  ['pearlescent|pearl|iridescent|shimmer', { paint: { effect: 'pearlescent' } }],
  ['interference|duochrome', { paint: { effect: 'interference' } }],
  ['metallic', { paint: { effect: 'metallic' } }],
]
const MEDIUM: Words = [
  ...MEDIA.map((medium) => [medium, { paint: { medium } }] as const),
  ['watercolor|watercolours|watercolors|wc|aquarelle', { paint: { medium: 'watercolour' } }],
  ['designers gouache|designer gouache|gouaches', { paint: { medium: 'gouache' } }],
]
const BINDER: Words = [
  ['with honey|honey|honey based|honey bound|glycerine|much glycerine', { paint: { binder: 'with honey' } }],
  ['gum arabic|gum|plain gum', { paint: { binder: 'gum arabic' } }],
  ['unknown', { paint: {} }],
]
const YES = 'yes|y|true|1|x'
const NO = 'no|n|false|0'
const DISCONTINUED: Words = [
  [`discontinued|out of production|no longer made|${YES}`, { paint: { discontinued: true } }],
  [`${NO}|current`, { paint: {} }],
]
const VEGAN: Words = [
  [`vegan|${YES}`, { paint: { vegan: true } }],
  [`not vegan|non vegan|${NO}`, { paint: { vegan: false } }],
]

/** The words of each field of a table. */
const OF_FIELD = {
  transparency: TRANSPARENCY,
  staining: STAINING,
  granulation: GRANULATION,
  lightfastness: LIGHTFASTNESS,
  grade: GRADE,
  effect: EFFECT,
  medium: MEDIUM,
  binder: BINDER,
  discontinued: DISCONTINUED,
  vegan: VEGAN,
  kind: KINDS,
  state: STATES,
} satisfies Record<string, Words>
export type WordField = keyof typeof OF_FIELD

/** Words stand for themselves anywhere only where nothing else is meant by them. */
const TOO_SHORT = 4
const AMBIGUOUS =
  /^(?:no|none|low|medium|high|yes|some|strong|heavy|study|keep|thick|hard|gone|pro|lifts|pearl|cake|moderate|slight|coming|finished)$/

const plain = (text: string) =>
  text
    .toLowerCase()
    .replace(/[’'`.!?*]/g, '')
    .replace(/[-_/\s]+/g, ' ')
    .trim()

const tables = Object.fromEntries(
  Object.entries(OF_FIELD).map(([field, words]) => [
    field,
    new Map((words as Words).flatMap(([list, said]) => list.split('|').map((w) => [plain(w), said] as const))),
  ]),
) as unknown as Record<WordField, ReadonlyMap<string, Said>>

const anywhere = new Map<string, Said>()
for (const field of Object.keys(OF_FIELD) as WordField[])
  for (const [word, said] of tables[field])
    if ((word.length >= TOO_SHORT || word === 'new') && !AMBIGUOUS.test(word) && !anywhere.has(word))
      anywhere.set(word, said)

/** What a cell of a known column says; undefined where it is no word of that field. */
export const saidInField = (field: WordField, text: string): Said | undefined => tables[field].get(plain(text))

/** What a piece of a line says by itself, without a column around it. */
export const saidAnywhere = (text: string): Said | undefined => anywhere.get(plain(text))

/** States that often follow a name without a comma: `Viridian PG18 opened`. */
export function trailingWord(text: string): { before: string; said: Said } | undefined {
  const words = text.split(/\s+/)
  for (const count of [3, 2, 1]) {
    if (words.length <= count) continue
    const said = saidAnywhere(words.slice(-count).join(' '))
    if (said && (said.supply || said.remark || said.kind || said.paint?.discontinued || said.paint?.medium))
      return { before: words.slice(0, -count).join(' '), said }
  }
  return undefined
}
