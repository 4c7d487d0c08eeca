import { expect, it } from 'vitest'
import { paint } from '../documents/documents.fixture'
import { threeToBegin } from './threeToBegin'

const of = (id: string, pigments: string[], L: number, a: number, b: number) =>
  paint(id, {
    pigments,
    masstone: { L, a, b, source: 'typed' as const },
    wash: { L: 92, a: a / 4, b: b / 4, source: 'typed' as const },
  })
const lemon = of('lemon', ['PY3'], 85, -8, 85)
const gold = of('gold', ['PY150', 'PY153'], 65, 20, 70)
const warm = of('warm', ['PY65'], 78, 22, 90)
const rose = of('rose', ['PV19'], 40, 58, 10)
const red = of('red', ['PR254'], 45, 62, 38)
const blue = of('blue', ['PB29'], 25, 30, -60)
const green = of('green', ['PG7'], 30, -40, 2)

it('a wheel begins with a yellow, a red and a blue, not with the first three of a list', () => {
  expect(threeToBegin([gold, lemon, warm, green, red, blue]).map((p) => p.id)).toEqual(['lemon', 'red', 'blue'])
  // without a red, what lies nearest to one
  const [first, second, third] = threeToBegin([lemon, warm, green, rose, blue])
  expect([first!.id, third!.id]).toEqual(['lemon', 'blue'])
  expect(['rose', 'warm']).toContain(second!.id)
  expect(
    threeToBegin([lemon, warm])
      .map((p) => p.id)
      .sort(),
  ).toEqual(['lemon', 'warm'])
  expect(threeToBegin([])).toEqual([])
})
