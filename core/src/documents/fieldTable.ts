import { PAINT_FAMILIES } from '../colour/wheel'
import { GRANULATIONS, LIGHTFASTNESSES, STAININGS, TRANSPARENCIES } from '../pigments/scales'
import { ITEM_KINDS, REMARKS, SUPPLIES } from './item'
import { BINDERS, EFFECTS, GRADES, MEDIA } from './paint'

/** A field of a record as form, filter, import and detail know it: one row, one home. */
export interface Field<Key extends string = string> {
  key: Key
  /** As it is called on a screen. */
  label: string
  /** How a form puts it, where that is longer. */
  asks?: string
  /** The words it can hold, in order; free text without them. */
  scale?: readonly string[]
  /** Where it is true, false or not said: the words for the first two. The scale holds the same. */
  truth?: readonly [yes: string, no: string]
  /** The column of a table that holds it, and the headings that people give it. */
  column?: { name: string; heading: RegExp }
  /** Where it is asked for, narrowed down by and shown. */
  form?: boolean
  filter?: boolean
  detail?: boolean
  /** May be taken from the pigment codes when nobody recorded it. */
  assumed?: boolean
}

/** The fields of a paint, in the order in which a form asks for them. */
export const PAINT_FIELDS = [
  {
    key: 'name',
    label: 'Name',
    asks: 'Name on the label',
    form: true,
    column: { name: 'name', heading: /^(colou?r|paint)?\s*name$|^(colou?r|paint)$|^label$/ },
  },
  { key: 'maker', label: 'Maker', form: true, column: { name: 'maker', heading: /maker|brand|manufacturer|make\b/ } },
  { key: 'pigments', label: 'Pigment codes', column: { name: 'pigments', heading: /pigment|c\.?\s*i\.?\b|codes?\b/ } },
  { key: 'formula', label: 'Formula version', form: true, column: { name: 'formula', heading: /formula|version/ } },
  { key: 'series', label: 'Series', form: true, detail: true, column: { name: 'series', heading: /series/ } },
  { key: 'masstone', label: 'Masstone', column: { name: 'masstone', heading: /masstone|mass tone|full strength/ } },
  { key: 'wash', label: 'Wash', column: { name: 'wash', heading: /wash|undertone|tint/ } },
  {
    key: 'family',
    label: 'Family',
    asks: 'Family, if you see it otherwise',
    scale: PAINT_FAMILIES,
    form: true,
    filter: true,
  },
  {
    key: 'transparency',
    label: 'Transparency',
    scale: TRANSPARENCIES,
    form: true,
    filter: true,
    detail: true,
    assumed: true,
    column: { name: 'transparency', heading: /transparen|opacity/ },
  },
  {
    key: 'staining',
    label: 'Staining',
    scale: STAININGS,
    form: true,
    filter: true,
    detail: true,
    assumed: true,
    column: { name: 'staining', heading: /stain|lift/ },
  },
  {
    key: 'granulation',
    label: 'Granulation',
    scale: GRANULATIONS,
    form: true,
    filter: true,
    detail: true,
    assumed: true,
    column: { name: 'granulation', heading: /granul/ },
  },
  {
    key: 'lightfastness',
    label: 'Lightfastness',
    scale: LIGHTFASTNESSES,
    form: true,
    filter: true,
    detail: true,
    assumed: true,
    column: { name: 'lightfastness', heading: /light\s*-?fast|permanence/ },
  },
  {
    key: 'grade',
    label: 'Grade',
    scale: GRADES,
    form: true,
    detail: true,
    column: { name: 'grade', heading: /grade|quality/ },
  },
  {
    key: 'effect',
    label: 'Effect',
    scale: EFFECTS,
    form: true,
    detail: true,
    column: { name: 'effect', heading: /effect|finish/ },
  },
  {
    key: 'medium',
    label: 'Medium',
    scale: MEDIA,
    form: true,
    filter: true,
    detail: true,
    column: { name: 'medium', heading: /medium|media\b/ },
  },
  {
    key: 'binder',
    label: 'Binder',
    scale: BINDERS,
    form: true,
    filter: true,
    detail: true,
    column: { name: 'binder', heading: /binder|honey/ },
  },
  {
    key: 'discontinued',
    label: 'Still made',
    scale: ['discontinued', 'still made'],
    truth: ['discontinued', 'still made'],
    form: true,
    filter: true,
    detail: true,
    column: { name: 'discontinued', heading: /discontinu|still made/ },
  },
  {
    key: 'vegan',
    label: 'Vegan',
    scale: ['vegan', 'not vegan'],
    truth: ['vegan', 'not vegan'],
    form: true,
    filter: true,
    detail: true,
    column: { name: 'vegan', heading: /vegan/ },
  },
  {
    key: 'marks',
    label: 'Your marks',
    asks: 'Your marks, commas between them',
    column: { name: 'marks', heading: /^marks?$|^tags?$/ },
  },
  { key: 'note', label: 'Note', form: true, detail: true, column: { name: 'note', heading: /note|comment|remark/ } },
] as const satisfies readonly Field[]

