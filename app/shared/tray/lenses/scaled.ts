import { propertiesOf } from '@juxtachrome/core/paints'
import { GRANULATIONS, LIGHTFASTNESSES, STAININGS, TRANSPARENCIES } from '@juxtachrome/core/pigments'
import { type Lens, UNKNOWN } from '../lens'

/** A behaviour on its scale, the further along the darker and the denser hatched. */
const scaled = (
  id: string,
  label: string,
  of: 'transparency' | 'staining' | 'granulation' | 'lightfastness',
  scale: readonly string[],
): Lens<unknown> => ({
  id,
  label,
  seen: (paint) => {
    const known = propertiesOf(paint)[of]
    if (!known) return UNKNOWN
    const level = scale.indexOf(known.value) / (scale.length - 1)
    const words = known.from === 'assumed' ? `${known.value} (assumed)` : known.value
    return { words, grey: 96 - 30 * level, hatch: Math.round(level * 3) as 0 | 1 | 2 | 3 }
  },
})

export const transparency = scaled('transparency', 'Transparency', 'transparency', TRANSPARENCIES)
export const staining = scaled('staining', 'Staining', 'staining', STAININGS)
export const granulation = scaled('granulation', 'Granulation', 'granulation', GRANULATIONS)
export const permanence = scaled('permanence', 'Permanence', 'lightfastness', LIGHTFASTNESSES)
