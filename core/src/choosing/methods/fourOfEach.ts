import type { WheelFamily } from '../../colour/wheel'
import { DARK } from '../brief/wishes'
import { call, type Method } from './method'
import type { CallWants } from '../../documents/guide'

const SIX: readonly WheelFamily[] = ['yellow', 'orange', 'red', 'violet', 'blue', 'green']
/** Toward which neighbour each family is called warm and cool here; of blues and greens schools differ (judgement). */
const SIDES: Record<WheelFamily, { warm: WheelFamily; cool: WheelFamily }> = {
  yellow: { warm: 'orange', cool: 'green' },
  orange: { warm: 'red', cool: 'yellow' },
  red: { warm: 'orange', cool: 'violet' },
  violet: { warm: 'red', cool: 'blue' },
  blue: { warm: 'violet', cool: 'green' },
  green: { warm: 'yellow', cool: 'blue' },
}
/** Which earths stand for a family; the green earths are greens by their hue. */
const EARTHS: Record<WheelFamily, CallWants[]> = {
  yellow: [{ families: ['yellow earth'] }],
  orange: [{ families: ['red earth', 'brown'], toward: 'orange' }],
  red: [{ families: ['red earth'] }],
  violet: [{ families: ['earth'], toward: 'violet' }],
  blue: [{ families: ['neutral'], toward: 'blue' }],
  green: [{ families: ['green earth'] }, { families: ['neutral'], toward: 'green' }],
}

export const fourOfEach: Method = {
  id: 'four of each',
  name: 'Four of each family',
  goodFor:
    'For yellow, orange, red, violet, blue and green a warm, a cool, a dark and an earth one, ' +
    'laid out as a table with its gaps. Good for a studio palette of two dozen.',
  costs:
    'It takes twenty-four places, and some of the fields hardly exist as paint: a gap is an answer, too. ' +
    `A dark is one below L* ${DARK}, or the deepest of its family.`,
  calls: () =>
    SIX.flatMap((family) => [
      call(`${family}-warm`, `${family}: warm`, 1, { families: [family], toward: SIDES[family].warm }),
      call(`${family}-cool`, `${family}: cool`, 1, { families: [family], toward: SIDES[family].cool }),
      call(`${family}-dark`, `${family}: dark`, 1, { families: [family], depth: 'dark' }),
      call(`${family}-earth`, `${family}: earth`, 1, ...EARTHS[family]),
    ]),
}
