/** What a screen is for, and the gesture that matters there: three sentences each, read by whoever asks. */
export interface AboutScreen {
  title: string
  /** What it is for; what one does; what else it can. */
  sentences: readonly [string, string, string]
  /** The gesture, drawn as steps from left to right. */
  gesture: readonly string[]
}

/** By route as the folder of pages names it; the steps of a palette each under their own name. */
export const ABOUT_SCREENS: Readonly<Record<string, AboutScreen>> = {
  '/': {
    title: 'Today',
    sentences: [
      'Today says what is to be done first: a pan that dries, a place that waits to be filled, a paint that ran out.',
      'Below it you see every palette with what is wet or low in it; press one to open it.',
      'Palettes are drawn at one scale, so that a small tin looks small.',
    ],
    gesture: ['Read the first line', 'press it', 'do it there'],
  },
  '/paints': {
    title: 'Paints',
    sentences: [
      'All paints of your collection, ordered by hue, with their codes, tubes and swatches.',
      'Type a name, a code or a wish such as “granulating blue”; press a paint to see what is known of it and to change it.',
      'Paste a whole list, or import a table, with the buttons above the list.',
    ],
    gesture: ['Search', 'press a paint', 'send it to the strip'],
  },
  '/pigments': {
    title: 'Pigments',
    sentences: [
      'What the trade knows of each pigment: its colour, how it lasts, how it behaves, what to mind.',
      'Search by code, name or property; a code leads to the paints of yours that contain it.',
      'Values without a source say so: the label on the tube has the last word.',
    ],
    gesture: ['Search a code', 'read', 'see your paints of it'],
  },
  '/bench': {
    title: 'Mixing bench',
    sentences: [
      'Here you see what two to five paints mix, from full strength to a pale wash, before you squeeze any out.',
      'Press paints in the drawer and turn their parts; or name a colour and let recipes be found for it.',
      'Keep a recipe, and note what it really looked like: later predictions learn from your note.',
    ],
    gesture: ['Press two paints', 'turn the parts', 'keep the recipe'],
  },
  '/palettes': {
    title: 'Palettes',
    sentences: [
      'All your palettes, travel tins and studio trays, each drawn with what lies in it.',
      'Make a palette: say what it is for, choose a box, and take one of three proposals.',
      'A palette can be copied, kept as a version, shared as a file, and laid beside another.',
    ],
    gesture: ['Make a palette', 'say what it is for', 'take a proposal'],
  },
  '/palettes/choose': {
    title: 'Choose',
    sentences: [
      'Here you decide which paints go into the palette; the tray shows the plan, the verdict says what it can and cannot mix.',
      'Drag a paint from the drawer into a place, or press both, or fill free places with what helps most.',
      'What the palette is for stands above the verdict: press it to change subjects and wishes.',
    ],
    gesture: ['Pick up a paint', 'carry it to a place', 'read what changed'],
  },
  '/palettes/stand-in': {
    title: 'Stand in',
    sentences: [
      'Here you find a stand-in: a paint, or a mixture of two or three, used in place of another.',
      'Choose what is missing and what must not be lost; each stand-in lies edge to edge with what it replaces.',
      'Take one, and the place remembers what it stands in for until the paint is back.',
    ],
    gesture: ['Choose the missing paint', 'compare the rows', 'put one in its place'],
  },
  '/palettes/arrange': {
    title: 'Arrange',
    sentences: [
      'Here the paints find their places: in an order that painters use, by your own wishes, or by hand.',
      'Lock what must stay, choose an order, and see how well each wish is met before you take it.',
      'Each place says why its paint lies there; the fewest moves from pan to pan are listed.',
    ],
    gesture: ['Lock a place', 'choose an order', 'use the arrangement'],
  },
  '/palettes/fill': {
    title: 'Fill',
    sentences: [
      'Here you record which tube went into which pan, how much, and when.',
      'Press a place, choose the tube, and record the filling; the tube is drawn down by what went in.',
      'Wet pans show as wet until they have dried; every filling stays in the history of its pan.',
    ],
    gesture: ['Press a place', 'choose a tube', 'record the filling'],
  },
  '/palettes/key': {
    title: 'Key',
    sentences: [
      'The palette on paper: a key with names and codes, charts of mixtures, cards and labels in true millimetres.',
      'Choose the sheets, look at them as they will print, then print them or save the PDF.',
      'A painted and photographed sheet can be read back as swatches of your own.',
    ],
    gesture: ['Choose a sheet', 'look at it', 'print it'],
  },
  '/palettes/use': {
    title: 'Use',
    sentences: [
      'Here you note what each painting took from the palette and what you missed.',
      'From that the review proposes what could go, what should come in, and what runs low.',
      'Each proposal can be used, put off, or refused for good.',
    ],
    gesture: ['Log a painting', 'mark what you used', 'read the review'],
  },
  '/palettes/box': {
    title: 'The box of a palette',
    sentences: [
      'The places of this palette as they lie in its box, in true millimetres.',
      'Move, add or take out places; what is planned and filled moves along with its place.',
      'A box that you draw here can be used for other palettes, too.',
    ],
    gesture: ['Press a place', 'drag it', 'save the box'],
  },
  '/palettes/filling': {
    title: 'Plan the filling',
    sentences: [
      'For filling many pans: which tubes, in which order, in how many portions, and when all will be dry.',
      'Say the day by which it must be ready; portions are spread so that each has time to dry.',
      'On the day itself large buttons lead from pan to pan, made for wet hands.',
    ],
    gesture: ['Say when it must be ready', 'read the plan', 'fill pan by pan'],
  },
  '/palettes/beside': {
    title: 'Side by side',
    sentences: [
      'Two palettes, or two versions of one, with what each mixes that the other does not.',
      'Choose both at the top; paints that they share, and those that only one has, stand below.',
      'On a narrow screen you see one at a time at the same place.',
    ],
    gesture: ['Choose two', 'compare the maps', 'open one'],
  },
  '/boxes': {
    title: 'Boxes',
    sentences: [
      'Tins, trays and rings that a palette can lie in, ready ones and those you measured yourself.',
      'Press a box to see it in true millimetres; draw your own from a photograph or a ruler.',
      'How many pans fit into a tin is worked out on the page beside.',
    ],
    gesture: ['Choose a box', 'change a place', 'save it as your own'],
  },
  '/boxes/fit': {
    title: 'How many pans fit',
    sentences: [
      'Say how large a tin is inside, and which pans you have.',
      'You see how many fit, and how they lie, with the gaps that your fingers need.',
      'Keep the drawing as a box, and make a palette in it.',
    ],
    gesture: ['Measure the tin', 'choose a pan', 'keep the box'],
  },
  '/restock': {
    title: 'Restock',
    sentences: [
      'What is needed and why, what shops ask for it, and what a budget buys best.',
      'Answer each need; put prices in from a list; let a plan be made for what you may spend.',
      'What was ordered and what it cost is kept, so that the year can be looked back on.',
    ],
    gesture: ['Read the needs', 'plan the purchase', 'note what came'],
  },
  '/data': {
    title: 'Data',
    sentences: [
      'Everything you put in lies on this device only; here it is exported, copied and brought in.',
      'Export a file now and then, or choose a folder in which copies are made by themselves.',
      'The file of another device is brought together with what is here: what comes in is said first, what both changed is chosen.',
    ],
    gesture: ['Export everything', 'keep the file safe', 'bring it in elsewhere'],
  },
  '/pans': {
    title: 'Loose pans',
    sentences: [
      'Pans that are in no box now, and what dried paint they hold.',
      'Put one into a palette, clean it, or note that it was filled.',
      'A label for the underside tells two alike pans apart.',
    ],
    gesture: ['Find the pan', 'put it in a place', 'print its label'],
  },
  '/pans/labels': {
    title: 'Labels for pans',
    sentences: [
      'Small labels for the undersides of pans, with the paint, its codes and the day of filling.',
      'Choose which pans, and the sheet of labels that you have.',
      'They print in true millimetres.',
    ],
    gesture: ['Choose pans', 'choose the sheet', 'print'],
  },
  '/ledger': {
    title: 'The ledger',
    sentences: [
      'Everything that was filled, moved, cleaned, measured and painted, newest first.',
      'Narrow it down by palette, paint, kind or day; a wrong entry is corrected, never erased.',
      'The strip of the year shows when you filled and when you painted.',
    ],
    gesture: ['Narrow it down', 'read an entry', 'correct it'],
  },
  '/charts': {
    title: 'Keys, charts and cards',
    sentences: [
      'Sheets to paint and to print, for a palette or for any paints: keys, mixing charts, cards of what to paint next.',
      'Choose the palette, the sheets and the paper; what you see is what prints.',
      'Painted and photographed, a sheet is read back as swatches.',
    ],
    gesture: ['Choose a palette', 'choose a sheet', 'print it'],
  },
  '/compare': {
    title: 'What lies on the strip',
    sentences: [
      'The samples of the strip, edge to edge, with what differs between any two of them.',
      'Press two samples; colour, lean, value, pigments, behaviour and price are compared in words.',
      'Anything can be sent to the strip: paints, mixtures, targets, places.',
    ],
    gesture: ['Send two to the strip', 'press both', 'read what differs'],
  },
  '/swatches': {
    title: 'Read swatches',
    sentences: [
      'A photograph of a painted sheet, or a file from a measuring device, becomes swatches of your paints.',
      'Mark the corners of the sheet, check which box is which paint, and save what was read.',
      'White paper in the picture tells the light; shadows across the sheet spoil it.',
    ],
    gesture: ['Choose the photograph', 'mark the corners', 'save the swatches'],
  },
  '/students': {
    title: 'A list for students',
    sentences: [
      'A list of materials for a class: which paints, what may stand in for them, and what that costs.',
      'Write or paste the list, say how many students there are; each line gets stand-ins by price and quality.',
      'What loses the point of the exercise is refused, with the reason.',
    ],
    gesture: ['Write the list', 'choose stand-ins', 'print or copy it'],
  },
  '/list': {
    title: 'The list of paints',
    sentences: [
      'Your collection as a plain list to print, for a pocket or a wall.',
      'It stands in the order of the colour wheel, with codes, behaviour and what you own of each paint.',
      'Places and marks that you noted stand beside it.',
    ],
    gesture: ['Look at it', 'print it', 'take it to the shop'],
  },
  '/import': {
    title: 'Import a table',
    sentences: [
      'A table from a spreadsheet becomes paints and tubes.',
      'Say which column means what; headings once learned are known the next time.',
      'What could not be read stands in red with the reason; nothing is saved before you say so.',
    ],
    gesture: ['Choose the file', 'check the columns', 'save'],
  },
  '/how': {
    title: 'How the verdict is worked out',
    sentences: [
      'What the program does with your swatches, in plain words.',
      'It mixes your paints by calculation and looks which colours come out.',
      'It can be wrong: your eye has the last word.',
    ],
    gesture: ['Read', 'look at your own swatches', 'trust your eye'],
  },
}

/** What is to be said of the screen at a path; of its nearest ancestor where it has no words of its own. */
export function aboutScreen(path: string, steps: readonly string[]): AboutScreen {
  const parts = path.split('/').filter(Boolean)
  const isPalette = parts[0] === 'palettes' && parts.length > 1 && !(`/palettes/${parts[1]}` in ABOUT_SCREENS)
  const named = isPalette ? ['palettes', parts[2] ?? steps[0]!] : parts
  for (let n = named.length; n > 0; n -= 1) {
    const about = ABOUT_SCREENS[`/${named.slice(0, n).join('/')}`]
    if (about) return about
  }
  return ABOUT_SCREENS['/']!
}
