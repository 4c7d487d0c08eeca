import { describe, expect, it } from 'vitest'
import { READY_METHODS } from '../../src/choosing'
import { linesOfGuide } from '../../src/formats/studentLines'
import { commonnessOf } from '../../src/pigments'
import { STUDENT_LISTS } from './students'

describe('a list for students', () => {
  it.each(STUDENT_LISTS)('%s', (name, acceptable) => {
    const lines = linesOfGuide(READY_METHODS.find((g) => g.name === name)!)
    expect(lines.length).toBeGreaterThan(0)
    acceptable
      .split('|')
      .forEach((codes, i) => expect(codes.split(' '), lines[i]!.name).toContain(lines[i]!.pigments[0]))
  })
  it('names nothing that fades, ended, needs caution or is rare, where something else answers: every guide that ships', () => {
    for (const guide of READY_METHODS)
      for (const { pigments, name, matters } of linesOfGuide(guide)) {
        expect(pigments.length, name).toBe(1)
        expect(commonnessOf(pigments[0]!)?.market, name).not.toBe('ended')
        expect(commonnessOf(pigments[0]!)?.market, name).not.toBe('historic')
        expect(matters, name).not.toMatch(/lightfastness (?:poor|fugitive)/)
      }
  })
})
