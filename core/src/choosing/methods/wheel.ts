import { hueStep } from '../../colour/lch'
import { middleOfFamily, type WheelFamily } from '../../colour/wheel'
import { call, MOST_CALLED, withinPlaces, type Method } from './method'

const SIX: readonly WheelFamily[] = ['yellow', 'orange', 'red', 'violet', 'blue', 'green']
const middle = (family: WheelFamily) => middleOfFamily(family)!
const between = (from: number, to: number) => (from + hueStep(from, to) / 2 + 360) % 360

/** Twelve steps of the painter's wheel, from yellow round through red: the middle of each family and the steps between. */
export function wheelSteps(): { words: string; at: number }[] {
  return SIX.flatMap((family, i) => {
    const next = SIX[(i + 1) % SIX.length]!
    const [own, other] = [middle(family), middle(next)]
    return [
      { words: family, at: own },
      { words: `${family} ${next}`, at: between(own, other) },
    ]
  })
}

/** Each step reaches half way to its neighbours. */
function stepCalls() {
  const steps = wheelSteps()
  return steps.map(({ words, at }, i) => {
    const before = steps[(i + steps.length - 1) % steps.length]!
    const after = steps[(i + 1) % steps.length]!
    // the list runs against the hue angle
    const hue = { from: between(after.at, at), to: between(at, before.at) }
    return call(`step-${i + 1}`, `step ${i + 1} of the wheel: ${words}`, 1, { families: [...SIX], hue })
  })
}

export const wheelComplete: Method = {
  id: 'wheel',
  name: 'Round the wheel',
  goodFor:
    'One paint for each of twelve steps, so that no hue has to be mixed from afar and each has its partner ' +
    'across, which tones it down. Good for flowers, and for painters who like to take colours straight.',
  costs: 'It needs places, and earths and darks come last. Where the wheel has a gap, a place is kept for it.',
  calls: ({ places }) =>
    withinPlaces(
      [
        ...stepCalls(),
        call('earths', 'earths', 2, { families: ['earth'] }),
        call('dark', 'a dark', 1, { depth: 'dark' }),
        call('loved', 'loved extras', MOST_CALLED),
      ],
      places,
    ),
}
