import { describe, expect, it } from 'vitest'
import { COLOUR_NAMES } from './colourNames.generated'
import { coloursOfCode, variantInName, variantKey } from './variants'
import { readName } from './tradeWords'
import { VARIANT_WORDS } from './variantWords.generated'
import { REFERENCE_PIGMENTS } from './reference'

/** What a painter takes a name of a code for, written before it was run; `?` is asked, with what would be proposed. Common practice, from memory. */
const NAMES: Record<string, readonly (readonly [name: string, variant: string])[]> = {
  PBr7: [
    ['Raw sienna', 'raw sienna'],
    ['Sienna, raw', 'raw sienna'],
    ['Burnt sienna', 'burnt sienna'],
    ['sienna burnt', 'burnt sienna'],
    ['Burnt siena', 'burnt sienna'],
    ['B. Sienna', 'burnt sienna'],
    ['Burnt sienna, natural', 'burnt sienna'],
    ['Raw umber', 'raw umber'],
    ['Green umber', 'raw umber'],
    ['Greenish umber', 'raw umber'],
    ['Burnt umber', 'burnt umber'],
    ['Umber burnt', 'burnt umber'],
    ['Umber', '?'],
    ['Sienna', '?'],
    ['Sepia', '? burnt umber'],
    ['Warm sepia', '? burnt umber'],
    ['Van Dyke brown', '? burnt umber'],
    ['Vandyke brown', '? burnt umber'],
    ['Yellow ochre', '? raw sienna'],
    ['Stone of the north cliff', '?'],
  ],
  PR101: [
    ['Transparent red oxide', 'transparent red'],
    ['Trans. ox. red', 'transparent red'],
    ['Translucent orange', 'transparent red'],
    ['Indian red', 'Indian red'],
    ['Light red', 'light red'],
    ['English red', 'light red'],
    ['Venetian red', 'Venetian red'],
    ['Mars violet', 'violet'],
    ['Burnt sienna', 'burnt sienna'],
    ['Transparent brown oxide', 'transparent brown'],
    ['Caput mortuum', '?'],
    ['Red oxide', '?'],
    ['Terra rosa', '? Venetian red'],
  ],
  PV19: [
    ['Quinacridone rose', 'rose'],
    ['Permanent rose', 'rose'],
    ['Quin. rose', 'rose'],
    ['Quinacridone red', 'red'],
    ['Permanent red', 'red'],
    ['Quinacridone violet', 'violet'],
    ['Quinacridone purple', 'violet'],
    ['Crimson', '? red'],
    ['Quinacridone magenta', '?'],
    ['Evening', '?'],
  ],
  PB28: [
    ['Cobalt blue', 'blue'],
    ['Blue cobalt', 'blue'],
    ['Cobalt deep', 'blue'],
    ['Cobalt turquoise', 'teal'],
    ['Turquoise', 'teal'],
    ['Cobalt teal', 'teal'],
    ['Harbour blue', '? blue'],
  ],
  PB29: [
    ['French ultramarine', 'usual'],
    ['Ult. blue', 'usual'],
    ['Ultramarine blue, green shade', 'green shade'],
    ['Lapis lazuli', 'lapis lazuli'],
    ['Harbour blue', '? usual'],
  ],
  PR108: [
    ['Cadmium red', 'medium'],
    ['Cadmium red light', 'light'],
    ['Cad red lt', 'light'],
    ['Cadmium red pale', 'light'],
    ['Cadmium red deep', 'deep'],
    ['Cadmium scarlet', 'scarlet'],
    ['Cadmium maroon', 'maroon'],
    ['Red', '? medium'],
  ],
  PY35: [
    ['Cadmium yellow', 'medium'],
    ['Cad. yellow med.', 'medium'],
    ['Cadmium lemon', 'lemon'],
    ['Lemon yellow', 'lemon'],
    ['Cadmium yellow deep', 'deep'],
    ['Cadmium yellow pale', 'light'],
    ['Yellow', '? medium'],
  ],
  PB15: [
    ['Phthalo blue, green shade', 'PB15:3'],
    ['Phthalo blue GS', 'PB15:3'],
    ['Phthalo blue (red shade)', 'PB15:1'],
    ['Phthalo cyan', 'PB15:3'],
    ['Phthalo blue', '?'],
  ],
  PG50: [
    ['Cobalt teal', 'usual'],
    ['Light turquoise', 'usual'],
    ['Cobalt green', 'green'],
  ],
  PB36: [
    ['Cerulean blue', 'usual'],
    ['Cobalt turquoise', 'turquoise'],
  ],
  PY43: [
    ['Yellow ochre', 'usual'],
    ['Raw sienna', 'raw sienna'],
  ],
}

describe('which colour of a code a name says', () => {
  const rows = Object.entries(NAMES).flatMap(([code, names]) => names.map((row) => [code, ...row] as const))
  it.each(rows)('%s %s: %s', (code, name, expected) => {
    const { said, proposed } = variantInName(code, name)!
    expect(said ? variantKey(said) : `? ${proposed ? variantKey(proposed) : ''}`.trim()).toBe(expected)
  })
  it('is not asked of a code that has one colour', () => expect(variantInName('PG18', 'Viridian')).toBeUndefined())
  it('every row of the table of words names a colour that the reference has', () => {
    for (const [code, variant] of VARIANT_WORDS)
      expect(coloursOfCode(code).map(variantKey), `${code} ${variant}`).toContain(variant)
  })
})

describe('the words of a name', () => {
  it('of the trade are read as they stand: no name of the reference is doubted', () => {
    const names = [...COLOUR_NAMES.map(([term]) => term), ...REFERENCE_PIGMENTS.flatMap((p) => p.names)]
    for (const name of names) expect(readName(name.replace(/\(.*?\)/g, '')).read, name).toEqual([])
  })
  it.each([
    'Night green',
    'Rosa',
    'Skerry mist',
    'Kittiwake grey',
    'Gannet',
    'Tern white',
    'Slate',
    'Sandstone',
    'Marsh',
  ])('%s is a name of its own', (name) => expect(readName(name).read).toEqual([]))
})
