import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'

let app: App
beforeAll(async () => {
  app = await App.open('/palettes/skerry-case/fill?place=A5')
})
afterAll(() => app.close())
const fillings = () =>
  app.driver.executeScript<string>(`return document.body.innerText.match(/in (\\d+) fillings?/)?.[1] ?? '0'`)
const focusOn = (script: string) => app.driver.executeScript(`(${script}).focus()`)

describe('hands that are quicker than they mean', () => {
  it('Enter pressed twice records one filling; what comes next is a dab, with nothing refused below it', async () => {
    await app.driver.executeScript('arguments[0].focus()', await app.named('Record the filling'))
    await app.driver.actions().sendKeys(Key.ENTER, Key.ENTER).perform()
    await app.says('Record the top-up')
    expect(await fillings()).toBe('1')
    const amount = await app.driver.executeScript<string>(
      `return document.querySelector('form [inputmode=decimal]').value`,
    )
    expect(Number(amount)).toBeLessThan(0.5)
    expect(await app.driver.executeScript(`return document.querySelectorAll('.doubt, .refusal').length`)).toBe(0)
  })

  it('undo works where the focus is in a date or a choice, and in a field only until something was typed', async () => {
    await focusOn(`document.querySelector('form [aria-label^="Choose the day"]').previousElementSibling`)
    await app.chord(Key.CONTROL, 'z')
    await app.says('Planned, not filled yet.')
    await app.chord(Key.CONTROL, Key.SHIFT, 'z')
    await app.until(async () => (await fillings()) === '1', 'it back again')
    await focusOn(`document.querySelector('form select')`)
    await app.chord(Key.CONTROL, 'z')
    await app.says('Planned, not filled yet.')
    await app.chord(Key.CONTROL, Key.SHIFT, 'z')
    await app.until(async () => (await fillings()) === '1', 'it back again')
    await app.type('Note', 'rather thick')
    await app.chord(Key.CONTROL, 'z')
    expect(await fillings()).toBe('1')
  })

  it('what was done last stands alone among the notices', async () => {
    await app.visit('/palettes/landing-tin/choose')
    for (const place of ['A1', 'A2', 'B1']) {
      await (await app.place(place)).sendKeys('l')
      await app.saved()
    }
    for (let i = 0; i < 3; i += 1) await app.chord(Key.CONTROL, 'z')
    await app.until(
      async () =>
        (await app.driver.executeScript<number>(`return document.querySelectorAll('[role=status] .panel').length`)) <=
        1,
      'one notice',
    )
  })
})

describe('afterwards', () => {
  it('from the comparison one goes back to where one was', async () => {
    await app.visit('/paints/demo-h-viridian')
    await app.click('To the strip')
    await app.click('Look closer')
    await app.says('Side by side')
    await app.click('Back to where you were')
    await app.happens(`location.pathname === '/paints/demo-h-viridian'`, 'the paint')
  })

  it('a pan that was lent to nobody by name gets one; its day stays', async () => {
    await app.visit('/pans')
    await app.says('Lent to the warden')
    await app.driver.executeScript(`for (const d of document.querySelectorAll('details')) d.open = true`)
    await app.type('Lent to', 'Una')
    await app.click('Note it')
    await app.says('Lent to Una')
    await app.visit('/')
    await app.says('to Una since')
  })

  it('a reading that was made up is marked for good', async () => {
    await app.visit('/paints/demo-h-viridian')
    await app.click('Change masstone')
    await app.click('Read with the simulated reader')
    await app.click('Save their mean')
    await app.says('simulated, no measurement')
  })

  it('a mixture fills a pan from the tubes of its parts', async () => {
    await app.visit('/bench')
    await app.driver.executeScript(`document.querySelector('section[aria-label="Kept recipes"]').scrollIntoView()`)
    const name = await app.driver.executeScript<string>(
      `return document.querySelector('[aria-label^="Fill pans with"]').getAttribute('aria-label').replace('Fill pans with ', '')`,
    )
    await app.click(`Fill pans with ${name}`)
    await app.says('is among your paints now')
    await app.click('fills pans')
    await app.says('Mixed from')
  })
})
