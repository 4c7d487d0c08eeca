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
const lines = (...rows: string[]) => rows.join('\n')

export const TABLES: readonly KeptTable[] = [
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
  // sizes and kinds
  {
    is: 'a size that is a half pan',
    text: lines('Name,Code,Size', 'Viridian,PG18,1.8 ml'),
    rows: ['Viridian; PG18; 1.8 ml; bought pan'],
    asks: 'size',
  },
  {
    is: 'a size that is a full pan',
    text: lines('Name,Code,ml', 'Viridian,PG18,3.6'),
    rows: ['Viridian; PG18; 3.6 ml; bought pan'],
    asks: 'size',
  },
  { is: 'a small tube is no pan', text: lines('Name,Code,Size', 'Viridian,PG18,2 ml'), rows: ['Viridian; PG18; 2 ml'] },
  {
    is: 'so small, and said to be a sample',
    text: lines('Name,Code,Size,Kind', 'Viridian,PG18,1.8 ml,sample'),
    rows: ['Viridian; PG18; 1.8 ml; sample'],
  },
  {
    is: 'a pan in words',
    text: lines(
      'Name,Code,Size',
      'Viridian,PG18,half pan',
      'Indigo,PB66,1/2 pan',
      'Sepia,PBr7,hp',
      'Rose,PV19,full pan',
    ),
    rows: [
      'Viridian; PG18; 1.8 ml; bought pan',
      'Indigo; PB66; 1.8 ml; bought pan',
      'Sepia; PBr7; 1.8 ml; bought pan',
      'Rose; PV19; 3.6 ml; bought pan',
    ],
  },
  {
    is: 'content is no price',
    text: lines('Name,Code,Content (ml)', 'Viridian,PG18,15', 'Indigo,PB66,5'),
    rows: ['Viridian; PG18; 15 ml', 'Indigo; PB66; 5 ml'],
  },
  { is: 'ounces', text: lines('Name,Code,Size', 'Viridian,PG18,0.5 oz'), rows: ['Viridian; PG18; 14.8 ml'] },
  {
    is: 'grams are asked',
    text: lines('Name,Code,Size', 'Viridian,PG18,5 g'),
    rows: ['Viridian; PG18'],
    asks: 'size',
    doubts: 'size',
  },
  // states
  {
    is: 'a state that is a kind',
    text: lines('Name,Code,State', 'Viridian,PG18,tube', 'Indigo,PB66,tube', 'Sepia,PBr7,half pan'),
    rows: ['Viridian; PG18', 'Indigo; PB66', 'Sepia; PBr7; bought pan'],
  },
  {
    is: 'nearly finished',
    text: lines('Name,Code,State', 'Viridian,PG18,nearly finished'),
    rows: ['Viridian; PG18; nearly empty'],
  },
  {
    is: 'several states',
    text: lines('Name,Code,Status', 'Viridian,PG18,"open, stiff"', 'Indigo,PB66,new'),
    rows: ['Viridian; PG18; stiff', 'Indigo; PB66; sealed'],
  },
  {
    is: 'a state that is none',
    text: lines('Name,Code,State', 'Viridian,PG18,in the loft', 'Indigo,PB66,open'),
    rows: ['Viridian; PG18', 'Indigo; PB66'],
    asks: 'state',
  },
  // what is left
  {
    is: 'what is left, in every form',
    text: lines(
      'Name,Code,Size,Left',
      'Viridian,PG18,15,half',
      'Indigo,PB66,15,1/3',
      'Sepia,PBr7,15,30 %',
      'Rose,PV19,15,4 ml',
      'Ochre,PY43,15,full',
    ),
    rows: [
      'Viridian; PG18; 15 ml; left 50 %',
      'Indigo; PB66; 15 ml; left 33 %',
      'Sepia; PBr7; 15 ml; left 30 %',
      'Rose; PV19; 15 ml; left 4 ml',
      'Ochre; PY43; 15 ml; left 100 %',
    ],
  },
  {
    is: 'what is left, in words that say nothing',
    text: lines('Name,Code,Remaining', 'Viridian,PG18,plenty', 'Indigo,PB66,half'),
    rows: ['Viridian; PG18', 'Indigo; PB66; left 50 %'],
    asks: 'left',
  },
  // prices
  {
    is: 'prices with a sign',
    text: lines('Name,Code,Price', 'Viridian,PG18,£8.90', 'Indigo,PB66,"7,10 €"'),
    rows: ['Viridian; PG18; 8.90 GBP', 'Indigo; PB66; 7.10 EUR'],
  },
  {
    is: 'the currency in the heading',
    text: lines('Name,Code,Price in $', 'Viridian,PG18,8.90'),
    rows: ['Viridian; PG18; 8.90 USD'],
  },
  {
    is: 'a series beside a price',
    text: lines('Name,Code,Series,Price', 'Viridian,PG18,2,8.90'),
    rows: ['Viridian; PG18; 8.90 EUR; series 2'],
  },
  {
    is: 'a price that is none',
    text: lines('Name,Code,Price', 'Viridian,PG18,gift', 'Indigo,PB66,7.10', 'Sepia,PBr7,7.10'),
    rows: ['Viridian; PG18', 'Indigo; PB66; 7.10 EUR', 'Sepia; PBr7; 7.10 EUR'],
    asks: 'price',
  },
  // days
  {
    is: 'days with points',
    text: lines('Name,Code,Bought', 'Viridian,PG18,02.03.2024'),
    rows: ['Viridian; PG18; 2024-03-02'],
  },
  {
    is: 'days in words',
    text: lines('Name,Code,Bought', 'Viridian,PG18,2 March 2024', 'Indigo,PB66,"March 5, 2023"'),
    rows: ['Viridian; PG18; 2024-03-02', 'Indigo; PB66; 2023-03-05'],
  },
  {
    is: 'a month',
    text: lines('Name,Code,Date', 'Viridian,PG18,March 2023'),
    rows: ['Viridian; PG18; 2023-03-01'],
    asks: 'bought',
  },
  {
    is: 'days with slashes are asked',
    text: lines('Name,Code,Bought', 'Viridian,PG18,3/2/24'),
    rows: ['Viridian; PG18'],
    asks: 'bought',
  },
  {
    is: 'a slash that leaves nothing open',
    text: lines('Name,Code,Bought', 'Viridian,PG18,25/3/2024'),
    rows: ['Viridian; PG18; 2024-03-25'],
  },
  // headings that say nothing, values that do
  {
    is: 'a heading of its own word',
    text: lines('Name,Farbindex', 'Viridian,PG18', 'Indigo,PB66', 'Sepia,PBr7'),
    rows: ['Viridian; PG18', 'Indigo; PB66', 'Sepia; PBr7'],
    doubts: 'pigments',
  },
  {
    is: 'a heading without a word',
    text: lines('Name,Code,', 'Viridian,PG18,15 ml', 'Indigo,PB66,5 ml'),
    rows: ['Viridian; PG18; 15 ml', 'Indigo; PB66; 5 ml'],
    doubts: 'size',
  },
  {
    is: 'a heading that its values belie',
    text: lines('Name,Code,Price', 'Viridian,PG18,good', 'Indigo,PB66,dear', 'Sepia,PBr7,cheap'),
    rows: ['Viridian; PG18', 'Indigo; PB66', 'Sepia; PBr7'],
    asks: 'price price price',
    doubts: 'price',
  },
  // odd rows
  {
    is: 'a row without a name',
    text: lines('Name,Code,ml', ',,5', 'Viridian,PG18,15'),
    rows: ['Viridian; PG18; 15 ml'],
    bad: 1,
  },
  { is: 'a row with a code alone', text: lines('Name,Code,ml', ',PG18,5'), rows: ['PG18; PG18; 5 ml'] },
  {
    is: 'a code that is none',
    text: lines('Name,Code', 'Viridian,green 18', 'Indigo,PB66'),
    rows: ['Viridian', 'Indigo; PB66'],
    asks: 'pigments',
  },
  {
    is: 'a code that is unusual for the name',
    text: lines('Name,Code', 'Viridian,PG36', 'Viridan,PG36'),
    rows: ['Viridian; PG36', 'Viridan; PG36'],
    asks: 'pigments pigments',
  },
  {
    is: 'a row that is longer than the headings',
    text: lines('Name,Code', 'Viridian,PG18,,,extra', 'Indigo,PB66'),
    rows: ['Viridian; PG18', 'Indigo; PB66'],
  },
]
