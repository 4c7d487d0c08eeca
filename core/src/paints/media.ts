import type { Paint } from '../documents/paint'
import type { Transparency } from '../pigments/scales'

/** What follows from what a paint is bound for (common practice, no source). */
export interface MediumTraits {
  /** How it covers where nothing is recorded; as its pigments do where nothing stands here. */
  covers?: Transparency
  /** How it behaves dried in a pan, and what to do instead, where it is no watercolour. */
  inPan?: { words: string; instead: string }
  /** Whether it is laid apart from transparent colours. */
  apart?: boolean
}
type Medium = NonNullable<Paint['medium']>

const FRESH = 'Squeeze a little out fresh for each sitting.'
const TRAITS: Readonly<Record<Medium, MediumTraits>> = {
  watercolour: {},
  gouache: {
    covers: 'opaque',
    apart: true,
    inPan: { words: 'It is gouache: it dries hard and chalky in a pan.', instead: FRESH },
  },
  ink: {
    apart: true,
    inPan: { words: 'It is ink: once dry it may never rewet.', instead: 'Put a drop out for each sitting.' },
  },
  casein: {
    covers: 'opaque',
    apart: true,
    inPan: { words: 'It is casein: once dry it is waterproof.', instead: FRESH },
  },
  acrylic: {
    apart: true,
    inPan: { words: 'It is acrylic: once dry it never rewets, and it ruins brushes.', instead: FRESH },
  },
  'egg tempera': {
    apart: true,
    inPan: {
      words: 'It is egg tempera: it does not rewet, and it spoils.',
      instead: 'Temper it fresh for each sitting.',
    },
  },
  other: { inPan: { words: 'It is not watercolour: try whether it rewets before you fill a pan.', instead: FRESH } },
}
/** What follows from a paint's medium. */
export const traitsOfMedium = ({ medium = 'watercolour' }: Pick<Paint, 'medium'>): MediumTraits => TRAITS[medium]

/** How much longer a filling dries with honey or much glycerine than with plain gum arabic (judgement; one's own entries say more). */
export const HONEY_DRIES_SLOWER = 1.6
export const slownessOfBinder = (binder: Paint['binder']): number => (binder === 'with honey' ? HONEY_DRIES_SLOWER : 1)
