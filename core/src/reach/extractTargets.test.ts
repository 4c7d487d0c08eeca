import { describe, expect, it } from 'vitest'
import { colourDifference } from '../colour/difference'
import { fromHex } from '../colour/srgb'
import { toTheEnd } from '../steps'
import { extractTargets, type ExtractQuestion, type Picture } from './extractTargets'

const lab = (hex: string) => {
  const read = fromHex(hex)
  if (!read.ok) throw new Error(read.error.message)
  return read.value
}
/** A picture of fields of colour, each with its share of the rows, with a little noise. */
function picture(width: number, height: number, fields: readonly [hex: string, share: number][], noise = 6): Picture {
  const data = new Uint8ClampedArray(width * height * 4)
  let seed = 1
  const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647 - 0.5
  for (let y = 0; y < height; y += 1) {
    let at = 0
    const field = fields.find(([, share]) => (at += share) > y / height) ?? fields.at(-1)!
    const rgb = [1, 3, 5].map((i) => parseInt(field[0].slice(i, i + 2), 16))
    for (let x = 0; x < width; x += 1) {
      const i = (y * width + x) * 4
      for (const c of [0, 1, 2]) data[i + c] = rgb[c]! + noise * random()
      data[i + 3] = 255
    }
  }
  return { width, height, data }
}
const taken = (question: Omit<ExtractQuestion, 'name'>) => {
  const result = toTheEnd(extractTargets({ name: 'a photograph', ...question }))
  if (!result.ok) throw new Error(result.error.message)
  return result.value.targets
}
const FIELDS: [string, number][] = [
  ['#5b7fb0', 0.5],
  ['#d9d2c0', 0.3],
  ['#3f5a34', 0.19],
  ['#e0761c', 0.01],
]

describe('the colours of a photograph', () => {
  it('finds the fields of a picture, with their shares, a small bright one included', () => {
    const targets = taken({ pictures: [picture(300, 400, FIELDS)], count: 8 })
    for (const [hex, share] of FIELDS) {
      const found = targets.find((t) => colourDifference(t.lab, lab(hex)) < 1.5)
      expect(found?.weight, hex).toBeCloseTo(share, 1)
    }
    expect(targets.reduce((sum, t) => sum + t.weight, 0)).toBeCloseTo(1, 9)
    expect(targets.map((t) => t.weight)).toEqual(targets.map((t) => t.weight).sort((p, q) => q - p))
  })

  it('agrees with the average of a field as a general library converts it', () => {
    const [only] = taken({ pictures: [picture(60, 60, [['#808080', 1]], 0)] })
    expect(colourDifference(only!.lab, lab('#808080'))).toBeLessThan(0.01)
    expect(only!.weight).toBe(1)
  })

  it('takes several pictures together and never more colours than asked', () => {
    const both = taken({ pictures: [picture(90, 90, [['#204080', 1]]), picture(900, 900, [['#c04020', 1]])], count: 2 })
    expect(both).toHaveLength(2)
    expect(both[0]!.weight).toBeCloseTo(0.5, 6)
    expect(taken({ pictures: [picture(200, 200, FIELDS)], count: 1 })).toHaveLength(1)
  })

  it('is the same every time, and says how far it is', () => {
    const question = { pictures: [picture(120, 120, FIELDS)], name: 'x' }
    expect(taken(question)).toEqual(taken(question))
    const steps = [...extractTargets(question)]
    expect(steps.at(-1)).toEqual({ done: steps[0]!.of, of: steps[0]!.of })
  })

  it('refuses what is too little, and see-through pixels do not count', () => {
    const code = (question: Partial<ExtractQuestion>) => {
      const result = toTheEnd(extractTargets({ pictures: [], name: 'x', ...question }))
      return result.ok ? 'ok' : result.error.code
    }
    const data = new Uint8Array(400)
    for (const [width, height] of [
      [Number.NaN, 10],
      [10, -10],
      [1.5, 10],
      [100, 100],
    ] as const)
      expect(code({ pictures: [{ width, height, data }] })).toBe('bad-picture')
    expect(code({})).toBe('no-picture')
    expect(code({ pictures: [picture(3, 3, FIELDS)] })).toBe('no-picture')
    const clear = picture(50, 50, FIELDS)
    for (let i = 3; i < clear.data.length; i += 4) clear.data[i] = 0
    expect(code({ pictures: [clear] })).toBe('no-picture')
    expect(code({ pictures: [picture(50, 50, FIELDS)], count: 0 })).toBe('bad-count')
    expect(code({ pictures: [picture(50, 50, FIELDS)], count: 2.5 })).toBe('bad-count')
  })
})
