import { violationsOf } from './access/screens'
import { mkdtemp, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, By, Key } from './app'
import { png } from './png'

/** An index of a whole collection may take a while beside other browsers. */
const LONG = 45_000
const TIN = '/palettes/landing-tin/choose'
const VERDICT = 'section[aria-label="Verdict"]'

const verdict = (app: App) => app.text(VERDICT)
/** The share of its targets that the verdict says is reached, percent. */
async function reached(app: App): Promise<number> {
  const found = await app.until(async () => /Reaches ([\d.]+) %/.exec(await verdict(app)), 'what is reached', LONG)
  return Number(found[1])
}
/** Shares stand behind a word, which this device then remembers. */
const withFigures = (app: App) => app.click('The figures')
const brings = (app: App) => app.says('by what it would bring', LONG)

describe('the verdict', () => {
  let app: App
  beforeAll(async () => {
    app = await App.open('/palettes/boat-tray/choose', { reckons: true })
    await withFigures(app)
  })
  afterAll(async () => {
    expect(await app.complaints()).toEqual([])
    await app.close()
  })

  it('follows the tray: what is taken out is missed, undo brings it back', async () => {
    await brings(app)
    const before = await reached(app)
    expect(before).toBeGreaterThan(80)
    const blue = await app.place('A1')
    await blue.sendKeys(Key.DELETE)
    await app.until(async () => (await reached(app)) < before, 'less to be reached', LONG)
    await app.click('Undo')
    await app.until(async () => (await reached(app)) === before, 'the same as before', LONG)
    expect(await verdict(app)).toMatch(/^What this palette can do/)
    expect(await verdict(app)).toMatch(/Mixes (everything|nearly everything|most) .+\./)
  })

  it('keeps on this device what it worked out: after a reload it is there at once', async () => {
    await brings(app)
    const count = () =>
      app.inPage<number>(`
        const open = indexedDB.open('juxtachrome-derived')
        open.onsuccess = () => {
          const asked = open.result.transaction(['parts']).objectStore('parts').count()
          asked.onsuccess = () => { open.result.close(); done(asked.result) }
        }`)
    expect(await count()).toBeGreaterThan(0)
    await app.reload()
    await brings(app)
    expect(await app.text('body')).not.toContain('working out')
  })

  it('orders the drawer by what each would bring, and the first of it brings what it says', async () => {
    await brings(app)
    const whole = await reached(app)
    await (await app.place('A1')).sendKeys(Key.DELETE)
    await app.until(async () => (await reached(app)) < whole, 'less to be reached', LONG)
    const before = await reached(app)
    await brings(app)
    await app.click('by what it would bring')
    // looked for anew each time: the list is drawn again as answers come in
    const first = () => app.find('[data-drawer] [data-row="0"]')
    const said = await app.until(
      async () => /\+(\d+(\.\d)?) %/.exec(await (await first()).getText()),
      'what it would bring',
    )
    await (await (await first()).findElement(By.xpath('../button[3]'))).click()
    await app.until(async () => (await reached(app)) > before, 'more to be reached', LONG)
    // both figures are shown in whole percent
    expect(Math.abs((await reached(app)) - before - Number(said[1]))).toBeLessThanOrEqual(1.1)
    await app.click('Undo')
    await app.click('Undo')
    await app.until(async () => (await reached(app)) === whole, 'the tray as it was', LONG)
  })

  it('opens its lines, and a gap leads to the paint that closes it', async () => {
    await app.go('/palettes/skerry-case/choose')
    await app.says('would give a warm one', LONG)
    await app.says('No yellow here leans orange.')
    await app.click('I do without: warm yellow')
    const isMissed = async () => (await verdict(app)).includes('No yellow here leans orange.')
    await app.until(async () => !(await isMissed()), 'it to be missed no more', LONG)
    await (await app.find(`${VERDICT} > details > summary`)).click()
    await app.says('You do without: warm yellow.')
    await app.click('Miss warm yellow again')
    await app.says('No yellow here leans orange.', LONG)
    await app.happens(`!document.body.innerText.includes('You do without')`, 'no line of what one does without')
    // a paint in a sentence carries its swatch, and is looked at below the tray
    await app.driver.executeScript(`document.querySelector('${VERDICT} li p button').click()`)
    await app.find('section[aria-label="Tray"] section[aria-label^="A look at"]')
    // at most five findings stand open, the others under a word
    const open = await app.driver.findElements(By.xpath(`//section[@aria-label='Verdict']/ul/li`))
    expect(open).toHaveLength(5)
    for (const line of await app.driver.findElements(By.css(`${VERDICT} li details > summary`))) await line.click()
    await app.says('Predicted from your own swatches')
    await app.says('What would no longer be mixed')
  })

  it('what would close a gap is tried by a press, where a place is free', async () => {
    await (await app.place('A1')).sendKeys(Key.DELETE)
    // back to the first of the findings, above which the map stays in sight
    await app.driver.executeScript(`document.querySelector('[data-zone]').scrollTop = 0`)
    await app.click('Try it')
    await app.until(async () => !(await app.placeSays('A1')).includes('empty'), 'it in the free place')
    await app.click('Undo')
    await app.click('Undo')
  })

  it('is explained on one page', async () => {
    await app.click('How it is worked out')
    await app.says('How the verdict is worked out')
    await app.says('Your eye has the last word')
  })
})

