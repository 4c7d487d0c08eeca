import { readName } from '../../pigments/tradeWords'
import { COLOUR_NAMES } from '../../pigments/colourNames.generated'

/** Words that colours are named with (common practice, no source). */
const HUE_WORDS = [
  'yellow orange red scarlet crimson pink rose magenta violet purple mauve blue turquoise teal aqua cyan indigo green',
  'olive brown sepia grey gray black white gold silver bronze copper ochre ocher sienna umber lake madder ultramarine',
  'viridian vermilion cerulean azure lemon peach coral lilac lavender buff ivory tint quin quinacridone phthalo cadmium',
  'cobalt hansa perylene pyrrol pyrrole naphthol dioxazine oxide earth bone carmine gamboge aureolin verditer verte',
  'caput cad ult',
].join(' ')
const HUES = new RegExp(`(?<!\\p{L})(?:${HUE_WORDS.replaceAll(' ', '|')})(?!\\p{L})`, 'iu')
const NAMES = COLOUR_NAMES.map(([term]) => term.toLowerCase())

/** Whether a piece of text names a colour as the trade does, misspelt or shortened ones included. */
export const namesAColour = (text: string): boolean => {
  const plain = text.toLowerCase()
  return HUES.test(plain) || NAMES.some((name) => plain.includes(name)) || readName(text).read.length > 0
}

const BELONGS =
  /^(?:hue|genuine|imit(?:ation)?\.?|light|pale|medium|mid|deep|dark|raw|burnt|(?:red|green|blue|yellow|violet)(?:ish)? shade|[rgbyv]\.?s\.?|no\.? ?\d{1,3})$/i
/** What says more of a colour's name and stands apart from it: `Cadmium red (hue)`, `Phthalo blue, GS`, `Umber, raw`. */
export const belongsToAName = (piece: string): boolean =>
  BELONGS.test(piece) || (/^\p{L}+$/u.test(piece) && HUES.test(piece.toLowerCase()))
