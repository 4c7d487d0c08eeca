import { callsOf } from './shorthand'
import type { GuideCall } from '../../documents/guide'

/** A guide that ships with the product: families and leans, never products. Judgement and common practice, no source. */
export interface ReadyMethod {
  id: string
  name: string
  places: number
  /** A subject of data/subjects, where it is meant for one. */
  subject?: string
  calls: GuideCall[]
}

const SIX = 'cool yellow; warm yellow; warm red; cool red; blue leaning violet; blue leaning green'
const ROWS: readonly (readonly [name: string, places: number, subject: string, calls: string])[] = [
  ['Three for a pocket', 3, '', 'yellow; cool red; blue'],
  ['Four: three and an earth', 4, '', 'yellow; cool red; blue leaning violet; red earth or orange earth'],
  ['Six to begin with', 6, '', SIX],
  [
    'Six earths and a blue',
    7,
    'autumn',
    '2 yellow earth; 2 orange earth or red earth; dark earth; blue leaning violet; dark',
  ],
  ['Eight for the bag', 8, '', `${SIX}; yellow earth; orange earth or red earth`],
  [
    'Eight for the coast',
    8,
    'sea',
    'cool yellow; yellow earth; orange earth or red earth; cool red; 2 blue leaning green; blue leaning violet; dark',
  ],
  [
    'Eight for faces',
    8,
    'skin',
    'yellow earth; warm yellow; warm red; cool red; red earth or orange earth; blue leaning violet; green; dark',
  ],
  [
    'Ten for stone and town',
    10,
    'stone',
    '2 yellow earth; 2 orange earth or red earth; dark earth; warm red; blue leaning violet; blue leaning green; dark; white',
  ],
  ['Twelve: six pairs', 12, '', `${SIX}; yellow earth; orange earth or red earth; dark earth; green; violet; dark`],
  [
    'Twelve for landscape',
    12,
    'landscape',
    'cool yellow; warm yellow; 2 yellow earth; orange earth or red earth; dark earth; cool red; warm red; blue leaning violet; blue leaning green; green; dark',
  ],
  [
    'Twelve for the sea',
    12,
    'sea',
    'cool yellow; warm yellow; yellow earth; orange earth or red earth; cool red; 2 blue leaning violet; 3 blue leaning green; green; dark',
  ],
  [
    'Twelve for flowers',
    12,
    'flowers',
    'cool yellow; yellow; warm yellow; orange; warm red; 2 cool red; 2 violet; blue leaning violet; blue leaning green; green',
  ],
  [
    'Twelve for skin',
    12,
    'skin',
    '2 yellow earth; warm yellow; orange; warm red; 2 cool red; 2 red earth or orange earth; blue leaning violet; green; dark',
  ],
  [
    'Twelve for autumn',
    12,
    'autumn',
    'cool yellow; warm yellow; 2 yellow earth; orange; warm red; cool red; 2 orange earth or red earth; dark earth; blue leaning violet; dark',
  ],
  [
    'Twelve for snow',
    12,
    'snow',
    'warm yellow; yellow earth; orange earth or red earth; cool red; 3 blue leaning violet; 2 blue leaning green; violet; dark; neutral',
  ],
  [
    'Twelve, hardly any mixing',
    12,
    '',
    '2 yellow; orange; 2 red; violet; 2 blue; 2 green; orange earth or red earth; dark',
  ],
  [
    'Sixteen for the road',
    16,
    'landscape',
    `${SIX}; orange; violet; 2 green; 2 yellow earth; 2 orange earth or red earth; dark earth; dark`,
  ],
  [
    'Sixteen for sketching over ink',
    16,
    'stone',
    `${SIX}; orange; violet; green; 2 yellow earth; 2 orange earth or red earth; dark earth; 2 dark`,
  ],
  [
    'Eighteen round the wheel',
    18,
    '',
    '2 yellow; warm yellow; orange; 2 warm red; 2 cool red; 2 violet; 2 blue leaning violet; 2 blue leaning green; 2 green; yellow earth; dark',
  ],
  [
    'Twenty for the studio',
    20,
    '',
    `${SIX}; orange; violet; 2 green; cool red; blue; 2 yellow earth; 2 orange earth or red earth; dark earth; 2 dark; white`,
  ],
  [
    'Twenty for a garden',
    20,
    'flowers',
    '2 cool yellow; 2 warm yellow; orange; 2 warm red; 3 cool red; 3 violet; 2 blue leaning violet; blue leaning green; 2 green; yellow earth; dark',
  ],
  [
    'Twenty-four of every kind',
    24,
    '',
    '2 cool yellow; 2 warm yellow; 2 orange; 2 warm red; 2 cool red; 2 violet; 2 blue leaning violet; ' +
      '2 blue leaning green; 2 green; 2 yellow earth; 2 orange earth or red earth; dark earth; dark',
  ],
  [
    'Thirty for the studio',
    30,
    '',
    '2 cool yellow; 3 warm yellow; 2 orange; 3 warm red; 3 cool red; ' +
      '2 violet; 3 blue leaning violet; 3 blue leaning green; 2 green; 2 yellow earth; 2 orange earth or red earth; dark earth; dark; white',
  ],
  ['Six for a child', 6, '', 'yellow; red; blue; green; orange earth or red earth; neutral'],
]

export const READY_METHODS: readonly ReadyMethod[] = ROWS.map(([name, places, subject, calls]) => ({
  id: name.toLowerCase().replace(/[^a-z]+/g, '-'),
  name,
  places,
  ...(subject ? { subject } : {}),
  calls: callsOf(calls),
}))
