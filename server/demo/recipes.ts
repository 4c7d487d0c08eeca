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
