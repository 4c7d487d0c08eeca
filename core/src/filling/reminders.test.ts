import { expect, it } from 'vitest'
import { paint as bare, tube } from '../documents/documents.fixture'
import { type FillingMoment, remindersAt } from './reminders'

const moment = (more: Partial<FillingMoment> = {}): FillingMoment => ({
  paint: bare('p', { masstone: { L: 50, a: 0, b: -40, source: 'typed' }, pigments: ['PB29'] }),
  items: [tube('t', 'p')],
  isFirst: false,
  isLast: false,
  isNew: false,
  isOver: false,
  isLastOfTube: false,
  ...more,
})
const all = (m: FillingMoment) => Object.values(remindersAt(m)).flat().join(' ')

it('says what belongs to the step, and nothing else', () => {
  expect(all(moment())).toBe('Push it into the corners, then tap the pan until it lies level.')
  expect(all(moment({ isFirst: true, isNew: true }))).toContain('roughen')
  expect(all(moment({ isLastOfTube: true }))).toContain('Wipe the thread')
  expect(all(moment({ isLast: true }))).toContain('covered from dust')
  expect(all(moment({ isOver: true }))).toContain('Another paint lies below')
  expect(all(moment({ items: [{ ...tube('t', 'p'), remarks: ['separated', 'stiff'] }] }))).toMatch(/binder.*warm/)
})

it('warns of what harms, and defers to the label', () => {
  const cadmium = bare('c', { pigments: ['PY35'], masstone: { L: 85, a: 5, b: 80, source: 'typed' } })
  const said = all(moment({ paint: cadmium }))
  expect(said).toContain('Cadmium compound')
  expect(said).toContain('safety data sheet')
  expect(said).toContain('Let it harden before')
})

it('says what honey does, and nothing of it where the binder is not known', () => {
  const bound = (binder?: 'with honey' | 'gum arabic') =>
    all(moment({ paint: bare('h', { ...(binder ? { binder } : {}) }) }))
  expect(bound('with honey')).toContain('leave room at the brim')
  expect([bound(), bound('gum arabic')].join(' ')).not.toContain('honey')
})