/** The fields of an item. */
export const ITEM_FIELDS = [
  {
    key: 'kind',
    label: 'Kind',
    scale: ITEM_KINDS,
    form: true,
    column: { name: 'kind', heading: /kind|type|form\b|format/ },
  },
  { key: 'supply', label: 'Supply', scale: SUPPLIES, form: true },
  { key: 'remarks', label: 'What else is true of it', scale: REMARKS },
  {
    key: 'state',
    label: 'State',
    scale: [...SUPPLIES, ...REMARKS],
    filter: true,
    column: { name: 'state', heading: /state|status|condition/ },
  },
  {
    key: 'left',
    label: 'What is left',
    column: { name: 'left', heading: /^left|\bleft$|remaining|fill level|how full/ },
  },
  {
    key: 'millilitres',
    label: 'Size when new, ml',
    form: true,
    column: { name: 'size', heading: /size|ml\b|volume|content/ },
  },
  {
    key: 'count',
    label: 'How many',
    column: { name: 'count', heading: /count|quantity|qty|number of|how many/ },
  },
  { key: 'price', label: 'Price', form: true, column: { name: 'price', heading: /price|cost/ } },
  {
    key: 'bought',
    label: 'Bought on',
    form: true,
    column: { name: 'bought', heading: /bought(?! (?:from|at))|purchase|date/ },
  },
  {
    key: 'boughtFrom',
    label: 'Bought from',
    form: true,
    column: { name: 'bought from', heading: /bought (?:from|at)|shop|seller|store|from where/ },
  },
  {
    key: 'place',
    label: 'Where it lies',
    form: true,
    column: { name: 'place', heading: /^place$|where it (?:lies|is)|drawer|storage|location/ },
  },
  { key: 'note', label: 'Note', form: true },
] as const satisfies readonly Field[]

type PaintField = (typeof PAINT_FIELDS)[number]
type ItemField = (typeof ITEM_FIELDS)[number]
export type PaintFieldKey = PaintField['key']
/** What a column of a table can hold. */
export type ColumnField = Extract<PaintField | ItemField, { column: object }>['column']['name']

type WordField = Extract<PaintField, { scale: object; column: object }>
/** Fields of a paint whose words stand on a scale and in a column of a table. */
export const WORD_FIELDS = PAINT_FIELDS.filter(
  (f: Field): f is Field<WordField['key']> & WordField => f.scale !== undefined && f.column !== undefined,
)

/** The word on a field's scale for what a record holds. */
export const wordOf = ({ truth }: Field, value: unknown): string =>
  value === undefined ? '' : truth ? truth[value ? 0 : 1] : String(value)
/** What a record holds for a word; undefined for none. */
export const valueOf = ({ truth }: Field, word: string): unknown =>
  word.trim() === '' ? undefined : truth ? word === truth[0] : word.trim()

/** The row of a field. */
export const paintField = (key: PaintFieldKey): Field<PaintFieldKey> => PAINT_FIELDS.find((f) => f.key === key)!

const FIELDS: readonly Field[] = [...PAINT_FIELDS, ...ITEM_FIELDS]
/** Every column that is understood, in the order in which headings are looked for. */
export const COLUMNS: readonly { name: ColumnField; heading: RegExp }[] = FIELDS.flatMap((f) =>
  f.column ? [f.column as { name: ColumnField; heading: RegExp }] : [],
)
/** The scale of the words in a column, where it holds words of one. */
export const scaleOfColumn = (name: ColumnField): readonly string[] | undefined =>
  FIELDS.find((f) => f.column?.name === name)?.scale
