import { describe, expect, it } from 'vitest'
import { colourOfWord } from '../colour/colourWords'
import { parseColour } from '../colour/parseColour'
import { readColourList } from './readColourList'

const read = (text: string) => {
  const result = readColourList(text)
  if (!result.ok) throw new Error(result.error.message)
  return result.value
}
const lab = (text: string) => {
  const result = parseColour(text)
  if (!result.ok) throw new Error(result.error.message)
  return result.value
}

describe('a list of colours', () => {
  it('reads a palette file of three numbers a line, with names, comments and a title', () => {
    const list = read(
      'GIMP Palette\nName: Island\nColumns: 4\n# rocks\n 91 127 176\tsky over Holm\n36 90 52\n300 0 0 too bright\nnot a line\n',
    )
    expect(list.name).toBe('Island')
    expect(list.colours).toEqual([
      { lab: lab('#5b7fb0'), weight: 1, name: 'sky over Holm' },
      { lab: lab('#245a34'), weight: 1 },
    ])
    expect(list.left.map((l) => [l.line, l.text])).toEqual([
      [7, '300 0 0 too bright'],
      [8, 'not a line'],
    ])
  })

  it.each([
    ['#5b7fb0', { lab: lab('#5b7fb0'), weight: 1 }],
    ['sky,#5b7fb0,2', { lab: lab('#5b7fb0'), weight: 2, name: 'sky' }],
    ['sky;52;-3;-30', { lab: lab('52 -3 -30'), weight: 1, name: 'sky' }],
    ['52\t-3\t-30\t4\tsky', { lab: lab('52 -3 -30'), weight: 4, name: 'sky' }],
    ['Wet slate, 2', { lab: colourOfWord('wet slate')!, weight: 2, name: 'Wet slate' }],
    ['gorse', { lab: colourOfWord('gorse')!, weight: 1, name: 'gorse' }],
    ['52 -3 -30', { lab: lab('52 -3 -30'), weight: 1 }],
    ['"L 52 a -3 b -30",far sea', { lab: lab('52 -3 -30'), weight: 1, name: 'far sea' }],
  ])('reads %s', (line, expected) => {
    expect(read(line).colours).toEqual([expected])
  })

  it('passes over headings, keeps what is no colour, and never takes it for one', () => {
    const list = read('name,L,a,b\nsky,52,-3,-30\nsome words\nrock,152,0,0\n,,\n12,14\n')
    expect(list.colours).toHaveLength(1)
    expect(list.left.map((l) => l.line)).toEqual([3, 4, 6])
  })

  it('takes at most 400 and says so', () => {
    const list = read(Array.from({ length: 405 }, (_, i) => `colour ${i},#5b7fb0`).join('\n'))
    expect(list.colours).toHaveLength(400)
    expect(list.left.at(-1)!.text).toBe('5 more')
  })

  it('refuses what is no list', () => {
    const code = (text: string) => {
      const result = readColourList(text)
      return result.ok ? 'ok' : result.error.code
    }
    expect(code(' \n')).toBe('empty-file')
    expect(code('PK\0\0')).toBe('binary-file')
    expect(code('a poem\nof two lines')).toBe('no-colours')
    expect(code('#'.repeat(5_000_001))).toBe('file-too-large')
    expect(code('#123456\n'.repeat(50_001))).toBe('file-too-large')
    expect(code('GIMP Palette\nName: none\n')).toBe('no-colours')
  })

  it('a first line that only speaks of a colour is no heading: it is left over and named', () => {
    const read = readColourList('not a colour\n#3a6ea5, sky')
    expect(read.ok && read.value.left.map((l) => l.text)).toEqual(['not a colour'])
    const headed = readColourList('colour,name\n#3a6ea5,sky')
    expect(headed.ok && headed.value.left).toEqual([])
  })
})
