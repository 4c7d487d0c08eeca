import { mkdtemp, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, By, Key } from './app'

let app: App
beforeAll(async () => {
  app = await App.open('/boxes')
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})
const thing = (key: string) => app.find(`[data-thing="${key}"]`)
const says = async (key: string) => (await thing(key)).getAttribute('aria-label') as Promise<string>
const count = () => app.driver.executeScript<number>(`return document.querySelectorAll('[data-thing]').length`)
/** How a thing lies, mm: its left and its top. */
async function lies(key: string): Promise<number[]> {
  const [, left, top] = /, ([\d.]+) from the left, ([\d.]+) from the top/.exec(await says(key))!
  return [Number(left), Number(top)]
}

describe('a box of one’s own', () => {
  it('is drawn: rows, a ring, a surface; dragged with snapping, typed in millimetres, turned, taken out', async () => {
    await app.click('Draw a box')
    await app.says('A box of my own')
    await app.type('Name', 'Driftwood box')
    await app.type('Box width', '160')
    await app.click('Change the box')
    await app.happens(`document.querySelector('h1').innerText === 'Driftwood box'`, 'its name')
    // the first row takes the place of the pan with which a box begins; the next has a letter of its own
    await app.type('In a row', '5')
    await app.click('Add these rows')
    await app.until(async () => (await count()) === 5, 'five places')
    await app.click('Add these rows')
    await app.until(async () => (await count()) === 10, 'five more places')
    await app.click('Mixing surface')
    await app.until(async () => (await count()) === 11, 'a surface')
    await app.says('Nothing overlaps, nothing stands out.')

    // dragged to near the first pan's height, it snaps to it
    const [, top] = await lies('A1')
    const first = await thing('A1')
    const before = await lies('B5')
    const scale = await app.driver.executeScript<number>(
      `return document.querySelector('.box-drawing').getBoundingClientRect().width / (160 + 12)`,
    )
    expect(await first.isDisplayed()).toBe(true)
    const by = { x: Math.round(20 * scale), y: Math.round((top! - before[1]! + 0.3) * scale) }
    const well = await thing('B5')
    await app.driver
      .actions()
      .move({ origin: well })
      .press()
      .move({ origin: well, ...by })
      .release()
      .perform()
    await app.until(async () => (await lies('B5'))[0]! > before[0]! + 15, 'it to be moved')
    expect((await lies('B5'))[1]).toBe(top)
    await app.chord(Key.CONTROL, 'z')
    await app.until(async () => (await lies('B5'))[0] === before[0], 'it to be moved back')

    await (await thing('B1')).click()
    await app.type('Width', '12')
    await app.click('Change it')
    await app.until(async () => (await says('B1')).includes('12 by 19 mm'), 'another width')
    await app.type('From the left', 'x')
    await app.click('Change it')
    await app.says('Lengths are numbers of millimetres')
    await app.click('Turn')
    await app.until(async () => (await says('B1')).includes('19 by 12 mm'), 'it to be turned')
    await app.click('well', '//div[@aria-label="Takes"]')
    await app.until(async () => (await says('B1')).startsWith('B1, well'), 'a well')
    await app.click('Take out')
    await app.until(async () => (await count()) === 10, 'it to be gone')
    await app.click('Squeeze in a half pan')
    await app.says('of what is left to mix on')
    await app.until(async () => (await count()) === 11, 'one more pan')
  })

  it('by keyboard alone: chosen, moved, doubled, and what then overlaps is said', async () => {
    await app.driver.executeScript(`document.querySelector('[data-thing][tabindex="0"]').focus()`)
    await app.press('n')
    const key = await app.driver.executeScript<string>(`return document.activeElement.dataset.thing`)
    const [left, top] = await lies(key)
    await app.press(Key.ARROW_DOWN)
    await app.until(async () => (await lies(key))[1] === top! + 1, 'a millimetre')
    await app.driver.actions().keyDown(Key.SHIFT).sendKeys(Key.ARROW_RIGHT).keyUp(Key.SHIFT).perform()
    await app.until(async () => (await lies(key))[0] === left! + 5, 'five millimetres')
    const all = await count()
    await app.press('d')
    await app.until(async () => (await count()) === all + 1, 'another like it')
    await app.press(Key.DELETE)
    await app.until(async () => (await count()) === all, 'it to be gone again')
    await app.driver.executeScript(`document.querySelector('[data-thing="A1"]').focus()`)
    // B1 was taken out above: onto B2
    for (let i = 0; i < 4; i += 1)
      await app.driver.actions().keyDown(Key.SHIFT).sendKeys(Key.ARROW_RIGHT).keyUp(Key.SHIFT).perform()
    await app.happens(`/and .+ overlap by [\\d.]+ mm/.test(document.body.innerText)`, 'an overlap to be said')
    await app.click('Mirror it, left-handed')
    await app.chord(Key.CONTROL, 'z')
  })

  it('goes to a file and comes back as another; a file that is none is refused', async () => {
    await app.visit('/boxes')
    await app.click('Save Driftwood box as a file')
    const file = await app.downloaded(/^juxtachrome-boxes.*\.json$/)
    const folder = await mkdtemp(join(tmpdir(), 'jx-boxes-'))
    const [good, bad] = [join(folder, 'good.json'), join(folder, 'bad.json')]
    await writeFile(good, file)
    await writeFile(bad, '{"format":"juxtachrome-boxes","version":1,"boxes":[{"name":"x"}]}')
    await app.upload(0, bad)
    await app.says('Box 1 cannot be read')
    await app.upload(0, good)
    await app.says('1 box taken in.')
    const names = await app.driver.findElements(By.xpath('//h2[normalize-space()="Driftwood box"]'))
    expect(names).toHaveLength(2)
  })

  it('two windows that draw in one box see each other’s strokes, and lose none', async () => {
    await app.click('Biscuit tin for the skiff')
    await app.says('Biscuit tin for the skiff')
    const path = new URL(await app.driver.getCurrentUrl()).pathname
    const one = await app.driver.getWindowHandle()
    await app.driver.switchTo().newWindow('tab')
    await app.go(path)
    await (await thing('A1')).click()
    await app.click('Take out')
    await app.until(async () => (await count()) === 15, 'A1 to be gone')
    const other = await app.driver.getWindowHandle()
    await app.driver.switchTo().window(one)
    await app.until(async () => (await count()) === 15, 'A1 to be gone here too')
    await (await thing('A2')).click()
    await app.press(Key.ARROW_RIGHT)
    await app.until(async () => (await lies('A2'))[0] === 24, 'A2 to be moved')
    await app.driver.switchTo().window(other)
    await app.until(async () => (await lies('A2'))[0] === 24 && (await count()) === 15, 'both here')
    await app.driver.close()
    await app.driver.switchTo().window(one)
  })

  it('a palette is made in it', async () => {
    await app.click('Make a palette in it')
    await app.says('A new palette')
    await app.still()
    await app.type('Name', 'Skiff')
    await app.click('Make the palette')
    await app.says('of 13 places left')
  })
})

