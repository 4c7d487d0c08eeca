import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, By, Key } from './app'

const paintRow = (app: App, name: string) => app.named(name, '//section[@data-drawer]')

describe('a palette, by mouse', () => {
  let app: App
  beforeAll(async () => {
    app = await App.open('/palettes')
  })
  afterAll(async () => {
    expect(await app.complaints()).toEqual([])
    await app.close()
  })

  it('is made from a holder; a name is needed', async () => {
    await app.click('Make a palette')
    await (await app.find('input[value="ring-16"]')).click()
    await app.click('Make the palette')
    await app.says('A name is needed.')
    await app.type('Name', 'Gull plate')
    await app.choose('For', 'studio')
    await app.click('Make the palette')
    await app.says('16 of 16 places left')
  })

  it('takes paints by drag and by the next-place button, exchanges, clears', async () => {
    await app.drag(await paintRow(app, 'Lemon yellow'), await app.place('3'))
    await app.says('15 of 16 places left')
    expect(await app.placeSays('3')).toContain('3: Lemon yellow, Halvard & Roe, PY175; not filled yet')
    await app.click('Put Nickel azo yellow in the next free place')
    expect(await app.placeSays('1')).toContain('Nickel azo yellow')
    await app.drag(await app.place('3'), await app.place('1'))
    expect(await app.placeSays('1')).toContain('Lemon yellow')
    expect(await app.placeSays('3')).toContain('Nickel azo yellow')
    await app.drag(await app.place('3'), await app.find('[data-drawer]'))
    await app.says('15 of 16 places left')
    await app.click('Undo: took Nickel azo yellow out of 3')
    await app.says('14 of 16 places left')
  })

  it('reserves a place with a note, locks a place, and then leaves it alone', async () => {
    await (await app.place('9')).click()
    await app.type('Keep it free for', 'a darker brown')
    await app.click('Keep it free')
    await app.says('Kept free for a darker brown')
    expect(await app.placeSays('9')).toBe('9: kept free for a darker brown')
    await (await app.place('1')).click()
    await app.click('Lock')
    await app.drag(await paintRow(app, 'Hansa yellow medium'), await app.place('1'))
    await app.says('1 is locked. Unlock it first.')
    expect(await app.placeSays('1')).toContain('Lemon yellow')
  })

  it('is ordered, two arrangements side by side, one taken, and taken back', async () => {
    await app.go('/palettes/hut-palette/arrange')
    await app.click('Lay two side by side')
    const wheel = '//section[@aria-label="Right arrangement"]'
    await app.until(
      async () => /places? change/.test(await app.driver.findElement(By.xpath(wheel)).getText()),
      'the ordering',
    )
    await app.choose('Left', 'light to dark')
    await app.until(
      async () =>
        /places? change/.test(
          await app.driver.findElement(By.xpath('//section[@aria-label="Left arrangement"]')).getText(),
        ),
      'the other ordering',
    )
    await app.click('Take this one', wheel)
    await app.until(async () => (await app.placeSays('B1')).includes('Titanium white'), 'the locked white in its place')
    expect(await app.placeSays('B2')).toContain('locked')
    await app.click('Undo: ordered Hut palette: round the colour wheel')
    await app.until(async () => (await app.placeSays('L6')).includes('Lemon yellow'), 'the old order')
  })

  it('compares paints on the strip, which stays across screens and reloads', async () => {
    await app.go('/paints/demo-h-french-ultramarine')
    await app.click('To the strip')
    await app.go('/paints/demo-h-burnt-sienna')
    await app.click('To the strip')
    await (await app.find('aside[aria-label^="The strip"] button[aria-pressed]')).click()
    await (await app.driver.findElements(By.css('aside[aria-label^="The strip"] button[aria-pressed]')))[1]!.click()
    await app.says('no pigment in common')
    await app.says('a different colour')
    await app.click('Clear the strip')
  })

  it('removing one with history asks and keeps what its tubes filled', async () => {
    await app.go('/palettes')
    await app.click('Remove Boat tray')
    await app.says('journal entries stay readable')
    await app.click('Remove it')
    await app.until(async () => !(await app.text('#main')).includes('Boat tray'), 'the palette to go')
    await app.go('/paints/demo-h-viridian')
    await app.click('Filled 2 times, 2 places')
    await app.says('B5 of Boat tray')
    await app.go('/palettes/boat-tray/choose')
    await app.says('No such palette')
  })
})

