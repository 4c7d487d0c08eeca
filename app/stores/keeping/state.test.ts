import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { runs } from '../../../tests/setup/runs'
import { mustReopen, next, OPENING, type Happening, type Keeping } from './state'

const problem = (code: string) => ({ code, message: code })
const after = (...happenings: Happening[]): Keeping => happenings.reduce(next, OPENING)

describe('how keeping stands', () => {
  it('what was done is saved, on its way, refused and tried again, saved', () => {
    expect(after({ is: 'began' }).name).toBe('saved')
    expect(after({ is: 'began' }, { is: 'writing' }).name).toBe('saving')
    const refused = after({ is: 'began' }, { is: 'writing' }, { is: 'refused', problem: problem('disk-full') })
    expect(refused).toEqual({ name: 'failed', problem: problem('disk-full') })
    // what went wrong stays said while it is tried again, and is gone when all is written
    expect(next(refused, { is: 'writing' })).toEqual({ name: 'saving', problem: problem('disk-full') })
    expect(next(next(refused, { is: 'writing' }), { is: 'wroteAll' })).toEqual({ name: 'saved' })
  })

  it('a database that the browser closed is opened again; one that was deleted is not written to', () => {
    const closed = after({ is: 'began' }, { is: 'closed', problem: problem('closed') })
    expect([closed.name, mustReopen(closed)]).toEqual(['failed', true])
    const deleted = after({ is: 'began' }, { is: 'closed', problem: problem('deleted') })
    expect([deleted.name, mustReopen(deleted)]).toEqual(['stopped', false])
  })

  it('whatever happens: stopped is for good and says why; saved has nothing to say', () => {
    const one = fc.oneof(
      fc.constantFrom<Happening>({ is: 'began' }, { is: 'writing' }, { is: 'wroteAll' }),
      fc
        .tuple(
          fc.constantFrom('refused' as const, 'stopped' as const, 'closed' as const),
          fc.constantFrom('closed', 'x'),
        )
        .map(([is, code]): Happening => ({ is, problem: problem(code) })),
    )
    fc.assert(
      fc.property(fc.array(one), (list) => {
        let now = OPENING
        for (const happening of list) {
          const before = now
          now = next(now, happening)
          if (before.name === 'stopped') expect(now).toBe(before)
          if (now.name === 'stopped' || now.name === 'failed') expect(now.problem).toBeDefined()
          if (now.name === 'saved') expect(now.problem).toBeUndefined()
        }
      }),
      { numRuns: runs(200) },
    )
  })
})
