/** A table as somebody keeps it, and what a careful reader takes from it; written before it was run. Makers are invented. */
export interface KeptTable {
  is: string
  text: string
  /** Each paint: name; maker; codes; size; kind; count; state; price; day; what is left; series: what is not said is left out. */
  rows: readonly string[]
  /** Rows that are no paints, and rows that are kept for correction. */
  aside?: number
  bad?: number
  /** Fields that are asked about. */
  asks?: string
  /** Columns whose meaning is doubted. */
  doubts?: string
}
export const lines = (...rows: string[]) => rows.join('\n')

export const KEPT_TABLES: readonly KeptTable[] = [
  // as it should be
  {
    is: 'plain',
    text: lines('Name,Maker,Pigment,Size', 'Viridian,Northwall,PG18,15 ml', 'Indigo,Northwall,PB66,5 ml'),
    rows: ['Viridian; Northwall; PG18; 15 ml', 'Indigo; Northwall; PB66; 5 ml'],
  },
  { is: 'semicolons', text: lines('Name;Code;ml', 'Viridian;PG18;15'), rows: ['Viridian; PG18; 15 ml'] },
  {
    is: 'tabs',
    text: lines('Colour\tPigments\tBrand', 'Viridian\tPG18\tNorthwall'),
    rows: ['Viridian; Northwall; PG18'],
  },
  {
    is: 'other words for headings',
    text: lines('Paint,Manufacturer,C.I.,Volume,Qty', 'Viridian,Northwall,PG 18,15,2'),
    rows: ['Viridian; Northwall; PG18; 15 ml; x2'],
  },
  { is: 'capitals', text: lines('NAME,MAKER,CODE', 'VIRIDIAN,NORTHWALL,PG18'), rows: ['VIRIDIAN; NORTHWALL; PG18'] },
  { is: 'quoted cells', text: lines('Name,Code', '"Blue, cobalt",PB28'), rows: ['Blue, cobalt; PB28'] },
  { is: 'a byte order mark', text: '\uFEFFName,Code\nViridian,PG18', rows: ['Viridian; PG18'] },
  { is: 'line ends of the other kind', text: 'Name,Code\r\nViridian,PG18\r\n', rows: ['Viridian; PG18'] },
  // titles, blank rows, headings further down
  {
    is: 'a title above',
    text: lines('My paints 2024,,', 'Name,Code,Size', 'Viridian,PG18,15 ml'),
    rows: ['Viridian; PG18; 15 ml'],
  },
  {
    is: 'a title, a date and a blank row above',
    text: lines('Paints of the studio,,', 'as of 3 May 2024,,', ',,', 'Name,Code,Size', 'Viridian,PG18,15 ml'),
    rows: ['Viridian; PG18; 15 ml'],
  },
  {
    is: 'a title that is a word of headings',
    text: lines('Paint', ',,', 'Name,Code,ml', 'Viridian,PG18,15'),
    rows: ['Viridian; PG18; 15 ml'],
  },
  {
    is: 'blank rows between',
    text: lines('Name,Code', 'Viridian,PG18', ',', ',', 'Indigo,PB66'),
    rows: ['Viridian; PG18', 'Indigo; PB66'],
  },
  { is: 'a blank row under the headings', text: lines('Name,Code', ',', 'Viridian,PG18'), rows: ['Viridian; PG18'] },
  {
    is: 'an empty first column',
    text: lines(',Name,Code', ',Viridian,PG18', ',Indigo,PB66'),
    rows: ['Viridian; PG18', 'Indigo; PB66'],
  },
  {
    is: 'a running number in front',
    text: lines('No.,Name,Code', '1,Viridian,PG18', '2,Indigo,PB66'),
    rows: ['Viridian; PG18', 'Indigo; PB66'],
  },
  {
    is: 'a running number without a heading',
    text: lines(
      ',Name,Code',
      '1,Viridian,PG18',
      '2,Indigo,PB66',
      '3,Sepia,PBr7',
      '4,Rose,PV19',
      '5,Ochre,PY43',
      '6,Sap,PG7',
      '7,Gold,PY150',
      '8,Lemon,PY3',
      '9,Black,PBk9',
      '10,White,PW6',
    ),
    rows: [
      'Viridian; PG18',
      'Indigo; PB66',
      'Sepia; PBr7',
      'Rose; PV19',
      'Ochre; PY43',
      'Sap; PG7',
      'Gold; PY150',
      'Lemon; PY3',
      'Black; PBk9',
      'White; PW6',
    ],
  },
  // no headings
  {
    is: 'none at all',
    text: lines('Viridian,PG18,15 ml', 'Indigo,PB66,5 ml', 'Sap green,PG7 PY150,5 ml'),
    rows: ['Viridian; PG18; 15 ml', 'Indigo; PB66; 5 ml', 'Sap green; PG7 PY150; 5 ml'],
  },
  {
    is: 'none, with a maker that is known',
    text: lines('Northwall,Viridian,PG18', 'Northwall,Indigo,PB66'),
    rows: ['Viridian; Northwall; PG18', 'Indigo; Northwall; PB66'],
  },
  // groups
  {
    is: 'groups of colours',
    text: lines('Name,Code,ml', 'Blues,,', 'Indigo,PB66,5', 'Earths,,', 'Raw umber,PBr7,5'),
    rows: ['Indigo; PB66; 5 ml', 'Raw umber; PBr7; 5 ml'],
    aside: 2,
  },
  {
    is: 'groups with a colon',
    text: lines('Name,Code', 'My greens:,', 'Viridian,PG18'),
    rows: ['Viridian; PG18'],
    aside: 1,
  },
  {
    is: 'a maker above its paints',
    text: lines('Name,Code', 'Northwall,', 'Viridian,PG18', 'Skerry Colours,', 'Indigo,PB66'),
    rows: ['Viridian; Northwall; PG18', 'Indigo; Skerry Colours; PB66'],
    aside: 2,
  },
  {
    is: 'a maker once for its rows, as merged cells become',
    text: lines(
      'Maker,Name,Code',
      'Northwall,Viridian,PG18',
      ',Indigo,PB66',
      ',Sepia,PBr7',
      'Skerry Colours,Rose,PV19',
    ),
    rows: [
      'Viridian; Northwall; PG18',
      'Indigo; Northwall; PB66',
      'Sepia; Northwall; PBr7',
      'Rose; Skerry Colours; PV19',
    ],
  },
  {
    is: 'one maker left out is not filled in',
    text: lines(
      'Maker,Name,Code',
      'Northwall,Viridian,PG18',
      'Northwall,Indigo,PB66',
      ',Sepia,PBr7',
      'Northwall,Rose,PV19',
    ),
    rows: ['Viridian; Northwall; PG18', 'Indigo; Northwall; PB66', 'Sepia; PBr7', 'Rose; Northwall; PV19'],
  },
  {
    is: 'a paint of which only the name is known',
    text: lines('Name,Code,ml', 'Viridian,,', 'Indigo,PB66,5'),
    rows: ['Viridian', 'Indigo; PB66; 5 ml'],
  },
  // sums and footers
  {
    is: 'a sum',
    text: lines('Name,Code,Price', 'Viridian,PG18,8.90', 'Indigo,PB66,7.10', 'Total,,16.00'),
    rows: ['Viridian; PG18; 8.90 EUR', 'Indigo; PB66; 7.10 EUR'],
    aside: 1,
  },
  {
    is: 'a sum in another column',
    text: lines('Code,Name,Price', 'PG18,Viridian,8.90', ',Sum:,8.90'),
    rows: ['Viridian; PG18; 8.90 EUR'],
    aside: 1,
  },
  {
    is: 'a number of paints below',
    text: lines('Name,Code', 'Viridian,PG18', 'Count: 1,'),
    rows: ['Viridian; PG18'],
    aside: 1,
  },
  {
    is: 'a price alone below, without a word',
    text: lines('Name,Code,Price', 'Viridian,PG18,8.90', ',,8.90'),
    rows: ['Viridian; PG18; 8.90 EUR'],
    bad: 1,
  },
  // several tables
  {
    is: 'the headings once more',
    text: lines('Name,Code', 'Viridian,PG18', 'Name,Code', 'Indigo,PB66'),
    rows: ['Viridian; PG18', 'Indigo; PB66'],
  },
  {
    is: 'another table below',
    text: lines('Name,Code', 'Viridian,PG18', ',', 'Paint,Maker,ml', 'Indigo,Northwall,5', 'Sepia,Northwall,5'),
    rows: ['Indigo; Northwall; 5 ml', 'Sepia; Northwall; 5 ml', 'Viridian; PG18'],
  },
  {
    is: 'two beside each other',
    text: lines('Name,Code,,Name,Code', 'Viridian,PG18,,Indigo,PB66', 'Sepia,PBr7,,,'),
    rows: ['Viridian; PG18', 'Sepia; PBr7', 'Indigo; PB66'],
  },
]
