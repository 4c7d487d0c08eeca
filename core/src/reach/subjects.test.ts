import { describe, expect, it } from 'vitest'
import { isSubject, nameOfSubject, SUBJECTS, subjectsIn, subjectTargets } from './subjects'

describe('subjects', () => {
  it('are thirty and more, night and portrait among them, each a fair spread of colours', () => {
    expect(SUBJECTS.length).toBeGreaterThanOrEqual(30)
    expect(SUBJECTS).toEqual(expect.arrayContaining(['night', 'portrait', 'landscape', 'seabirds']))
    for (const subject of SUBJECTS) {
      const { targets, name } = subjectTargets(subject)
      expect(name).toBe(nameOfSubject(subject))
      expect(targets.length, subject).toBeGreaterThanOrEqual(10)
      expect(new Set(targets.map((t) => t.name)).size, subject).toBe(targets.length)
      const lights = targets.map((t) => t.lab.L)
      expect(Math.max(...lights) - Math.min(...lights), subject).toBeGreaterThan(25)
    }
    expect(isSubject('no such thing')).toBe(false)
  })
  it.each([
    ['autumn woodland and grey sea', ['autumn', 'forest', 'sea']],
    ['Portraits by lamplight at night', ['portrait', 'night']],
    ['a season among seabirds on the cliffs', ['seabirds']],
    ['small studies', []],
    ['', []],
  ])('are read out of a purpose: %s', (purpose, found) => expect(subjectsIn(purpose)).toEqual(found))
})
