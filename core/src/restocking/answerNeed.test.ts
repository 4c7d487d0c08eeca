import { expect, it } from 'vitest'
import type { NeedAnswer } from '../documents/need'
import { answerNeed } from './answerNeed'

const need = { key: 'paint:p', name: 'Indigo', pigments: ['PB66'] }
const how = { day: '2026-09-14', newId: () => 'n' }

it('an answer is one document by its key; what was put off is no longer so once it is accepted', () => {
  const first = answerNeed(undefined, need, { said: 'later', until: '2026-12-01' }, how)
  expect(first).toMatchObject({ kind: 'needs', before: null, after: { id: 'n', said: 'later', until: '2026-12-01' } })
  const then = answerNeed(first.after as NeedAnswer, need, { said: 'accepted', own: true }, how)
  expect(then.after).toEqual({
    ...{ id: 'n', v: 1, key: 'paint:p', said: 'accepted', day: '2026-09-14' },
    ...{ words: 'Indigo', pigments: ['PB66'], own: true },
  })
  expect(answerNeed(first.after as NeedAnswer, need, { anyMaker: true }, how).after).toMatchObject({
    until: '2026-12-01',
  })
})
