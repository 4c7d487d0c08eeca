import { describe, expect, it } from 'vitest'
import { App } from './app'
import { Counted } from './counted'

/** What a step and a letter take by hand, s: as one works at a table, common practice, no source. */
const [EACH_STEP, EACH_LETTER] = [1.2, 0.2]

describe('a tin, from a pasted list to its printed key', () => {
  it('is chosen, arranged, planned and keyed in at most thirty steps and five minutes', async () => {
    const app = await App.open('/', { empty: true })
    const by = new Counted(app)
    const { click, type, ends } = by
    const began = performance.now()
    await by.collect()
    await click('Today')
    await click('Make a palette')
    await type('What it is for', 'sea and sky')
    await click('lasting')
    await click('Propose three palettes')
    await app.happens(`document.querySelectorAll('button[aria-label^="Start from this one"]').length > 1`, 'proposals')
    // each with its reasons
    expect(await app.text('[aria-label="What speaks for it"]')).toMatch(/Mixes .+\n.+lift/)
    await click('Start from this one')
    await app.says('0 of 12 places left')
    ends('choose')
    await by.arrange()
    await click('Fill')
    await click('Plan the filling')
    await app.says('12 places')
    ends('plan')
    await click('Back to the palette')
    await click('Key')
    await click('Save as PDF')
    expect((await app.downloaded(/\.pdf$/)).subarray(0, 5).toString()).toBe('%PDF-')
    ends('key')
    const waited = (performance.now() - began) / 1000
    const seconds = by.steps * EACH_STEP + by.letters * EACH_LETTER + waited
    console.log(
      `A tin, keyed: ${by.steps} steps (${by.chapters.join(', ')}), ${seconds.toFixed(0)} s, of which waits ${waited.toFixed(0)} s.`,
    )
    expect(by.steps).toBeLessThanOrEqual(30)
    expect(seconds).toBeLessThanOrEqual(300)
    expect(await app.complaints()).toEqual([])
    await app.close()
  })
})
