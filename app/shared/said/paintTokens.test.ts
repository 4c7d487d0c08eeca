import fc from 'fast-check'
import { expect, it } from 'vitest'
import { paintToken, piecesOf, spoken } from './paintTokens'

const name = (id: string) => `the ${id}`

it('a sentence falls into its words and paints, in order', () => {
  expect(piecesOf(`${paintToken('a')} and ${paintToken('b-1')} are twins.`)).toEqual([
    { paintId: 'a' },
    { text: ' and ' },
    { paintId: 'b-1' },
    { text: ' are twins.' },
  ])
  expect(piecesOf('No paint.')).toEqual([{ text: 'No paint.' }])
  expect(piecesOf('')).toEqual([])
})

it('spoken, it says what it says with names, whatever lies between', () => {
  const word = fc.string().filter((s) => !/[\uE000\uE001]/.test(s))
  fc.assert(
    fc.property(fc.array(fc.tuple(word, fc.constantFrom('a', 'PB15:3', 'x y'))), word, (parts, end) => {
      const said = (nameOf: (id: string) => string) => parts.map(([t, id]) => t + nameOf(id)).join('') + end
      expect(spoken(said(paintToken), name)).toBe(said(name))
    }),
  )
})
