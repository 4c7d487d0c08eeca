import { parseLine, rowOfLine } from '@juxtachrome/core/paints'
import { usePaintCommands } from '~/features/paints/commands'
import { useCollection } from './collection'
import { demo, type Act } from './commands.fixture'

/** A maker of whom the demo has one paint. */
const ONLY = 'One Tube & Sons'
demo.paints = [
  ...demo.paints,
  { ...demo.paints[0]!, id: 'only-one', name: 'Only one', maker: ONLY, pigments: ['PB29'] },
]
const rowOf = (line: string) => rowOfLine(parseLine(line, []))

/** What a person does to paints. */
export const PAINT_ACTS: Act[] = [
  [
    'take in a line with what is left',
    () => usePaintCommands().addRows([rowOf('Guillemot blue PB60 15 ml, 1/3 left')], 'added Guillemot blue'),
    /^added Guillemot blue$/,
    () => {
      const paint = useCollection().paints.find((p) => p.name === 'Guillemot blue')!
      const [item] = useCollection().itemsOf(paint.id)
      return useCollection().ledger.account(item!.id).measured?.millilitres === 5
    },
  ],
  [
    'wish for a paint',
    () => usePaintCommands().addWish(rowOf('Guillemot blue PB60')),
    /^wished for Guillemot blue$/,
    () => {
      const paint = useCollection().paints.find((p) => p.name === 'Guillemot blue')!
      return useCollection().wished.has(paint.id) && useCollection().itemsOf(paint.id).length === 0
    },
  ],
  [
    'remove the last paint of a maker',
    () => usePaintCommands().removePaint(useCollection().paints.find((p) => p.maker === ONLY)!),
    /^removed /,
    () => useCollection().makers.includes(ONLY) && !useCollection().paints.some((p) => p.maker === ONLY),
  ],
]