describe('another box for a palette in use', () => {
  it('keeps what lies in it, or says what would find no place', async () => {
    await app.visit('/palettes/landing-tin/fill')
    const before = await app.placeSays('B1')
    await app.click('Box')
    await app.choose('Another box', 'Studio tray, 20 wells')
    await app.click('Change to it')
    await app.says('has too few places')
    await app.choose('Another box', 'Tin, 24 half pans')
    await app.click('Change to it')
    await app.says('It is in Tin, 24 half pans now.')
    expect(await count()).toBe(25)
    // a place that is in use is not taken out
    await (await thing('B1')).click()
    await app.click('Take out')
    await app.says('B1 stays, under its name')
    await app.click('Back to the palette')
    await app.visit('/palettes/landing-tin/fill')
    expect(await app.placeSays('B1')).toBe(before)
    await app.place('D6')
    await app.chord(Key.CONTROL, 'z')
    await app.happens(`!document.querySelector('[data-place="D6"]')`, 'the tin it was')
  })
})

describe('how many pans fit', () => {
  it('is counted and drawn to scale, with a corner kept free, and becomes a box', async () => {
    await app.visit('/boxes/fit')
    await app.click('How many fit?')
    await app.says('32 half pans')
    await app.says('More cannot fit: proven by the area.')
    await app.type('Width, mm', '50')
    await app.type('Height, mm', '35')
    await app.click('How many fit?')
    await app.says('26 half pans')
    await app.type('Width, mm', '900')
    await app.click('How many fit?')
    await app.says('What is kept free lies outside the tin.')
    await app.type('Width, mm', 'wide')
    await app.click('How many fit?')
    await app.says('Every length is a number of millimetres')
    await app.type('Width, mm', '')
    await app.type('Height, mm', '')
    await app.type('Inside, width mm', '100')
    await app.click('How many fit?')
    await app.happens(`/full pans? and \\d+ half pan/.test(document.body.innerText)`, 'both kinds')
    await app.click('Make it a box')
    await app.says('Make a palette in it')
    await app.says('Held in one hand')
  })
})

describe('by touch, on a phone', () => {
  it('a well is dragged, and several are chosen by taps', async () => {
    const phone = await App.open('/boxes/demo-biscuit-tin', { width: 390, height: 844, touch: true })
    try {
      const at = async (key: string) => (await (await phone.find(`[data-thing="${key}"]`)).getAttribute('aria-label'))!
      const before = await at('A6')
      await phone.touch('touchStart', await phone.find('[data-thing="A6"]'))
      await phone.touch('touchMove', await phone.find('[data-thing="#0"]'))
      await phone.touch('touchEnd')
      await phone.until(async () => (await at('A6')) !== before, 'it to be moved')

      // a finger that goes straight up takes the well along, and does not scroll the page
      const scrolled = () => phone.driver.executeScript<number>('return document.scrollingElement.scrollTop')
      const topOf = async () => Number(/([\d.]+) from the top/.exec(await at('A6'))![1])
      const [page, lay] = [await scrolled(), await topOf()]
      const { x, y } = await phone.middle(await phone.find('[data-thing="A6"]'))
      await phone.touch('touchStart', { x, y })
      for (let up = 6; up <= 48; up += 6) await phone.touch('touchMove', { x, y: y - up })
      await phone.touch('touchEnd')
      await phone.until(async () => (await topOf()) < lay - 5, 'it to be moved up')
      expect(await scrolled()).toBe(page)

      await phone.click('Choose several')
      await (await phone.find('[data-thing="A1"]')).click()
      await (await phone.find('[data-thing="A2"]')).click()
      const chosen = await phone.driver.findElements(By.css('[data-thing][aria-pressed="true"]'))
      expect(chosen.length).toBeGreaterThanOrEqual(2)
    } finally {
      await phone.close()
    }
  })
})
