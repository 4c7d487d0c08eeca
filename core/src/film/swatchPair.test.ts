import { expect, it } from 'vitest'
import { problemOfSwatchPair } from './swatchPair'

it('a masstone lighter than its wash is refused with both values; readings may err a little, whites may differ', () => {
  expect(problemOfSwatchPair({ L: 60 }, { L: 40 })).toContain('L* 60) is lighter than the wash (L* 40)')
  expect(problemOfSwatchPair({ L: 42 }, { L: 40 })).toBeUndefined()
  expect(problemOfSwatchPair({ L: 97 }, { L: 92 })).toBeUndefined()
  expect(problemOfSwatchPair({ L: 60 }, undefined)).toBeUndefined()
})
