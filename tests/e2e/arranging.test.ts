import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'
import { violationsOf } from './access/screens'

let app: App
beforeAll(async () => {
  app = await App.open('/palettes/hut-palette/arrange')
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})
const scoreOf = (wish: string) =>
  app.driver.executeScript<string>(
    `const labels = [...document.querySelectorAll('section[aria-label="What matters in arranging"] label')]
    return labels.find((l) => l.innerText.startsWith(arguments[0])).lastElementChild.innerText`,
    wish,
  )
const plan = () =>
  app.driver.executeScript<string[]>(
    `return [...document.querySelectorAll('[data-place]')].map((p) => p.ariaLabel.replace(/;.*/s, ''))`,
  )

describe('arranging', () => {
  it.each(['families', 'clean yellows, darks at the end', 'complements across'])(
    'by %s: proposed with what would change, taken, and taken back',
    async (school) => {
      const before = await plan()
      await app.click(school)
      await app.click('Find the best')
      await app.happens(`/places would change/.test(document.body.innerText)`, 'a proposal')
      await app.click('Take this arrangement')
      await app.until(async () => (await plan()).join() !== before.join(), 'another plan')
      const after = await plan()
      // pins hold, and nothing is lost or doubled
      expect(after.filter((t) => /^B[12]: /.test(t))).toEqual(before.filter((t) => /^B[12]: /.test(t)))
      const names = (list: string[]) => list.map((t) => t.replace(/^\w+: /, '')).sort()
      expect(names(after)).toEqual(names(before))
      await app.chord(Key.CONTROL, 'z')
      await app.until(async () => (await plan()).join() === before.join(), 'the plan as it was')
    },
  )

  it('is blended by sliders, which say how well each wish is met; a blend is kept under a name', async () => {
    await app.click('light to dark')
    await app.until(async () => /chance|way|mostly|well/.test(await scoreOf('Light to dark')), 'a score')
    await (await app.find('section[aria-label="What matters in arranging"] summary')).click()
    expect(await scoreOf('Families together')).toBe('')
    await app.set('Families together', '0.5')
    await app.until(
      async () => /chance|way|mostly|well/.test(await scoreOf('Families together')),
      'a score of the other wish',
    )
    await app.click('Keep', '//section[@aria-label="What matters in arranging"]')
    await app.says('A blend needs a name.')
    await app.type('Keep this blend as', 'Fog and granite')
    await app.click('Keep', '//section[@aria-label="What matters in arranging"]')
    await app.reload()
    await app.click('round the colour wheel')
    await app.click('Fog and granite')
    await app.click('Forget Fog and granite')
    expect(await violationsOf(app, 'arranging')).toEqual([])
  })

  it('says why a paint lies where it lies, by keyboard, and exchanges it for the better', async () => {
    await app.click('round the colour wheel')
    await app.driver.executeScript(`document.querySelector('[data-place][tabindex="0"]').focus()`)
    await app.press(Key.ARROW_RIGHT, Key.ENTER)
    await app.says('Beside it:')
    await app.says('Single exchanges that help')
    const before = await plan()
    const exchange = await app.find('section[aria-label="Why it lies so"] li .link')
    await exchange.click()
    await app.until(async () => (await plan()).join() !== before.join(), 'the exchange')
    await app.chord(Key.CONTROL, 'z')
    await app.until(async () => (await plan()).join() === before.join(), 'it to be taken back')
  })

  it('is seen through lenses: what gets dirty, the order of the wheel, complements, partners', async () => {
    const lines = () =>
      app.driver.executeScript<number>(`return document.querySelectorAll('.tray svg line.ink').length`)
    await app.click('Complements')
    await app.says('of complements face each other')
    expect(await lines()).toBeGreaterThan(5)
    await app.click('Order of the wheel')
    await app.says('From hue to hue')
    await app.click('Partners')
    await app.says('mixed in your recipes')
    await app.click('What gets dirty')
    await app.says('beside what dirties them')
    expect(await lines()).toBe(0)
    await app.click('Paint')
  })

  it('keeps two paints apart, and says where they lie together', async () => {
    await app.says('Lemon yellow and Phthalo green blue shade')
    await (await app.place('A1')).click()
    // whatever lies beside it now
    const beside = /Beside it: ([^,\n]+)/.exec(await app.text('section[aria-label="Why it lies so"]'))![1]!
    await app.choose('Pyrrole orange, never beside', beside)
    await app.click('Keep apart')
    await app.says(`Pyrrole orange and ${beside} lie together`)
    await app.click('Find the best')
    await app.happens(`/places would change/.test(document.body.innerText)`, 'a proposal')
    await app.happens(
      `!/lie together/.test(document.querySelector('section[aria-label="Never side by side"]').innerText)`,
      'them apart',
      60_000,
    )
    await app.click('As it was')
    await app.click(`Let Pyrrole orange and ${beside} lie together`)
    await app.happens(
      `!document.querySelector('section[aria-label="Never side by side"]').innerText.includes('Pyrrole orange and')`,
      'them free again',
    )
  })

  it('adds one: says instead of what in a full palette, and where in one with room; a place is kept for it', async () => {
    await app.click('Neutral tint', '//section[@aria-label="One more paint"]')
    await app.says('Every place is taken. Instead of:')
    await app.says('Most like it here is')
    await app.visit('/palettes/boat-tray/arrange')
    await (await app.place('A4')).sendKeys(Key.DELETE)
    await app.type('Which', 'no such thing')
    await app.says('None is called so')
    await app.type('Which', 'mars black')
    await app.says('Mars black, ')
    await (await app.find('section[aria-label="One more paint"] li button')).click()
    await app.happens(`document.querySelector('[aria-label^="Put it in "]')`, 'places for it')
    const place = await app.driver.executeScript<string>(
      `return document.querySelector('[aria-label^="Keep "][aria-label$=" for it"]').ariaLabel.split(' ')[1]`,
    )
    await app.click(`Keep ${place} for it`)
    await app.until(async () => (await app.placeSays(place)).includes('kept free for Mars black'), 'a place kept')
    await app.chord(Key.CONTROL, 'z')
    await app.visit('/palettes/hut-palette/arrange')
  })

  it('lays up to four side by side', async () => {
    await app.click('Lay two side by side')
    await app.click('One more beside them')
    await app.click('One more beside them')
    await app.happens(
      `document.querySelectorAll('section[aria-label$=" arrangement"] .tray').length === 4`,
      'four arrangements',
    )
    await app.click('Back to one')
  })

  it('carries the moves out step by step, each an entry of the journal', async () => {
    await app.visit('/palettes/landing-tin/arrange')
    await app.click('light to dark')
    await app.click('Find the best')
    await app.happens(`/places would change/.test(document.body.innerText)`, 'a proposal')
    await app.click('Take this arrangement')
    await app.says('from the palette as it lies to the plan')
    const steps = () =>
      app.driver.executeScript<number>(
        `return document.querySelectorAll('section[aria-label="The moves"] ol li').length`,
      )
    const all = await steps()
    for (let left = all; left > 0; left = await steps()) {
      await app.click('Done', '//section[@aria-label="The moves"]')
      await app.until(async () => (await steps()) < left, 'a step to be done')
    }
    await app.says('Everything that lies in it lies as it is planned.')
    await app.chord(Key.CONTROL, 'z')
    await app.until(async () => (await steps()) > 0, 'the last step to be taken back')
  })
})
