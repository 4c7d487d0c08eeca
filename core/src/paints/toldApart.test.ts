import { expect, it } from 'vitest'
import { toldApart } from './toldApart'

it('paints of one name get their maker; others, and one that is listed twice, do not', () => {
  const of = (id: string, name: string, maker: string) => ({ id, name, maker })
  const list = [
    of('1', 'Raw sienna', 'Skerry'),
    of('2', 'raw sienna ', 'Tern'),
    of('3', 'Viridian', 'Tern'),
    of('4', 'Raw sienna', ''),
  ]
  const name = toldApart([...list, list[2]!])
  expect(list.map(name)).toEqual(['Raw sienna of Skerry', 'raw sienna  of Tern', 'Viridian', 'Raw sienna'])
})
