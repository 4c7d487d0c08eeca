import { describe, expect, it } from 'vitest'
import { coloursIn, isSameTarget, namesOfTargets, targetsOfPurpose } from './purpose'

describe('colours that a purpose names', () => {
  it.each([
    ['olive and wet slate under gorse', ['olive', 'wet slate', 'gorse']],
    ['Turquoise sea, guano white', ['turquoise sea', 'guano white']],
    // a word by which a subject is called is the subject
    ['snow and stone', []],
    ['warm shadow on skin', ['warm shadow on skin']],
    ['olive, Olive', ['olive']],
    ['', []],
  ])('%s', (purpose, found) => expect(coloursIn(purpose)).toEqual(found))

  it('are asked for beside the subjects, as one list with its colours', () => {
    const targets = targetsOfPurpose('the ledge in autumn: gorse and wet slate')
    expect(namesOfTargets(targets)).toEqual(['autumn', 'gorse, wet slate'])
    const [, named] = targets
    expect(named).toMatchObject({ kind: 'colours', weight: 1 })
    expect(named!.kind === 'colours' && named!.colours).toHaveLength(2)
    expect(targetsOfPurpose('small studies')).toEqual([])
  })
  it('the same words ask for the same, other words for another', () => {
    const [one] = targetsOfPurpose('gorse')
    expect(isSameTarget(one!, targetsOfPurpose('gorse')[0]!)).toBe(true)
    expect(isSameTarget(one!, targetsOfPurpose('olive')[0]!)).toBe(false)
    expect(isSameTarget(one!, targetsOfPurpose('autumn')[0]!)).toBe(false)
  })
})
