import { describe, expect, it } from 'vitest'
import { SharedTexts } from './sharing'

describe('shared texts', () => {
  it('leave a record as it is', () => {
    const record = { id: 'e', note: 'half', event: { day: '2026-05-01', kind: 'fill', doses: [{ itemId: 'i' }, null] } }
    expect(new SharedTexts().shared(structuredClone(record))).toEqual(record)
  })
})
