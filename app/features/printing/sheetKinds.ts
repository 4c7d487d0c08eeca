/** What can be printed. `of` says what it is made of: a palette in its own order, or paints. */
export const SHEET_KINDS = [
  { id: 'key', label: 'Key for the lid', of: 'palette', says: 'Every place in the palette’s own order, blanks kept.' },
  { id: 'chart', label: 'Mixing chart', of: 'paints', says: 'Every paint with every other, and the same again thin.' },
  {
    id: 'partners',
    label: 'Fixed partners',
    of: 'paints',
    says: 'A card for each paint, each against the same partners in the same places: laid on each other they compare.',
  },
  { id: 'cards', label: 'Swatch cards', of: 'paints', says: 'A card for each paint, to cut out, shuffle and punch.' },
  { id: 'book', label: 'Swatch book', of: 'paints', says: 'All of them in the order of the wheel, family by family.' },
  {
    id: 'wheel',
    label: 'Colour wheel',
    of: 'three',
    says: 'Three paints, and what is mixed between them, with the parts.',
  },
  { id: 'triangle', label: 'Triangle of three', of: 'three', says: 'Every mixture of three paints in six parts.' },
  { id: 'dilutions', label: 'Dilution scales', of: 'paints', says: 'From masstone to the thinnest wash, a row each.' },
  { id: 'values', label: 'Value scales', of: 'paints', says: 'Paint each box as light as the grey printed above it.' },
  { id: 'fade', label: 'Fade test', of: 'paints', says: 'One half is covered, the other hangs in the light.' },
  { id: 'undersides', label: 'Undersides of pans', of: 'paints', says: 'A label for each, to be stuck below its pan.' },
  {
    id: 'boxes',
    label: 'Labels for boxes of tubes',
    of: 'paints',
    says: 'A label for each family, with what lies in it.',
  },
] as const

export type SheetKind = (typeof SHEET_KINDS)[number]['id']
export const sheetKind = (id: SheetKind) => SHEET_KINDS.find((k) => k.id === id)!
