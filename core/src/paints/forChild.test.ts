import { expect, it } from 'vitest'
import { paint as bare } from '../documents/documents.fixture'
import { againstChild } from './forChild'

it('a child’s palette takes only what nothing is known against, and says why not', () => {
  const of = (...pigments: string[]) => againstChild(bare('p', { pigments }))
  expect(of('PB29')).toBeUndefined()
  expect(of('PY42')).toBeUndefined()
  expect(of('PR108')).toContain('Cadmium')
  expect(of('PB28')).toContain('Cobalt')
  expect(of('PB29', 'PY35')).toContain('Cadmium')
  expect(of()).toContain('not known')
  expect(of('PR999')).toContain('PR999')
})
