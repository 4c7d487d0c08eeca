import { lines, type KeptTable } from './tables.fixture'

/** Tables of which single columns are odd: sizes, states, amounts, prices, days, headings; written before they were run. */
export const ODD_TABLES: readonly KeptTable[] = [
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
  {
    is: 'a size and a state that say the same',
    text: lines('Name,Code,Size,State', 'Viridian,PG18,1.8 ml,half pan'),
    rows: ['Viridian; PG18; 1.8 ml; bought pan'],
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