describe('the brief', () => {
  let app: App
  beforeAll(async () => {
    app = await App.open(TIN, { reckons: true })
    await withFigures(app)
    await app.click('Change what it is for')
  })
  afterAll(async () => {
    expect(await app.complaints()).toEqual([])
    await app.close()
  })

  it('takes a wish, hard or soft; the drawer says who does not fit, and hides them', async () => {
    await app.click('Add a wish or a paint')
    await app.click('Transparency: transparent only')
    await app.says('Transparency: transparent only')
    await app.says('against a wish')
    await app.click('Transparency: Transparency: transparent only. Change it')
    await (await app.find('[aria-label="Transparency"] input[type=checkbox]')).click()
    await app.says('Transparency: transparent only, a must')
    await app.press(Key.ESCAPE)
    await app.says('ruled out')
    await app.click('only what fits')
    await app.until(
      async () => !(await app.text('[data-drawer]')).includes('Naples yellow'),
      'the opaque ones to be hidden',
    )
    await app.reload()
    await app.says('transparent only (a must)')
    await app.click('Undo')
    await app.until(
      async () => !(await verdict(app)).includes('transparent only (a must)'),
      'the wish to be a wish again',
    )
  })

  it('names what contradicts and what to relax', async () => {
    await app.click('Change what it is for')
    await app.click('Add a wish or a paint')
    await app.choose('What about the paint', 'must stay out')
    await app.choose('Which paint', 'French ultramarine')
    await app.press(Key.ESCAPE)
    await app.says('French ultramarine must be in and must stay out.')
    await app.click('Leave it out')
    await app.until(
      async () => !(await verdict(app)).includes('must be in and must stay out'),
      'the contradiction to be settled',
    )
  })

  it('by keyboard: nearer and fewer reach less', async () => {
    const before = await reached(app)
    const chip = await app.named('Near enough and how many paints')
    await chip.sendKeys(Key.ENTER)
    const one = await app.find('input[name=most]')
    await one.sendKeys(Key.SPACE)
    await app.says('1 in a mixture')
    await app.press(Key.ESCAPE)
    await app.until(async () => (await reached(app)) < before, 'less to be reached', LONG)
  })
})

describe('what is to be mixed', () => {
  let app: App
  let folder: string
  beforeAll(async () => {
    folder = await mkdtemp(join(tmpdir(), 'jx-targets-'))
    app = await App.open('/palettes/hut-palette/choose', { reckons: true })
    await app.click('Change what it is for')
  })
  afterAll(async () => {
    expect(await app.complaints()).toEqual([])
    await app.close()
  })

  it('a subject takes the place of everything', async () => {
    await app.click('To mix')
    await app.choose('Add a subject', 'snow')
    await app.press(Key.ESCAPE)
    await app.until(async () => (await verdict(app)).includes('you want for snow'), 'reach of snow', LONG)
  })

  it('a photograph becomes colours with weights; what is no photograph is refused with words', async () => {
    const [width, height] = [160, 120]
    const colourOf = (y: number) => (y < 60 ? [91, 127, 176, 255] : y < 110 ? [63, 90, 52, 255] : [224, 118, 28, 255])
    const rows = Array.from({ length: height }, (_, y) => Array.from({ length: width }, () => colourOf(y)).flat())
    const good = join(folder, 'gully.png')
    await writeFile(good, png({ width, height, data: Uint8Array.from(rows.flat()) }))
    const bad = join(folder, 'words.png')
    await writeFile(bad, 'no picture at all')
    await app.click('To mix')
    await app.upload(0, bad)
    await app.says('words.png is not a photograph that this browser can read')
    await app.upload(0, good)
    await app.says('3 colours from gully.png')
    const weights = await app.driver.findElements(By.css('input[aria-label^="How much colour"]'))
    expect(await Promise.all(weights.map((w) => w.getAttribute('value')))).toEqual(['50', '41.7', '8.3'])
    await weights[2]!.sendKeys(Key.chord(Key.CONTROL, 'a'), '40', Key.TAB)
    await app.press(Key.ESCAPE)
    await app.until(async () => (await verdict(app)).includes('you want for snow and gully.png'), 'both targets', LONG)
  })

  it('a list keeps what it cannot read and says so', async () => {
    const list = join(folder, 'island.gpl')
    await writeFile(list, 'GIMP Palette\nName: Island\n91 127 176\tsky\n999 0 0\toops\n')
    await app.click('To mix')
    await app.upload(1, list)
    await app.says('1 colour from Island')
    await app.says('line 4: 999 0 0')
    await app.type('Or type colours, one a line', 'nothing of a colour')
    await app.click('Take these colours')
    await app.says('No line of it is a colour')
    await app.set('Or type colours, one a line', '52 -3 -30, far sea, 2\n#5b7fb0')
    await app.click('Take these colours')
    await app.says('2 colours from typed colours')
    expect(await app.text()).not.toContain('deeper than any paint')
    await app.set('Or type colours, one a line', '2 0 0, a cave\n52 -3 -30, far sea')
    await app.click('Take these colours')
    await app.says('Its darkest is deeper than any paint.')
    await app.click('Fit its values to paint')
    await app.says('The darkest of typed colours is now the deepest that paint gives')
    expect(await app.text()).not.toContain('Its darkest is deeper than any paint.')
    expect(await violationsOf(app, 'the verdict')).toEqual([])
  })
})

