import 'fake-indexeddb/auto'
import { expect, it } from 'vitest'
import { keepDerived, keyOfAnswer, newestDerived, readDerived, wipeDerived } from './derived'

it('keeps what was worked out whole, the newest of it, and lets the oldest go', async () => {
  await keepDerived('1 paints 5 a', [{ part: 1 }, { part: 2 }])
  expect(await readDerived('1 paints 5 a')).toEqual([{ part: 1 }, { part: 2 }])
  expect(await readDerived('1 paints 5 b')).toBeUndefined()
  const later = () => new Promise((resume) => setTimeout(resume, 3))
  for (let i = 0; i < 8; i += 1) {
    await later()
    await keepDerived(`1 paints 5 n${i}`, [i])
  }
  expect(await newestDerived('1 paints 5 ')).toBe('1 paints 5 n7')
  expect(await newestDerived('2 ')).toBeUndefined()
  expect(await readDerived('1 paints 5 a')).toBeUndefined()
  expect(await readDerived('1 paints 5 n7')).toEqual([7])
})

it('answers do not crowd out what is larger, and go by what was asked', async () => {
  await wipeDerived()
  await keepDerived('1 paints 5 a', ['large'])
  const key = (paletteId: string) => keyOfAnswer('assessPalette', { paletteId })
  expect(key('tin')).toBe(keyOfAnswer('assessPalette', { paletteId: 'tin', extra: undefined }))
  expect(key('tin')).not.toBe(key('tray'))
  for (let i = 0; i < 45; i += 1) await keepDerived(key(`p${i}`), [{ i }])
  expect(await readDerived('1 paints 5 a')).toEqual(['large'])
  expect(await readDerived(key('p44'))).toEqual([{ i: 44 }])
})
