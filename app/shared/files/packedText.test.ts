import fc from 'fast-check'
import { expect, it } from 'vitest'
import { packText, unpackText } from './packedText'

it('what is packed is unpacked, and holds only letters that a link may hold', async () => {
  await fc.assert(
    fc.asyncProperty(fc.string({ unit: 'grapheme', maxLength: 400 }), async (text) => {
      const packed = await packText(text)
      expect(packed).toMatch(/^[\w-]*$/)
      expect(await unpackText(packed)).toEqual({ ok: true, value: text })
    }),
  )
})

it('what was cut short, is no packed text, or would become far too much, is refused', async () => {
  const packed = await packText('Lemon yellow, PY175; '.repeat(40))
  for (const wrong of [packed.slice(0, -6), `${packed.slice(0, 10)}%%`, 'abc', await packText('0'.repeat(3_000_000))]) {
    const read = await unpackText(wrong)
    expect(read.ok ? wrong.slice(0, 20) : read.error.code).toBe('damaged-link')
  }
})