describe('a palette, by keyboard alone', () => {
  let app: App
  beforeAll(async () => {
    app = await App.open('/')
  })
  afterAll(async () => {
    expect(await app.complaints()).toEqual([])
    await app.close()
  })
  const focused = () => app.driver.switchTo().activeElement()

  it('is made, filled from the drawer with Space and arrows, and rearranged', async () => {
    // one dialog closes while the next one opens: on a slow machine the first must not take the focus back
    await app.slowedBy(6)
    await app.chord(Key.CONTROL, 'k')
    await app.until(async () => (await focused().getAttribute('aria-label')) === 'Find anything', 'the search')
    await app.press('make a pal')
    await app.says('Make a palette')
    await app.press(Key.ENTER)
    await app.says('A new palette')
    await app.until(async () => (await focused().getTagName()) === 'input', 'focus in the dialog')
    await app.slowedBy(1)
    await app.press('Skua tin', Key.ENTER)
    // whole palettes are proposed first; here it is filled paint by paint
    await app.until(async () => (await focused().getText()) === 'Three ways to begin', 'focus on the proposals')
    await app.press(Key.TAB, Key.ENTER)
    await app.says('12 of 12 places left')
    await app.press('/')
    await app.until(async () => (await focused().getAttribute('type')) === 'search', 'focus in the search')
    await app.press('pyrrole red', Key.TAB, Key.TAB, Key.TAB)
    await app.until(
      async () => (await focused().getAttribute('aria-label'))?.startsWith('Pyrrole red'),
      'focus on the row',
    )
    await app.press(Key.SPACE)
    await app.until(async () => (await focused().getAttribute('data-place')) === 'A1', 'focus on the tray')
    await app.press(Key.ARROW_RIGHT, Key.ARROW_DOWN, Key.SPACE)
    await app.says('11 of 12 places left')
    expect(await app.placeSays('B2')).toContain('Pyrrole red')
    await app.press(Key.SPACE, Key.ARROW_LEFT, Key.ESCAPE)
    expect(await app.placeSays('B2')).toContain('Pyrrole red')
    await (await app.place('B2')).sendKeys(Key.SPACE, Key.ARROW_UP)
    await app.press(Key.SPACE)
    expect(await app.placeSays('A2')).toContain('Pyrrole red')
    await app.press('l')
    expect(await app.placeSays('A2')).toContain('locked')
    await app.press(Key.DELETE)
    await app.says('A2 is locked')
    await app.press('l', Key.DELETE)
    await app.says('12 of 12 places left')
    await app.chord(Key.CONTROL, 'z')
    await app.says('11 of 12 places left')
    await app.chord(Key.CONTROL, Key.SHIFT, 'z')
    await app.says('12 of 12 places left')
  })

  it('shows its shortcuts', async () => {
    await app.press('?')
    await app.says('Pick up a paint or what is planned in a place')
    await app.press(Key.ESCAPE)
  })
})

describe('a palette, by touch', () => {
  let app: App
  beforeAll(async () => {
    app = await App.open('/palettes', { width: 768, height: 1024, touch: true })
  })
  afterAll(async () => {
    expect(await app.complaints()).toEqual([])
    await app.close()
  })

  it('takes a paint by tap and tap, and by press and drag', async () => {
    await app.click('Make a palette')
    await app.type('Name', 'Touch tin')
    await app.click('Make the palette')
    await app.says('12 of 12 places left')
    const lemon = await paintRow(app, 'Lemon yellow')
    await app.touch('touchStart', lemon)
    await app.touch('touchEnd')
    await app.says('In hand: Lemon yellow')
    await app.touch('touchStart', await app.place('A1'))
    await app.touch('touchEnd')
    await app.says('11 of 12 places left')
    await app.touch('touchStart', await app.place('A1'))
    await new Promise((r) => setTimeout(r, 400))
    await app.touch('touchMove', await app.place('A3'))
    await app.touch('touchMove', await app.place('B4'))
    await app.touch('touchEnd')
    await app.until(async () => (await app.placeSays('B4')).includes('Lemon yellow'), 'the paint in its new place')
  })
})
