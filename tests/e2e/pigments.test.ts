import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'

let app: App
beforeAll(async () => {
  app = await App.open('/pigments')
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})

describe('the reference of pigments', () => {
  it('is searched by code and name, and says which of one’s paints and palettes contain a pigment', async () => {
    await app.says('one code may hide several colours')
    await app.type('Search pigments', 'p.b. 28')
    await app.says('2 of')
    await (await app.find('ul[aria-label="Pigments"] button')).click()
    await app.says('Sold as a deep blue and as a turquoise')
    await app.says('Cobalt compound')
    await app.says('(from memory)')
    await app.says('Cobalt turquoise, Gannet Street')
    await app.says('Planned in')
    await app.click('teal')
    await app.says('cobalt aluminate type')
    await app.says('lowest 0.')
    await app.click('Close')
  })

  it('is narrowed, walked by keys, and a mistyped word finds nothing and says so', async () => {
    await app.type('Search pigments', '')
    await app.choose('Family', 'white')
    await app.until(async () => (await app.text('ul[aria-label="Pigments"]')).startsWith('PW'), 'whites only')
    await app.choose('Family', 'every family')
    await app.type('Search pigments', 'quinacridone')
    await (await app.field('Search pigments')).sendKeys(Key.TAB, Key.TAB, Key.TAB, Key.TAB, Key.TAB, Key.TAB, Key.TAB)
    await app.press(Key.HOME)
    await app.until(
      async () => (await app.driver.switchTo().activeElement().getText()).startsWith('PO48'),
      'focus on the first row',
    )
    await app.press(Key.ARROW_DOWN)
    await app.until(
      async () => (await app.driver.switchTo().activeElement().getText()).startsWith('PO49'),
      'focus on the next row',
    )
    await app.press(Key.ENTER)
    await app.says('quinacridone deep gold')
    await app.click('Close')
    await app.until(
      async () => (await app.driver.switchTo().activeElement().getText()).startsWith('PO49'),
      'focus back on the row',
    )
    await app.type('Search pigments', 'no such thing')
    await app.says('No pigment of the reference answers that')
  })
})
