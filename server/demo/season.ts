import type { Brief } from '@juxtachrome/core/documents'
/** How long ago things happened, in days before today; paints by their line in DEMO_PAINTS as `maker:name[:formula]`. */
export type Ago = number

/** paint | kind | ml | supply | remarks, comma separated | price in cents | bought, days ago */
export const DEMO_ITEMS = `
H:Lemon yellow|tube|15|open||890|260
H:Lemon yellow|tube|15|sealed||910|40
H:Hansa yellow medium|tube|15|open||890|260
S:Hansa yellow deep|tube|5|open||540|210
T:Nickel azo yellow|tube|14|open||1150|300
G:Indian yellow|tube|10|open||980|190
F:Aureolin:before 2021|tube|15|open|stiff,saving it|1420|1900
F:Aureolin:since 2021|tube|15|sealed||1390|120
H:Naples yellow|tube|15|open||890|410
S:Pyrrole orange|tube|5|open||720|210
T:Benzimidazolone orange|tube|14|open||1150|300
G:Transparent red iron oxide|tube|10|open||760|190
H:Pyrrole scarlet|tube|15|open||1240|260
T:Pyrrole red|tube|14|open||1150|300
T:Pyrrole red|sample|0.2|open|||300
S:Perylene maroon|tube|5|open||720|210
H:Quinacridone rose|tube|15|open|nearly empty|1240|520
H:Quinacridone rose|tube|15|sealed||1290|35
G:Quinacridone red|tube|10|open||980|190
H:Quinacridone magenta|tube|15|open||1240|260
F:Alizarin crimson|tube|15|open|using it up,cracked cap|820|2400
T:Rose madder genuine|tube|5|open|saving it|1980|640
S:Potter's pink|tube|5|open||780|210
H:Cobalt violet|tube|5|open|separated|1690|520
S:Dioxazine violet|tube|5|open||610|210
H:French ultramarine|tube|37|open||1590|260
H:French ultramarine|tube|15|sealed||890|260
S:French ultramarine|tube|5|open||460|210
T:Ultramarine deep|tube|14|lent||790|300
H:Cobalt blue|tube|15|open||1690|260
G:Cobalt turquoise|tube|10|open||1490|190
T:Cerulean blue|tube|14|open||1780|300
H:Phthalo blue green shade|tube|15|open||890|260
S:Phthalo blue green shade|sample|0.2|open|||210
F:Prussian blue|tube|15|open|stiff|820|2100
S:Indanthrone blue|tube|5|open||780|210
H:Phthalo turquoise|tube|15|open||1120|150
S:Phthalo green blue shade|tube|5|open||540|210
H:Viridian|tube|15|open||1460|260
G:Perylene green|tube|10|open||980|190
T:Green gold|tube|14|open||1350|300
F:Sap green|tube|15|open||820|410
T:Terre verte|tube|14|open||790|300
H:Yellow ochre|tube|15|open||760|260
H:Yellow ochre|bought pan|1.8|sealed||520|90
S:Raw sienna|tube|5|open||460|210
H:Burnt sienna|tube|15|open|nearly empty|760|520
H:Burnt sienna|tube|15|sealed||790|35
G:Burnt sienna|tube|10|open||760|190
T:Burnt umber|tube|14|open||790|300
S:Raw umber|tube|5|open||460|210
F:Indian red|tube|15|open||820|410
G:Mars black|tube|10|open||980|190
H:Payne's grey|tube|15|open||760|260
F:Neutral tint|tube|15|empty||820|900
F:Neutral tint|tube|15|on order||860|6
T:Titanium white|tube|14|open||790|300
G:Unbleached titanium|tube|10|open||860|190
B:Kelp brown|handmade pan|1.8|open|label lost||
B:Lichen yellow|handmade pan|1.8|open|||95
B:Storm grey|handmade pan|1.8|open|||95
S:Fluorescent rose|tube|5|open||640|210
F:Pearl white|tube|15|sealed||980|410
H:Cobalt blue|stick|10|sealed||1890|20
`

interface DemoPalette {
  id: string
  name: string
  use: 'travel' | 'studio'
  purpose: string
  holder: string
  /** What it is for; paints that must be in are named as in its plan. */
  brief?: Brief
  mustIn?: string[]
  /** place: paint, or `reserved: note`; `!` in front locks it. */
  plan: string
  /** days ago | place | paint | ml; or days ago | place | cleaned; or days ago | place | exchange | other place;
   * or days ago | place | taken out, put back (its pan) */
  journal: string
}

