import type { Assessment } from '@juxtachrome/core/choosing'
import type { Lens } from '../lens'
import { asPaint } from './asPaint'
import { brings } from './brings'
import { lamp } from './lamp'
import { lean } from './lean'
import { granulation, permanence, staining, transparency } from './scaled'
import { twice } from './twice'
import { value } from './value'

/** The ways of seeing a palette that is being chosen. A new one is a file beside these and a name here. */
export const LENSES: readonly Lens<Assessment | undefined>[] = [
  asPaint,
  value,
  lean,
  transparency,
  staining,
  granulation,
  permanence,
  brings,
  twice,
  lamp,
]
