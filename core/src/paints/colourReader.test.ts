import { expect, it } from 'vitest'
import { labD65 } from '../units'
import { meanReading, simulatedReader } from './colourReader'

it('seed 3: the simulated reader reads a known colour with the noise of an instrument, again and again the same', async () => {
  const truth = labD65(40, 20, -10)
  const take = async () => {
    const reader = simulatedReader(() => truth, 3)
    return Promise.all(Array.from({ length: 40 }, () => reader.read()))
  }
  const readings = (await take()).map((r) => {
    if (!r.ok) throw new Error(r.error.message)
    return r.value
  })
  const mean = meanReading(readings)
  if (!mean.ok) throw new Error(mean.error.message)
  expect(Math.hypot(mean.value.lab.L - 40, mean.value.lab.a - 20, mean.value.lab.b + 10)).toBeLessThan(0.3)
  expect(mean.value.sd).toBeGreaterThan(0.1)
  expect(mean.value.sd).toBeLessThan(0.8)
  expect(await take()).toEqual(await take())
})

it('an empty table, no reading, or readings that disagree are said', async () => {
  expect(await simulatedReader(() => undefined).read()).toMatchObject({
    ok: false,
    error: { code: 'nothing-under-the-reader' },
  })
  expect(meanReading([])).toMatchObject({ ok: false, error: { code: 'no-reading' } })
  const [dark, light] = [
    { lab: labD65(20, 0, 0), hex: '' },
    { lab: labD65(80, 0, 0), hex: '' },
  ]
  expect(meanReading([dark, light])).toMatchObject({ ok: false, error: { code: 'readings-disagree' } })
})