export const DEMO_PALETTES: DemoPalette[] = [
  {
    id: 'landing-tin',
    name: 'Landing tin',
    use: 'travel',
    holder: 'tin-12-half',
    purpose: 'Fits the oilskin pocket: ten minutes ashore between swells',
    brief: {
      targets: [
        { kind: 'subject', subject: 'sea', weight: 2 },
        {
          kind: 'colours',
          id: 'demo-ledge',
          name: 'the ledge at low tide',
          weight: 1,
          colours: [
            { L: 26, a: 2, b: 6, weight: 30, name: 'wet basalt' },
            { L: 62, a: 2, b: 10, weight: 22, name: 'guano-washed rock' },
            { L: 64, a: 24, b: 62, weight: 6, name: 'lichen' },
            { L: 30, a: 4, b: 24, weight: 18, name: 'kelp' },
            { L: 48, a: -14, b: -12, weight: 16, name: 'surge in the gully' },
            { L: 88, a: -1, b: -3, weight: 8, name: 'foam in shade' },
          ],
        },
      ],
      wishes: [
        { wish: 'lightfastness', value: 'very good', hard: true },
        { wish: 'rewetting', value: 'patience', hard: false },
      ],
    },
    mustIn: ['H:French ultramarine', 'H:Quinacridone rose'],
    plan: `A1 H:Lemon yellow; A2 T:Nickel azo yellow; A3 S:Pyrrole orange for H:Pyrrole scarlet; A4 H:Quinacridone rose;
      !A5 H:French ultramarine; A6 H:Phthalo blue green shade;
      B1 H:Yellow ochre; B2 G:Burnt sienna; B3 G:Perylene green; B4 T:Terre verte; B5 H:Payne's grey;
      B6 reserved: a darker brown, for kelp`,
    journal: `150|A1|H:Lemon yellow|1.2
150|A2|T:Nickel azo yellow|1.2
150|A3|H:Pyrrole scarlet|1.1
149|A4|H:Quinacridone rose|1.3
149|A5|H:French ultramarine|1.5
149|A6|H:Phthalo blue green shade|0.9
148|B1|H:Yellow ochre|1.3
148|B2|H:Burnt sienna|1.4
148|B3|T:Terre verte|1.2
148|B5|H:Payne's grey|1.2
96|A5|H:French ultramarine|0.8
80|A3|cleaned
79|A3|S:Pyrrole orange|1.2
62|B2|cleaned
61|B2|G:Burnt sienna|1.3
50|B3|exchange|B4
41|A5|S:French ultramarine|0.6
38|B1|taken out
36|B1|put back
30|A1|H:Lemon yellow|0.5
3|B3|G:Perylene green|1.3
2|A4|H:Quinacridone rose|0.6`,
  },
  {
    id: 'boat-tray',
    name: 'Boat tray',
    use: 'travel',
    holder: 'folding-18',
    purpose: 'On the thwart, for a morning off the stacks',
    plan: `A1 H:Lemon yellow; A2 H:Hansa yellow medium; A3 G:Indian yellow; A4 S:Pyrrole orange;
      A5 T:Pyrrole red; A6 H:Quinacridone rose; A7 H:Quinacridone magenta; A8 S:Dioxazine violet;
      A9 reserved: cobalt violet, once a fresh tube is here;
      B1 H:French ultramarine; B2 H:Cobalt blue; B3 T:Cerulean blue; B4 H:Phthalo turquoise; B5 H:Viridian;
      B6 F:Sap green; B7 S:Raw sienna; B8 T:Burnt umber; B9 F:Neutral tint`,
    journal: `120|A1|H:Lemon yellow|2
120|A2|H:Hansa yellow medium|2
120|A3|G:Indian yellow|1.8
120|A4|S:Pyrrole orange|1.5
119|A5|T:Pyrrole red|2
119|A6|H:Quinacridone rose|2.2
119|A7|H:Quinacridone magenta|2
119|A8|S:Dioxazine violet|1.2
119|A9|H:Cobalt violet|1.4
118|B1|H:French ultramarine|2.6
118|B2|H:Cobalt blue|2.4
118|B3|T:Cerulean blue|2.2
118|B4|F:Prussian blue|1.4
118|B5|H:Viridian|2
118|B6|F:Sap green|2
118|B7|S:Raw sienna|1.8
118|B8|T:Burnt umber|1.8
118|B9|F:Neutral tint|2
70|A9|cleaned
66|B4|cleaned
65|B4|H:Phthalo turquoise|1.8
33|B1|H:French ultramarine|1.6
20|B9|cleaned
4|B6|F:Sap green|1`,
  },
  {
    id: 'hut-palette',
    name: 'Hut palette',
    use: 'studio',
    holder: 'tray-36',
    purpose: 'The table under the north window: fog, granite, orange bills',
    plan: `L6 H:Lemon yellow; L5 H:Hansa yellow medium; L4 S:Hansa yellow deep; L3 T:Nickel azo yellow;
      L2 G:Indian yellow; L1 T:Benzimidazolone orange;
      A1 S:Pyrrole orange; A2 H:Pyrrole scarlet; A3 T:Pyrrole red; A4 G:Quinacridone red; A5 S:Perylene maroon;
      A6 H:Quinacridone rose; A7 H:Quinacridone magenta; A8 H:Cobalt violet; A9 S:Dioxazine violet;
      A10 S:Indanthrone blue; A11 H:French ultramarine; A12 H:Cobalt blue;
      R1 T:Cerulean blue; R2 H:Phthalo blue green shade; R3 F:Prussian blue; R4 G:Cobalt turquoise;
      R5 H:Phthalo turquoise; R6 S:Phthalo green blue shade;
      B12 H:Viridian; B11 T:Green gold; B10 F:Sap green; B9 H:Yellow ochre; B8 S:Raw sienna; B7 H:Burnt sienna;
      B6 G:Transparent red iron oxide; B5 T:Burnt umber; B4 G:Mars black; B3 H:Payne's grey;
      !B2 G:Unbleached titanium; !B1 T:Titanium white`,
    journal: `165|L6|H:Lemon yellow|2.5
165|L5|H:Hansa yellow medium|2.5
165|L4|S:Hansa yellow deep|1.8
165|L3|T:Nickel azo yellow|2.5
165|L2|G:Indian yellow|2
164|L1|T:Benzimidazolone orange|2.2
164|A1|S:Pyrrole orange|1.4
164|A2|H:Pyrrole scarlet|2.4
164|A3|T:Pyrrole red|2.4
164|A4|G:Quinacridone red|2.2
164|A5|S:Perylene maroon|1.6
163|A6|H:Quinacridone rose|3
163|A7|H:Quinacridone magenta|2.4
163|A8|H:Cobalt violet|1.6
163|A9|S:Dioxazine violet|1.2
163|A10|S:Indanthrone blue|1.8
163|A11|H:French ultramarine|4
163|A12|H:Cobalt blue|3
162|R1|T:Cerulean blue|2.6
162|R2|H:Phthalo blue green shade|2
162|R3|F:Prussian blue|2
162|R4|G:Cobalt turquoise|2.2
162|R5|H:Phthalo turquoise|2
162|R6|S:Phthalo green blue shade|1.4
161|B12|H:Viridian|2.6
161|B11|T:Green gold|2.2
161|B10|F:Sap green|2.4
161|B9|H:Yellow ochre|3
161|B8|S:Raw sienna|1.8
161|B7|H:Burnt sienna|3.4
161|B6|G:Transparent red iron oxide|2
160|B5|T:Burnt umber|2.6
160|B4|F:Indian red|2
160|B3|H:Payne's grey|2.8
160|B2|G:Unbleached titanium|2.4
160|B1|T:Titanium white|3
110|B4|cleaned
109|B4|G:Mars black|2
98|A11|H:French ultramarine|2
77|B7|H:Burnt sienna|2
55|A6|H:Quinacridone rose|2
44|A11|H:French ultramarine|2
28|A12|H:Cobalt blue|1.5
12|R1|T:Cerulean blue|1.5
5|L6|H:Lemon yellow|2
1|B9|H:Yellow ochre|2.4`,
  },
  {
    id: 'skerry-case',
    name: 'Skerry case',
    use: 'travel',
    holder: 'slim-8',
    purpose: 'Eight pans for the next crossing, still to be filled',
    plan: `A1 H:Lemon yellow; A2 T:Titanium white; A3 H:Cobalt violet; A4 H:Cobalt blue; A5 H:Viridian; A6 S:Raw sienna;
      A7 H:Burnt sienna; A8 H:Payne's grey`,
    journal: '',
  },
]
