import { call, MOST_CALLED, withinPlaces, type Method } from './method'

const WARM_AND_COOL = [
  call('yellow-cool', 'a cool yellow, leaning green', 1, { families: ['yellow'], temperature: 'cool' }),
  call('yellow-warm', 'a warm yellow, leaning orange', 1, { families: ['yellow'], temperature: 'warm' }),
  call('red-warm', 'a warm red, leaning orange', 1, { families: ['red'], temperature: 'warm' }),
  call('red-cool', 'a cool red, leaning violet', 1, { families: ['red'], toward: 'violet' }),
  call('blue-violet', 'a blue leaning violet', 1, { families: ['blue'], toward: 'violet' }),
  call('blue-green', 'a blue leaning green', 1, { families: ['blue'], toward: 'green' }),
]
const BEYOND = [
  call('earth-yellow', 'a yellow earth', 1, { families: ['yellow earth'] }),
  call('earth-red', 'a red or orange earth', 1, { families: ['red earth'] }),
  call('dark', 'a dark', 1, { depth: 'dark' }),
  call('violet', 'a violet', 1, { families: ['violet'] }),
  call('green', 'a green', 1, { families: ['green'] }),
  call('earth-more', 'one more earth', 1, { families: ['earth'] }),
  call('loved', 'what you would not do without', MOST_CALLED),
]

/** Common practice, no source. */
export const splitPrimaries: Method = {
  id: 'split primaries',
  name: 'Split primaries',
  goodFor:
    'Every mixture has a clean and a muted version: a yellow that leans green gives clean greens ' +
    'with a blue that leans green, a yellow that leans orange gives quiet ones. Good for a first palette, and for few places.',
  costs: 'Violets and deep greens have to be mixed each time, and none of the six is a dark.',
  calls: ({ places }) => withinPlaces([...WARM_AND_COOL, ...BEYOND], places),
}

/** Two cool reds instead of a warm and a cool one: a warm red is a mixture away. */
export const splitPrimariesTwoCoolReds: Method = {
  id: 'split primaries, two cool reds',
  name: 'Split primaries with two cool reds',
  goodFor:
    'As split primaries; a warm red is one of the cool reds with a warm yellow, so both red places ' +
    'go to what cannot be mixed, such as a rose and a deep crimson.',
  costs: 'The warm red has to be mixed, and it is a little duller than one from the tube.',
  calls: ({ places }) =>
    withinPlaces(
      [
        ...WARM_AND_COOL.filter((c) => c.id !== 'red-warm').map((c) =>
          c.id === 'red-cool' ? { ...c, words: 'cool reds: a rose and a deep one', quota: 2 } : c,
        ),
        ...BEYOND,
      ],
      places,
    ),
}
