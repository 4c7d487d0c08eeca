/** What a line says, shortly: only what differs from one open tube of an unknown size and maker. */
export interface Expected {
  n: string
  /** Maker; `y` a maker that is asked for. */
  m?: string
  y?: string
  /** Codes. */
  c?: string
  ml?: number
  k?: string
  x?: number
  s?: string
  r?: string
  /** Price as it is written out. */
  p?: string
  se?: string
  f?: string
  /** Left over. */
  u?: string
  day?: string
  /** Behaviour, grade, medium and the like. */
  is?: string
  /** How many things had to be assumed. */
  d?: number
  /** What was read for words that are misspelt or shortened. */
  sp?: string
  /** The code of which the variant is asked, and which would be proposed. */
  w?: string
  /** What is left of it. */
  l?: string
}
export const KNOWN_MAKERS = ['Halvard & Roe', 'Skerry Colours', 'Tern & Daughter']

/** Lines as people write them: from tubes, lists, messages and order slips. Makers are invented. */
export const LINES: readonly (readonly [line: string, expected: Expected])[] = [
  // as on the tube
  [
    'French ultramarine PB29 15 ml, series 2, Halvard & Roe',
    { n: 'French ultramarine', c: 'PB29', ml: 15, se: '2', m: 'Halvard & Roe' },
  ],
  ['Burnt sienna, PBr7, Skerry Colours, 5ml', { n: 'Burnt sienna', c: 'PBr7', ml: 5, m: 'Skerry Colours' }],
  ['Halvard & Roe Viridian PG18 15 ml', { n: 'Viridian', c: 'PG18', ml: 15, m: 'Halvard & Roe' }],
  ['Phthalo blue P.B. 15.3 student grade', { n: 'Phthalo blue', c: 'PB15:3', is: 'student' }],
  ['Fog grey PG18+PB29+PR177 half pan', { n: 'Fog grey', c: 'PG18 PB29 PR177', k: 'bought pan', ml: 1.8 }],
  ['Quinacridone rose (PV19) 15ml tube', { n: 'Quinacridone rose', c: 'PV19', ml: 15 }],
  [
    'Cobalt blue PB28, 37 ml, on order, Halvard & Roe',
    { n: 'Cobalt blue', c: 'PB28', ml: 37, s: 'on order', m: 'Halvard & Roe' },
  ],
  ['TITANIUM WHITE PW6 14ML', { n: 'TITANIUM WHITE', c: 'PW6', ml: 14 }],
  ['yellow ochre py43', { n: 'yellow ochre', c: 'PY43' }],
  ['Indigo, C.I. Pigment Blue 66, 10 ml', { n: 'Indigo', c: 'PB66', ml: 10 }],
  ['Neutral tint PBk6/PB15/PV19', { n: 'Neutral tint', c: 'PBk6 PB15 PV19' }],
  ['Moonlight NR9 (natural) 5 ml', { n: 'Moonlight', c: 'NR9', ml: 5, u: 'natural' }],
  // makers: known, named, asked for
  ['Skerry Colours - Burnt umber - PBr7', { n: 'Burnt umber', m: 'Skerry Colours', c: 'PBr7' }],
  ['Northwall - Raw sienna - PBr7 - 15 ml', { n: 'Raw sienna', y: 'Northwall', c: 'PBr7', ml: 15 }],
  ['Raw sienna – Northwall – PBr7', { n: 'Raw sienna', y: 'Northwall', c: 'PBr7' }],
  ['Raw umber by Northwall', { n: 'Raw umber', m: 'Northwall' }],
  ['Raw umber, by Northwall, PBr7', { n: 'Raw umber', m: 'Northwall', c: 'PBr7' }],
  ['Gannet Street, Cerulean blue PB35', { n: 'Cerulean blue', y: 'Gannet Street', c: 'PB35' }],
  ['Cerulean blue (Gannet Street)', { n: 'Cerulean blue', y: 'Gannet Street' }],
  ["Tern & Daughter's Potter's pink PR233", { n: "Potter's pink", m: 'Tern & Daughter', c: 'PR233' }],
  ['halvard & roe: sap green', { n: 'sap green', m: 'Halvard & Roe' }],
  ['Sap green | Northwall | PG7 PY150 | 5 ml', { n: 'Sap green', y: 'Northwall', c: 'PG7 PY150', ml: 5 }],
  ['Green gold PY129, Old Harbour Paints', { n: 'Green gold', c: 'PY129', u: 'Old Harbour Paints' }],
  ['Green gold PY129, Northwall, Fair Isle', { n: 'Green gold', c: 'PY129', y: 'Northwall', u: 'Fair Isle' }],
  // what became makers once
  ['Burnt sienna PBr7 x2', { n: 'Burnt sienna', c: 'PBr7', x: 2 }],
  ['Burnt sienna PBr7, half empty', { n: 'Burnt sienna', c: 'PBr7', l: '50 %' }],
  ['Burnt sienna PBr7, Half empty', { n: 'Burnt sienna', c: 'PBr7', l: '50 %' }],
  ['Alizarin crimson PR83, fugitive!', { n: 'Alizarin crimson', c: 'PR83', is: 'fugitive' }],
  ['Quinacridone gold PO49, discontinued', { n: 'Quinacridone gold', c: 'PO49', is: 'discontinued' }],
  ['Viridian PG18 0.5 fl oz', { n: 'Viridian', c: 'PG18', ml: 14.8 }],
  ['Viridian PG18 s1', { n: 'Viridian', c: 'PG18', se: '1' }],
  ['Viridian PG18, S. 3', { n: 'Viridian', c: 'PG18', se: '3' }],
  ['Viridian PG18, old', { n: 'Viridian', c: 'PG18', u: 'old' }],
  ['Viridian PG18, dot card', { n: 'Viridian', c: 'PG18', k: 'sample' }],
  ['Cobalt blue PB28 ¥1200', { n: 'Cobalt blue', c: 'PB28', p: '1200 JPY', d: 1 }],
  ['Cobalt blue PB28, from the blue box', { n: 'Cobalt blue', c: 'PB28', u: 'from the blue box' }],
  ['Cobalt blue PB28, Love it', { n: 'Cobalt blue', c: 'PB28', u: 'Love it' }],
  // how many
  [
    '2 x 14 ml Raw umber by Tern & Daughter (PBr7) € 8,90',
    { n: 'Raw umber', m: 'Tern & Daughter', c: 'PBr7', x: 2, ml: 14, p: '8.90 EUR' },
  ],
  ['2x5 ml Lemon yellow PY3', { n: 'Lemon yellow', c: 'PY3', x: 2, ml: 5 }],
  ['3 x Lemon yellow PY3', { n: 'Lemon yellow', c: 'PY3', x: 3 }],
  ['3x Lemon yellow PY3', { n: 'Lemon yellow', c: 'PY3', x: 3 }],
  ['Lemon yellow PY3 (x3)', { n: 'Lemon yellow', c: 'PY3', x: 3 }],
  ['Lemon yellow PY3 ×2', { n: 'Lemon yellow', c: 'PY3', x: 2 }],
  ['Lemon yellow PY3, 2 tubes', { n: 'Lemon yellow', c: 'PY3', x: 2 }],
  ['Lemon yellow PY3, two half pans', { n: 'Lemon yellow', c: 'PY3', x: 2, k: 'bought pan', ml: 1.8 }],
  ['Lemon yellow PY3 5 ml x 4', { n: 'Lemon yellow', c: 'PY3', x: 4, ml: 5 }],
  ['4 half pans, Lemon yellow PY3', { n: 'Lemon yellow', c: 'PY3', x: 4, k: 'bought pan', ml: 1.8 }],
  // sizes
  ['Ivory black PBk9 half pan', { n: 'Ivory black', c: 'PBk9', k: 'bought pan', ml: 1.8 }],
  ['Ivory black PBk9 1/2 pan', { n: 'Ivory black', c: 'PBk9', k: 'bought pan', ml: 1.8 }],
  ['Ivory black PBk9, ½ pan', { n: 'Ivory black', c: 'PBk9', k: 'bought pan', ml: 1.8 }],
  ['Ivory black PBk9 full pan', { n: 'Ivory black', c: 'PBk9', k: 'bought pan', ml: 3.6 }],
  ['Ivory black PBk9 whole pans', { n: 'Ivory black', c: 'PBk9', k: 'bought pan', ml: 3.6 }],
  ['Ivory black PBk9 pan', { n: 'Ivory black', c: 'PBk9', k: 'bought pan' }],
  ['Ivory black PBk9, 7,5ml', { n: 'Ivory black', c: 'PBk9', ml: 7.5 }],
  ['Ivory black PBk9 15 ml.', { n: 'Ivory black', c: 'PBk9', ml: 15 }],
  ['Ivory black PBk9 ½ oz', { n: 'Ivory black', c: 'PBk9', ml: 14.8 }],
  ['Ivory black PBk9, 1/2 oz.', { n: 'Ivory black', c: 'PBk9', ml: 14.8 }],
  ['Ivory black PBk9 0.18oz', { n: 'Ivory black', c: 'PBk9', ml: 5.3 }],
  ['Ivory black PBk9 1.25 fl. oz.', { n: 'Ivory black', c: 'PBk9', ml: 37 }],
  ['Ivory black PBk9 2cl', { n: 'Ivory black', c: 'PBk9', ml: 20 }],
  ['Ivory black PBk9 8 millilitres', { n: 'Ivory black', c: 'PBk9', ml: 8 }],
  ['Ivory black PBk9 5 g', { n: 'Ivory black', c: 'PBk9', u: '5 g' }],
  ['Ivory black PBk9 99999 ml', { n: 'Ivory black', c: 'PBk9', u: '99999 ml' }],
  // kinds
  ['Kelp brown, handmade pan, label lost', { n: 'Kelp brown', k: 'handmade pan', r: 'label lost' }],
  ['Kelp brown handmade half pan', { n: 'Kelp brown', k: 'handmade pan', ml: 1.8 }],
  ['Kelp brown, handmade', { n: 'Kelp brown', is: 'handmade' }],
  ['Kelp brown stick PBr7', { n: 'Kelp brown', k: 'stick', c: 'PBr7', w: 'PBr7' }],
  ['Kelp brown sample PBr7', { n: 'Kelp brown', k: 'sample', c: 'PBr7', w: 'PBr7' }],
  ['Kelp brown PBr7, tube', { n: 'Kelp brown', c: 'PBr7', w: 'PBr7' }],
  // states
  [
    'Aureolin PY40 10ml, old formula, stiff, nearly empty',
    { n: 'Aureolin', c: 'PY40', ml: 10, f: 'old formula', r: 'nearly empty, stiff' },
  ],
  ['Aureolin PY40, almost empty', { n: 'Aureolin', c: 'PY40', r: 'nearly empty' }],
  ['Aureolin PY40, new', { n: 'Aureolin', c: 'PY40', s: 'sealed' }],
  ['Aureolin PY40 unopened', { n: 'Aureolin', c: 'PY40', s: 'sealed' }],
  ['Aureolin sealed PY40', { n: 'Aureolin', c: 'PY40', s: 'sealed' }],
  ['Aureolin PY40 empty', { n: 'Aureolin', c: 'PY40', s: 'empty' }],
  ['Aureolin PY40, used up', { n: 'Aureolin', c: 'PY40', s: 'empty' }],
  ['Aureolin PY40, lent', { n: 'Aureolin', c: 'PY40', s: 'lent' }],
  ['Aureolin PY40, lent to Mia', { n: 'Aureolin', c: 'PY40', u: 'lent to Mia' }],
  ['Aureolin PY40, ordered', { n: 'Aureolin', c: 'PY40', s: 'on order' }],
  ['Aureolin PY40, cap stuck', { n: 'Aureolin', c: 'PY40', r: 'cracked cap' }],
  ['Aureolin PY40, using it up', { n: 'Aureolin', c: 'PY40', r: 'using it up' }],
  ['Aureolin PY40, no label', { n: 'Aureolin', c: 'PY40', r: 'label lost' }],
  ['Aureolin PY40 dried out', { n: 'Aureolin', c: 'PY40', r: 'stiff' }],
  ['Aureolin PY40, sealed, saving it', { n: 'Aureolin', c: 'PY40', s: 'sealed', r: 'saving it' }],
  ['New gamboge PY153', { n: 'New gamboge', c: 'PY153' }],
  ['Aureolin PY40, before 2021', { n: 'Aureolin', c: 'PY40', f: 'before 2021' }],
  ['Aureolin PY40, formula 2019', { n: 'Aureolin', c: 'PY40', f: '2019' }],
  ['Aureolin PY40, new formula', { n: 'Aureolin', c: 'PY40', f: 'new formula' }],
  // behaviour and the like
  ['Cadmium red PR108, opaque', { n: 'Cadmium red', c: 'PR108', is: 'opaque' }],
  [
    'Lemon yellow PY175, semi transparent, non-staining',
    { n: 'Lemon yellow', c: 'PY175', is: 'lifts clean, semi-transparent' },
  ],
  [
    'Ultramarine PB29, granulating, transparent, ASTM I',
    { n: 'Ultramarine', c: 'PB29', is: 'excellent, granulating, transparent' },
  ],
  ['Zinc white gouache PW4 14 ml', { n: 'Zinc white', c: 'PW4', ml: 14, is: 'gouache' }],
  ['Zinc white, gouache, PW4', { n: 'Zinc white', c: 'PW4', is: 'gouache' }],
  ['Opera rose PR122 BV10 fluorescent', { n: 'Opera rose', c: 'PR122 BV10', is: 'fluorescent' }],
  ['Bone black PBk9, vegan', { n: 'Bone black', c: 'PBk9', is: 'vegan' }],
  ["Scarlet lake, artists' quality", { n: 'Scarlet lake', is: 'artist' }],
  // names with something after them
  ['Cadmium red (hue) PR254', { n: 'Cadmium red hue', c: 'PR254' }],
  ['Phthalo green, BS, PG7', { n: 'Phthalo green BS', c: 'PG7' }],
  ['Phthalo blue (green shade) PB15:3', { n: 'Phthalo blue green shade', c: 'PB15:3' }],
  ['Cobalt violet, light, PV14', { n: 'Cobalt violet light', c: 'PV14' }],
  ['Rose madder genuine NR9', { n: 'Rose madder genuine', c: 'NR9' }],
  ["Payne's gray", { n: "Payne's gray" }],
  ['Moonglow', { n: 'Moonglow' }],
  ['Sea jade, Skerry Colours', { n: 'Sea jade', m: 'Skerry Colours' }],
  ['Quin. gold deep PO48', { n: 'Quin. gold deep', c: 'PO48', sp: 'Quin.>quinacridone' }],
  // prices
  ['Viridian PG18 8,90 €', { n: 'Viridian', c: 'PG18', p: '8.90 EUR' }],
  ['Viridian PG18 EUR 8.90', { n: 'Viridian', c: 'PG18', p: '8.90 EUR' }],
  ['Viridian PG18 £12', { n: 'Viridian', c: 'PG18', p: '12.00 GBP' }],
  ['Viridian PG18 1.234,50 EUR', { n: 'Viridian', c: 'PG18', p: '1234.50 EUR' }],
  ['Viridian PG18 120 kr', { n: 'Viridian', c: 'PG18', p: '120.00 SEK', d: 1 }],
  ['Viridian PG18 89,50 DKK', { n: 'Viridian', c: 'PG18', p: '89.50 DKK' }],
  ['Viridian PG18 $11.49', { n: 'Viridian', c: 'PG18', p: '11.49 USD', d: 1 }],
  ['Viridian PG18 CA$ 14', { n: 'Viridian', c: 'PG18', p: '14.00 CAD' }],
  ['Viridian PG18 450p', { n: 'Viridian', c: 'PG18', p: '4.50 GBP' }],
  ['Viridian PG18 42 zł', { n: 'Viridian', c: 'PG18', p: '42.00 PLN' }],
  ['Viridian PG18 @ €7.20', { n: 'Viridian', c: 'PG18', p: '7.20 EUR' }],
  ['Viridian PG18 15 ml 7.20', { n: 'Viridian', c: 'PG18', ml: 15, u: '7.20' }],
  ['Viridian PG18, bought 2024-05-01', { n: 'Viridian', c: 'PG18', day: '2024-05-01' }],
  ['Viridian PG18, bought 2024-05-41', { n: 'Viridian', c: 'PG18', u: 'bought 2024-05-41' }],
  // lists and messages
  ['- Burnt umber PBr7 5 ml', { n: 'Burnt umber', c: 'PBr7', ml: 5 }],
  ['3. Burnt umber PBr7 5 ml', { n: 'Burnt umber', c: 'PBr7', ml: 5 }],
  ['[x] Burnt umber PBr7', { n: 'Burnt umber', c: 'PBr7' }],
  ['• Burnt umber – PBr7', { n: 'Burnt umber', c: 'PBr7' }],
  ['[10:42] Mia: Burnt umber PBr7', { n: 'Burnt umber', c: 'PBr7' }],
  ['10:42 - Burnt umber PBr7', { n: 'Burnt umber', c: 'PBr7' }],
  ['Burnt umber\tSkerry Colours\tPBr7\t5 ml', { n: 'Burnt umber', m: 'Skerry Colours', c: 'PBr7', ml: 5 }],
]
