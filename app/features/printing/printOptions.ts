import { PAPERS, WHEEL_STEPS, type PaperName } from '@juxtachrome/core/charts'
import * as z from 'zod/mini'
import { kept } from '~/stores/kept'

const number = (least: number, most: number) => z.number().check(z.gte(least), z.lte(most))

/** What was asked of sheets last; kept on this device. Millimetres and parts of water. */
export const PrintOptions = z.object({
  kind: z.string().check(z.maxLength(40)),
  paper: z.enum([...(Object.keys(PAPERS) as PaperName[]), 'own']),
  paperWidth: number(0, 1000),
  paperHeight: number(0, 1000),
  turn: z.enum(['upright', 'across', 'as it fits']),
  photoMarks: z.boolean(),
  colouring: z.enum(['none', 'faint', 'full']),
  form: z.enum(['as the palette lies', 'list', 'boxes', 'circles']),
  blackLine: z.boolean(),
  lift: z.boolean(),
  laminate: z.boolean(),
  inLid: z.boolean(),
  oneSheet: z._default(z.boolean(), false),
  code: z._default(z.boolean(), false),
  lidWidth: number(0, 1000),
  lidHeight: number(0, 1000),
  box: number(0, 1000),
  water: number(0, 1000),
  tintWater: number(0, 1000),
  cardWidth: number(0, 1000),
  cardHeight: number(0, 1000),
  punch: z.boolean(),
  window: z.boolean(),
  steps: z.union(
    WHEEL_STEPS.map((n) => z.literal(n)) as [z.ZodMiniLiteral<12>, z.ZodMiniLiteral<18>, z.ZodMiniLiteral<24>],
  ),
  across: number(0, 1000),
  labelWidth: number(0, 1000),
  labelHeight: number(0, 1000),
})
export type PrintOptions = z.infer<typeof PrintOptions>

const USUAL: PrintOptions = {
  kind: 'chart',
  paper: 'A4',
  paperWidth: 200,
  paperHeight: 200,
  turn: 'as it fits',
  photoMarks: true,
  colouring: 'none',
  form: 'as the palette lies',
  blackLine: false,
  lift: false,
  laminate: false,
  inLid: false,
  oneSheet: false,
  code: false,
  lidWidth: 100,
  lidHeight: 60,
  box: 20,
  water: 0,
  tintWater: 6,
  cardWidth: 55,
  cardHeight: 85,
  punch: true,
  window: false,
  steps: 12,
  across: 170,
  labelWidth: 17,
  labelHeight: 12,
}

export const usePrintOptions = () => kept('jx-print', PrintOptions, USUAL)
