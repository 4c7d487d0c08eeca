/**
 * Invented mixtures of the season: name | parts paint + parts paint | water | masstone seen | wash seen | note.
 * What was seen is made up for the demo.
 */
export const DEMO_RECIPES = `
Wet granite|3 H:French ultramarine + 2 H:Burnt sienna|3|24 2 -5|66 1 -8|dries a shade warmer than it looks wet
Kelp at low water|4 T:Green gold + 1 T:Burnt umber|2|||
Fog off the north landing|2 H:Cobalt blue + 1 G:Burnt sienna|12|||only a breath of it
Puffin bill|3 T:Benzimidazolone orange + 1 T:Pyrrole red|0.5|57 56 56||
`

/** Invented: what was wanted | what stood in, in parts | water | how it held | days ago | note. */
export const DEMO_TRIALS = `
F:Sap green|1 S:Phthalo green blue shade + 6 T:Green gold|3|well|24|cleaner than the tube; a touch of sienna settles it
H:Viridian|1 S:Phthalo green blue shade|0|passably|58|right at arm's length, but it stains and lies flat
F:Alizarin crimson|1 S:Perylene maroon|0|badly|90|too brown beside the thrift
`

/** Invented rankings by eye: name | days ago | paints, the best first, each with what was seen; in brackets those only mentioned. */
export const DEMO_RANKINGS = `
Roses for thrift|26|H/Quinacridone rose: nearest to the flower|G/Quinacridone red: a little orange|(F/Alizarin crimson): lovely, and it fades
`
