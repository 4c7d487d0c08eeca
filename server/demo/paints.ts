/**
 * An invented collection: makers, series and prices do not exist. Names are the trade's common
 * ones; swatches are typical for the pigments, from memory.
 * maker | name | formula | codes | masstone L a b | wash L a b | transparency | staining | granulation | lightfastness | series | more
 */
export const DEMO_PAINTS = `
H|Lemon yellow||PY175|88 -8 82|95 -9 36|t|w|s|ex|1|
H|Hansa yellow medium||PY74|83 8 88|93 -2 46|st|w|s|vg|1|
S|Hansa yellow deep||PY65|76 26 84|89 10 50|t|w|s|vg|2|
T|Nickel azo yellow||PY150|62 12 62|88 -6 58|t|a|s|ex|2|
G|Indian yellow||PY110|71 28 78|87 9 48|t|a|s|ex|2|
F|Aureolin|before 2021|PY40|73 10 64|91 -4 42|t|w|s|fa|3|
F|Aureolin|since 2021|PY150 PY175|70 8 70|91 -6 52|t|a|s|ex|3|
H|Naples yellow||PW6 PY42|86 6 34|94 2 16|o|w|s|ex|1|
S|Pyrrole orange||PO71|56 58 62|78 30 38|t|a|s|ex|3|
T|Benzimidazolone orange||PO62|64 44 74|84 22 42|st|a|s|vg|2|
G|Transparent red iron oxide||PR101|40 36 40|72 24 34|t|a|l|ex|1|
H|Pyrrole scarlet||PR255|50 66 48|74 40 24|st|a|s|ex|2|
T|Pyrrole red||PR254|44 62 40|72 38 18|st|s|s|ex|2|
S|Perylene maroon||PR179|31 38 20|64 32 10|t|s|s|ex|3|
H|Quinacridone rose||PV19|37 56 12|70 40 -6|t|a|s|ex|2|
G|Quinacridone red||PV19|42 60 26|72 42 4|t|a|s|ex|2|
H|Quinacridone magenta||PR122|35 50 -8|68 42 -18|t|s|s|vg|2|
F|Alizarin crimson||PR83|29 44 18|64 36 4|t|s|s|fu|2|
T|Rose madder genuine||NR9|42 50 14|76 28 4|t|c|s|po|5|
S|Potter's pink||PR233|56 20 8|78 12 4|st|c|g|ex|3|
H|Cobalt violet||PV14|42 30 -26|68 20 -18|st|c|sg|ex|5|
S|Dioxazine violet||PV23|16 20 -22|55 26 -34|t|s|s|vg|2|
H|French ultramarine||PB29|25 28 -62|62 6 -42|t|w|g|ex|1|
S|French ultramarine||PB29|26 30 -64|63 7 -43|t|w|sg|ex|1|
T|Ultramarine deep||PB29|23 30 -60|60 8 -44|t|w|g|ex|1|
H|Cobalt blue||PB28|38 6 -52|68 -6 -32|st|w|g|ex|4|
G|Cobalt turquoise||PB28|50 -30 -24|76 -22 -16|so|w|g|ex|4|
T|Cerulean blue||PB35|48 -14 -38|74 -14 -24|so|w|g|ex|4|
H|Phthalo blue green shade||PB15:3|27 0 -40|66 -18 -36|t|s|s|ex|1|
S|Phthalo blue green shade||PB15:3|28 -2 -41|67 -19 -36|t|s|s|ex|1|
F|Prussian blue||PB27|22 -6 -24|62 -14 -26|t|s|s|vg|1|
S|Indanthrone blue||PB60|20 8 -34|58 0 -30|t|s|s|ex|3|
H|Phthalo turquoise||PB16|29 -20 -24|68 -28 -18|t|s|s|ex|2|
S|Phthalo green blue shade||PG7|27 -30 0|70 -42 2|t|s|s|ex|1|
H|Viridian||PG18|34 -32 4|72 -28 6|t|c|g|ex|3|
G|Perylene green||PBk31|22 -8 2|58 -12 4|st|a|s|ex|2|
T|Green gold||PY129|48 -2 50|80 -10 56|t|a|s|vg|3|
F|Sap green||PG7 PY150|36 -18 30|72 -20 44|t|a|s|vg|1|
T|Terre verte||PG23|50 -14 12|78 -8 8|t|c|g|ex|1|
H|Yellow ochre||PY42|64 14 48|84 6 32|so|w|l|ex|1|
S|Raw sienna||PBr7|56 16 44|80 8 32|t|w|g|ex|1|
H|Burnt sienna||PBr7|36 24 28|70 20 28|t|w|g|ex|1|
G|Burnt sienna||PR101|38 32 34|70 24 30|t|a|l|ex|1|
T|Burnt umber||PBr7|29 10 13|66 10 16|st|w|g|ex|1|
S|Raw umber||PBr7|33 4 14|68 4 16|st|w|g|ex|1|
F|Indian red||PR101|36 34 20|64 22 8|o|a|g|ex|1|
G|Mars black||PBk11|24 0 2|62 1 3|st|c|sg|ex|1|
H|Payne's grey||PB29 PBk6|22 0 -8|60 -3 -12|t|a|l|ex|1|
F|Neutral tint||PBk6 PB15:3 PV19|20 2 -4|58 2 -6|t|s|s|ex|1|
T|Titanium white||PW6|96 -1 2|97 0 1|o|w|s|ex|1|
G|Unbleached titanium||PW6:1|82 4 16|92 2 8|o|w|g|ex|1|
B|Kelp brown|||30 8 18|66 6 22|st|w|g||h|rubbed off: found in a matchbox; brown, granulates, lifts well
B|Lichen yellow||PY43|68 10 56|86 2 36|st|w|l|ex|h|earth from the north landing
B|Storm grey||PBk9 PB29|32 -1 -8|66 -2 -9|st|w|g|ex|h|
S|Fluorescent rose||PR122 BV10|52 70 -6|80 44 -22|t|a|s|fu|3|fluorescent
F|Pearl white||PW20 PW6|90 0 3|95 0 1|so|w|s|ex|3|pearlescent
`

export const DEMO_MAKERS: Record<string, string> = {
  H: 'Halvard & Roe',
  S: 'Skerry Colours',
  T: 'Tern & Daughter',
  G: 'Gannet Street',
  F: 'Fulmar Paintworks',
  B: 'Bothy, handmade',
}

/** Tint tests, one part in ten of titanium white: maker:name | L a b. Made up for the demo. */
export const DEMO_TINTS = `
H:Phthalo blue green shade|61 -17 -36
S:Phthalo blue green shade|72 -17 -24
`
