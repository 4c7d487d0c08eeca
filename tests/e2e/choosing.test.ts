import { mkdtemp, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'
import { violationsOf } from './access/screens'
import { png } from './png'
import { reckoned, methodsIn } from './methodsOfChoosing'

let app: App
let ways: ReturnType<typeof methodsIn>
beforeAll(async () => {
  app = await App.open('/palettes/landing-tin/choose', { reckons: true })
  ways = methodsIn(app)
  await reckoned(app)
})
afterAll(() => app.close())

describe('what is reckoned', () => {
  it('fills the remaining places, says how good that is, and leaves what is in', async () => {
    await ways.newTin('Best tin')
    await app.click('Drawer')
    await app.click('Put Lemon yellow in the next free place')
    await app.says('11 of 12 places left')
    await app.click('Choose with a method')
    await ways.begin('Fill the remaining places best')
    await app.click('Begin')
    await app.says('With 11 more paints: mixes')
    await app.says('other 11 paints of these')
    await app.says('Check again', 60_000)
    await app.click('The figures')
    await app.says('from two paints at most.')
    await app.click('Take all 11')
    await app.says('0 of 12 places left')
    expect((await ways.filled()).some((t) => t.includes('Lemon yellow'))).toBe(true)
    await app.chord(Key.CONTROL, 'z')
    await app.says('11 of 12 places left')
  })

  it('reduces everything to as many as there are places, and puts back what is wanted', async () => {
    await ways.newTin('Reduced tin')
    await ways.begin('Reduce')
    await app.click('Begin')
    await app.says('12 paints stay of', 30_000)
    const back = await app.find('section[aria-label="Reduce"] button[aria-label^="Put "]')
    await back.click()
    await app.says('13 paints stay of')
    await app.says('1 more must go.')
    await app.find('section[aria-label="Reduce"] button[aria-label^="Let "]').then((b) => b.click())
    await app.click('Use these 12')
    await app.says('0 of 12 places left')
  })

  it('goes through somebody’s list; nonsense is said, what is owned is taken', async () => {
    await ways.newTin('List tin')
    await ways.begin('From a list')
    await app.click('Go through it')
    await app.says('Paste or type the list first')
    await app.set(
      'Somebody’s list, one paint a line: name, codes, maker, as far as it says',
      'Lemon yellow PY175\nSmaltino PB32\nquux\nCadmium red PR108',
    )
    await app.click('Go through it')
    await app.says('1 not understood.', 30_000)
    await app.click('Take the 1 owned')
    await app.until(async () => (await ways.left()) < 12, 'what is owned to be taken')
  })

  it('takes paints of a larger palette along, and leaves them behind', async () => {
    await ways.newTin('Trip tin')
    await ways.begin('From a larger palette')
    const along = await app.find('button[aria-label$=" along"]')
    const name = (await along.getAttribute('aria-label'))!.slice(5, -6)
    await along.click()
    await app.says('11 of 12 places left')
    await app.click(`Leave ${name} behind`)
    await app.says('12 of 12 places left')
  })

  it('lays candidates beside each other, with the same mixtures', async () => {
    await ways.newTin('Together tin')
    await ways.begin('Head to head')
    await app.choose('Family', 'blue')
    await app.until(async () => {
      const all = await app.driver.findElements({ css: 'section[aria-label="Head to head"] .choice' })
      if (all.length < 2) return false
      await all[0]!.click()
      await all[1]!.click()
      return true
    }, 'two blues')
    await app.says('Which would you miss?')
    expect(
      await app.driver.executeScript(
        `return document.querySelectorAll('section[aria-label="Head to head"] td span, section[aria-label="Head to head"] th span span').length`,
      ),
    ).toBeGreaterThan(6)
  })

  it('ranks candidates by keys and by dragging, and keeps the ranking with what was seen', async () => {
    const order = () =>
      app.driver.executeScript<string[]>(
        `return [...document.querySelectorAll('section[aria-label="Head to head"] ol li')].map((li) =>
          li.querySelector('[aria-label$=" one up"]').getAttribute('aria-label').replace(' one up', ''))`,
      )
    const [first, second] = (await order()) as [string, string]
    await app.click(`${second} one up`)
    await app.until(async () => (await order())[0] === second, 'the second to be first')
    const handles = await app.driver.findElements({ css: 'section[aria-label="Head to head"] .handle' })
    const rows = await app.driver.findElements({ css: 'section[aria-label="Head to head"] ol li' })
    await app.drag(handles[1]!, rows[0]!)
    await app.until(async () => (await order())[0] === first, 'the dragged one to be first')
    await app.set(`Note on ${second}`, 'greener in the wash')
    await app.click(`Only mention ${second}`)
    await app.type('Keep the ranking as', 'Blues of the sound')
    await app.click('Keep', '//section[@aria-label="Head to head"]')
    await app.says(`(${second}): greener in the wash`)
    await app.saved()
    await app.reload()
    await app.click('Choose with a method')
    await ways.begin('Head to head')
    await app.click('Blues of the sound')
    await app.until(async () => (await order()).join() === [first, second].join(), 'the ranking as it was')
    // an honourable mention says its note, and is no rank
    await app.says('mentioned')
    await app.click('Remove the ranking Blues of the sound')
    await app.chord(Key.CONTROL, 'z')
    await app.says('Blues of the sound')
  })

  it('chooses a few of a palette for one painting', async () => {
    await app.visit('/palettes/hut-palette/choose')
    await app.click('Choose with a method')
    await ways.begin('A limited few')
    await app.choose('To paint', 'sea')
    await app.click('Choose them')
    await app.says('of it;')
    await app.says('Lay them on the strip')
    // a photograph of the motif, and one that is none
    const dir = await mkdtemp(join(tmpdir(), 'jx-motif-'))
    const [motif, none] = [join(dir, 'stack.png'), join(dir, 'none.png')]
    await writeFile(
      motif,
      png({ width: 60, height: 40, data: Buffer.alloc(60 * 40 * 4, Buffer.from([40, 60, 110, 255])) }),
    )
    await writeFile(none, 'not a picture')
    await app.upload(0, none)
    await app.says('is not a photograph that this browser can read')
    await app.upload(0, motif)
    await app.happens(
      `[...document.querySelectorAll('select')].some((s) => s.selectedOptions[0]?.text.includes('stack.png'))`,
      'the motif to be chosen',
    )
    await app.click('Choose them')
    await app.says('of it;')
  })
})

describe('versions', () => {
  it('are kept, compared, gone back to, and branched; a nameless one is refused', async () => {
    await ways.newTin('Season tin')
    await app.click('Drawer')
    await app.click('Put Lemon yellow in the next free place')
    await app.says('11 of 12 places left')
    await app.click('Choose with a method')
    await ways.begin('Versions')
    await app.click('Keep this version')
    await app.says('A version needs a name.')
    await app.type('Keep it as it is under the name', 'Spring')
    await app.click('Keep this version')
    await app.says('The palette is as in “Spring”.')
    await app.click('Drawer')
    await app.click('Put Hansa yellow medium in the next free place')
    await app.says('10 of 12 places left')
    await app.click('Choose with a method')
    await app.says('now with Hansa yellow medium')
    await app.click('Go back to Spring')
    await app.says('11 of 12 places left')
    await app.says('before going back to Spring')
    await app.click('Compare')
    await app.says('Season tin: Spring')
    await app.driver.navigate().back()
    await app.says('11 of 12 places left')
    await app.click('Choose with a method')
    await ways.begin('Versions')
    await app.click('yellow')
    await app.click('Branch with 1 paint')
    await app.says('Season tin: yellow')
    await app.says('11 of 12 places left')
  })
})

describe('two windows', () => {
  it('go through one method: what is taken in one is taken in the other', async () => {
    await ways.newTin('Shared tin')
    await ways.begin('Print triad')
    await app.says('a cyan')
    await app.saved()
    const here = await app.driver.getWindowHandle()
    const path = new URL(await app.driver.getCurrentUrl()).pathname
    await app.driver.switchTo().newWindow('tab')
    await app.go(path)
    await app.click('Method: Print triad')
    await ways.takeFirst()
    await app.saved()
    await app.driver.close()
    await app.driver.switchTo().window(here)
    await app.says('1 of 12 paints taken')
    await app.says('11 of 12 places left')
  })
})

describe('axe finds nothing', () => {
  it('on a method and the list of methods', async () => {
    await app.visit('/palettes/boat-tray/choose')
    await app.click('Method: Round the wheel')
    await app.says('step 3 of the wheel')
    const found = await violationsOf(app, 'the method')
    await app.click('Other methods')
    found.push(...(await violationsOf(app, 'the ways')))
    expect(found).toEqual([])
  })

  it.each([
    'Fill the remaining places best',
    'Reduce',
    'From a list',
    'From a larger palette',
    'Head to head',
    'A limited few',
    'Versions',
  ])('on the panel %s', async (panel) => {
    await ways.begin(panel)
    expect(await violationsOf(app, panel)).toEqual([])
    await app.click('Leave', `//section[@aria-label="${panel}"]`)
    await app.click('Other methods')
  })
})
