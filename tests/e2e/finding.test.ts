import type { WebElement } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'

const FIELD = 'input[aria-label="Find anything"]'
const groups = (app: App) =>
  app.inPage<string[]>(`done([...document.querySelectorAll('[role=option]')].map((o) => o.innerText.split('\\n')[0]))`)
const path = (app: App) => app.driver.executeScript<string>('return location.pathname + location.search')

describe('one search over everything', () => {
  let app: App
  beforeAll(async () => {
    app = await App.open('/')
  })
  afterAll(() => app.close())

  it('by keys: Ctrl+K, the beginning of a name, Enter', async () => {
    await app.chord(Key.CONTROL, 'k')
    await (await app.find(FIELD)).sendKeys('ultramarine deep')
    await app.until(async () => (await groups(app))[0]?.startsWith('Ultramarine deep'), 'the paint to come first')
    await app.press(Key.ENTER)
    await app.until(async () => (await path(app)).startsWith('/paints/'), 'its page')
  })

  it('by mouse: a palette, a painting and a pigment', async () => {
    for (const [text, first, leads] of [
      ['landing tin', 'Landing tin', '/palettes/landing-tin'],
      ['PG23', 'Terre verte', '/paints/'],
    ] as const) {
      await app.click('Find anything')
      await (await app.find(FIELD)).sendKeys(text)
      await app.until(async () => (await groups(app)).some((g) => g.startsWith(first)), first)
      const option = await app.driver.executeScript<WebElement>(
        `return [...document.querySelectorAll('[role=option]')].find((o) => o.innerText.startsWith(arguments[0]))`,
        first,
      )
      await option.click()
      await app.until(async () => (await path(app)).startsWith(leads), leads)
    }
  })

  it('without a word it lists commands, and does one', async () => {
    await app.chord(Key.CONTROL, 'k')
    await (await app.find(FIELD)).sendKeys('dark theme')
    await app.until(async () => (await groups(app)).includes('Use the dark theme'), 'the command')
    await app.press(Key.ENTER)
    await app.happens(`document.documentElement.classList.contains('dark')`, 'the dark theme')
  })

  it('what is called nothing is said so', async () => {
    await app.chord(Key.CONTROL, 'k')
    await (await app.find(FIELD)).sendKeys('zzqqx')
    await app.says('Nothing here is called “zzqqx”.')
    await app.press(Key.ESCAPE)
  })

  it('every screen says what it is for', async () => {
    await app.visit('/palettes/landing-tin/arrange')
    await app.click('About this screen')
    await app.says('Here the paints find their places')
    await app.click('Close')
    expect(await app.complaints()).toEqual([])
  })
})

describe('days', () => {
  let app: App
  beforeAll(async () => {
    app = await App.open('/ledger')
  })
  afterAll(() => app.close())
  const shown = async (label: string) => (await app.field(label)).getAttribute('value')

  it('are typed as one speaks, and written as everywhere', async () => {
    await app.type('From', `1 May 2026${Key.TAB}`)
    await app.until(async () => (await path(app)).includes('from=2026-05-01'), 'the day')
    expect(await shown('From')).toBe('1 May 2026')
    await app.type('From', `02/05/2026${Key.TAB}`)
    await app.until(async () => (await shown('From')) === '2 May 2026', 'the day by numbers')
  })

  it('what is no day is said, and the day stays', async () => {
    await app.type('From', `soon${Key.TAB}`)
    await app.says('“soon” is no day: it stays 2 May 2026.')
    expect(await shown('From')).toBe('2 May 2026')
  })

  it('are picked from a month, by mouse and by keys', async () => {
    await app.click('Choose the day from a calendar')
    await (await app.find('[aria-label="May 14, 2026"]')).click()
    await app.until(async () => (await shown('From')) === '14 May 2026', 'the day')
    await app.press(Key.ENTER)
    await app.find('.flatpickr-day.selected')
    await app.press(Key.ARROW_RIGHT, Key.ENTER)
    await app.until(async () => (await shown('From')) === '15 May 2026', 'the next day')
    await app.type('From', `${Key.BACK_SPACE}${Key.TAB}`)
    await app.until(async () => !(await path(app)).includes('from='), 'no day')
  })
})

describe('on a phone', () => {
  it('the main screens lie within the thumb’s reach, the others under “More”', async () => {
    const phone = await App.open('/', { width: 390, height: 844, touch: true })
    try {
      await phone.click('Palettes', '//nav')
      await phone.until(async () => (await path(phone)) === '/palettes', 'the palettes')
      await phone.click('More')
      await phone.click('Ledger')
      await phone.until(async () => (await path(phone)) === '/ledger', 'the ledger')
      const { top, height } = await phone.driver.executeScript<{ top: number; height: number }>(
        `const r = document.querySelector('nav[aria-label="Main, within reach"]').getBoundingClientRect(); return { top: r.top, height: r.height }`,
      )
      expect(top + height).toBeCloseTo(844, 0)
      // three bars took 180 of 844 px
      expect(await phone.driver.executeScript(`return document.querySelector('header').offsetHeight`)).toBeLessThan(60)
      await phone.click('Find anything')
      await (await phone.find(FIELD)).sendKeys('hut')
      await phone.until(async () => (await groups(phone)).includes('Hut palette'), 'the palette')
    } finally {
      await phone.close()
    }
  })
})
