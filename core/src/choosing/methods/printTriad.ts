import { call, MOST_CALLED, withinPlaces, type Method } from './method'

/** Where the inks of printing lie, h_ab (judgement): a cyan well toward green, a magenta short of violet, a middle yellow. */
export const printTriad: Method = {
  id: 'print triad',
  name: 'Print triad',
  goodFor:
    'Three clean paints reach most hues: a cyan, a magenta, a yellow, each of one pigment, since every further pigment ' +
    'greys what is mixed. Then one paint at a time by what it adds. Good for learning what a palette really needs.',
  costs:
    'Oranges and violets come out duller than from a warm pair, everything has to be mixed, and the black takes all three.',
  calls: ({ places }) =>
    withinPlaces(
      [
        call('cyan', 'a cyan', 1, { families: ['blue'], toward: 'green', hue: { from: 205, to: 262 }, single: true }),
        call('magenta', 'a magenta', 1, {
          families: ['red'],
          toward: 'violet',
          hue: { from: 325, to: 12 },
          single: true,
        }),
        call('yellow', 'a yellow, neither warm nor cool', 1, {
          families: ['yellow'],
          hue: { from: 84, to: 108 },
          single: true,
        }),
        call('adds', 'one at a time: what adds most', MOST_CALLED),
      ],
      places,
    ),
}
