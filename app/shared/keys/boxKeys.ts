/** What the keys do in the drawing of a box, with their words for the list of shortcuts. */
export const BOX_KEYS = [
  {
    act: 'left',
    keys: ['ArrowLeft'],
    shown: 'Arrows',
    words: 'Move what is chosen by 1 mm; with Shift by 5, with Alt by 0.1',
  },
  { act: 'right', keys: ['ArrowRight'] },
  { act: 'up', keys: ['ArrowUp'] },
  { act: 'down', keys: ['ArrowDown'] },
  { act: 'next', keys: ['PageDown', 'n', 'N'], shown: 'N, P', words: 'Choose the next or the previous well or part' },
  { act: 'previous', keys: ['PageUp', 'p', 'P'] },
  { act: 'add', keys: [' '], shown: 'Space', words: 'Choose one more, or let it go' },
  { act: 'double', keys: ['d', 'D'], shown: 'D', words: 'The same once more' },
  { act: 'turn', keys: ['r', 'R'], shown: 'R', words: 'Turn it by a quarter' },
  { act: 'remove', keys: ['Delete', 'Backspace'], shown: 'Delete', words: 'Take it out of the drawing' },
] as const
export type BoxAct = (typeof BOX_KEYS)[number]['act']

export const actOnBox = (key: string): BoxAct | undefined =>
  BOX_KEYS.find(({ keys }) => (keys as readonly string[]).includes(key))?.act
