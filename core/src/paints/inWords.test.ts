import { expect, it } from 'vitest'
import { paint } from '../documents/documents.fixture'
import { codesInWords, paintInWords } from './inWords'

it('says a paint and its codes, or that it has none', () => {
  const sap = paint('Sap green', { pigments: ['PG7', 'PY150'] })
  expect(codesInWords(sap)).toBe('PG7 PY150')
  expect(paintInWords(sap)).toBe('Sap green, Skerry, PG7 PY150')
  expect(paintInWords(paint('Kelp brown'))).toBe('Kelp brown, Skerry, no code')
})