describe('the map and the lenses', () => {
  let app: App
  beforeAll(async () => {
    app = await App.open(TIN, { reckons: true })
  })
  afterAll(async () => {
    expect(await app.complaints()).toEqual([])
    await app.close()
  })
  const MAP = '[role=application]'
  const dialog = () => app.text('[role=dialog]')

  it('every cell can be pointed at: the recipe that gets there', async () => {
    await app.click('Open the map of what is reached')
    await app.until(async () => /here: .+(hardly|just|visible|the same|clear)/.test(await dialog()), 'a recipe')
    const where = () => dialog().then((t) => /L\* \d+, C\* \d+[^.]*/.exec(t)?.[0])
    const first = await where()
    const cells = await app.driver.findElements(By.css(`${MAP} figure:first-child path`))
    await cells[0]!.click()
    await app.until(async () => (await where()) !== first, 'another cell')
    expect(await where()).toContain('L* 30, C* 0')
  })

  it('by keyboard: along a ring, between rings, to another value; what only the collection mixes names who would', async () => {
    const map = await app.find(MAP)
    await map.sendKeys(Key.ARROW_UP, Key.ARROW_UP, Key.ARROW_LEFT)
    await app.until(async () => (await dialog()).includes('L* 30, C* 16, hue 30°'), 'the cell')
    await map.sendKeys(Key.PAGE_UP)
    await app.until(async () => (await dialog()).includes('L* 50, C* 16, hue 30°'), 'the middle value')
    await app.until(
      async () => (await app.driver.findElements(By.xpath(`//*[@role='application']//*[name()='text']`))).length > 0,
      'what only the collection mixes',
      LONG,
    )
    await map.sendKeys(Key.ARROW_UP, Key.ARROW_UP, Key.ARROW_UP)
    for (let i = 0; i < 36; i += 1) {
      if ((await dialog()).includes('Only the collection reaches it')) break
      await map.sendKeys(Key.ARROW_LEFT)
    }
    await app.until(async () => (await dialog()).includes('Would bring it:'), 'who would')
    expect(await violationsOf(app, 'the verdict')).toEqual([])
    await app.press(Key.ESCAPE)
  })

  it('the tray is seen through every lens, by mouse and by keys, in words', async () => {
    await app.click('Value')
    expect(await app.placeSays('A5')).toMatch(/; L\* \d+$/)
    await app.press(Key.ARROW_RIGHT)
    await app.until(async () => (await app.placeSays('A5')).includes('blue, leans'), 'where it leans')
    for (const word of ['transparent', 'lifts', 'granulating', 'excellent|very good']) {
      await app.press(Key.ARROW_RIGHT)
      await app.until(async () => new RegExp(word).test((await app.placeSays('A5')).split(';').pop()!), word)
    }
    await app.press(Key.ARROW_RIGHT)
    await app.until(
      async () => /(\d+\.\d %|saves mixing|not missed)$/.test(await app.placeSays('A5')),
      'what it brings',
      LONG,
    )
    await app.press(Key.ARROW_RIGHT)
    await app.until(async () => !(await app.placeSays('A5')).includes('%'), 'the paint again')
    await app.click('Evening lamp')
    await app.until(async () => /by an evening lamp, to daylight: \w+/.test(await app.placeSays('A5')), 'the lamp')
    await app.click('Paint')
    await app.until(async () => !(await app.placeSays('A5')).includes('lamp'), 'daylight')
  })
})
