import { mkdtemp, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { labD65 } from '@juxtachrome/core/units'
import { simulateSheet } from '@juxtachrome/core/paints'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, By, Key } from './app'
import { png } from './png'

let app: App
beforeAll(async () => {
  app = await App.open('/bench')
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})

/** Puts a paint on the bench by searching it. */
async function lay(name: string) {
  await app.type('Search paints to mix', name)
  await app.until(
    async () => (await app.text('ul[aria-label="Paints to mix"]')).toLowerCase().startsWith(name.split(' ')[0]!),
    `${name} in the drawer`,
  )
  await (await app.find('ul[aria-label="Paints to mix"] button')).click()
}
const mixture = () => app.text('section[aria-label="The mixture"]')

describe('the mixing bench', () => {
  it('predicts a mixture as parts and water are slid, by mouse and by keyboard', async () => {
    await app.says('Choose two to five paints')
    await lay('french ultramarine')
    await lay('burnt sienna')
    await app.says('Granulation')
    const before = await mixture()
    expect(before).toMatch(/predicted; half of such predictions lie within \d/)
    expect(before).toMatch(/2: PB29, P/)
    await app.click('More Burnt sienna')
    await app.until(async () => (await mixture()) !== before, 'another mixture')
    const slider = await app.field('Parts of Burnt sienna')
    await slider.sendKeys(Key.ARROW_RIGHT)
    expect(await slider.getAttribute('aria-valuetext')).toBe('2.5 parts')
    await (await app.field('Parts of water')).sendKeys(Key.END)
    await app.says('1 part paint to 60 water')
    await app.says('Lightfastness')
  })

  it('refuses a sixth paint and a paint outside the model, in words', async () => {
    await lay('fluorescent rose')
    await app.says('the model cannot predict it')
    for (const name of ['lemon yellow', 'viridian', 'perylene maroon', 'titanium white']) await lay(name)
    await app.says('take one off first')
    for (let i = (await app.driver.findElements(By.css('[aria-label="Dismiss"]'))).length; i > 0; i -= 1)
      await app.click('Dismiss')
    for (const name of ['Lemon yellow', 'Viridian', 'Perylene maroon']) await app.click(`Take ${name} off the bench`)
    await app.until(
      async () => (await app.driver.findElements(By.css('input[type=range]'))).length === 3,
      'two paints and water',
    )
  })

  it('keeps a recipe under a name, notes what the real one looked like, shows the error, and leans on the note; undo takes it back', async () => {
    const recipe = "//li[contains(., 'Boathouse wall')]"
    await app.type('Name it', 'Boathouse wall')
    await app.press(Key.ENTER)
    await app.says('Kept the recipe Boathouse wall')
    const before = await mixture()
    await app.click('Note what it looked like', recipe)
    await app.type('Masstone of the real mixture', 'very dark')
    await app.click('Save the note')
    await app.says('neither #rrggbb nor three numbers')
    await app.type('Masstone of the real mixture', '30 2 -1')
    await app.click('Save the note')
    const noted = async () =>
      (await app.driver.findElement(By.xpath(recipe)).getText()).includes('Prediction against the real one, masstone:')
    await app.until(noted, 'the error of the prediction')
    // the demo holds a note of these two paints already
    await app.says('2 of your notes shift it by')
    expect(await mixture()).not.toBe(before)
    await app.chord(Key.CONTROL, 'z')
    await app.until(async () => !(await noted()), 'the note to be taken back')
    await app.chord(Key.CONTROL, Key.SHIFT, 'z')
    await app.until(noted, 'the note again')
    await app.reload()
    await app.until(noted, 'the note after a reload')
  })

  it('shows the row between two paints and where it is nearest to neutral', async () => {
    await app.click('Between two')
    await app.says('these two neutralise each other')
    await (await app.find('section[aria-label="Row of mixtures"] li:nth-child(4) button')).click()
    await app.click('Mix')
    await app.until(
      async () => (await (await app.field('Parts of French ultramarine')).getAttribute('aria-valuetext')) === '2 parts',
      'two parts on the bench',
    )
  })

  it('shows three paints as a triangle, worked by keys', async () => {
    await lay('lemon yellow')
    await app.click('Three as a triangle')
    const cells = await app.until(async () => {
      const list = await app.driver.findElements(By.css('svg[aria-label="Mixtures of three paints"] g'))
      return list.length === 28 && list
    }, '28 mixtures')
    await cells[12]!.sendKeys(Key.ENTER)
    await app.until(
      async () => ((await (await app.field('Parts of French ultramarine')).getAttribute('value')) ?? '') === '2',
      'the cell on the bench',
    )
  })

  it('lays one wash over another in either order, by day and by a lamp, and says what lifts', async () => {
    await app.click('One over another')
    await app.says('French ultramarine lifts')
    const shows = async () => (await app.find('section[aria-label="One over another"] dl')).getAttribute('innerHTML')
    const before = await shows()
    const order = async () =>
      (await app.find('section[aria-label="One over another"] [role=img]')).getAttribute('aria-label')
    const first = await order()
    await app.click('Turn the order round')
    await app.until(async () => (await order()) !== first, 'the other order')
    await app.click('Turn the order round')
    await (await app.field('Water in the wash of French ultramarine')).sendKeys(Key.HOME)
    await app.until(async () => (await shows()) !== before, 'a thicker wash')
    const day = await shows()
    await (await app.find('input[name=light][value=lamp]')).sendKeys(Key.SPACE)
    await app.says('A warm lamp')
    expect(await shows()).not.toBe(day)
    await (await app.find('input[name=light][value=daylight]')).sendKeys(Key.SPACE)
  })

  it('keeps further washes of a paint, each with its water, and refuses what is no water', async () => {
    await app.go('/paints/demo-h-payne-s-grey')
    await app.click('Add a wash')
    await app.set('Colour of the wash', '70 0 -6')
    await app.set('Parts of water to one of paint', 'much')
    await app.click('Save the wash')
    await app.says('a number from 0 to 200')
    await app.set('Parts of water to one of paint', '12')
    await app.click('Save the wash')
    await app.says('1 part paint to 12 water')
    await app.says('Tinting strength')
    await app.go('/swatches')
    await app.choose('Paper that you paint swatches on', 'Cream')
    await app.says('were painted on it, too')
    await app.go('/bench?view=mix')
  })

  it('sends a mixture to the strip and says what differs from a paint; the comparison has charts with words', async () => {
    await app.click('Mix')
    await app.click('To the strip')
    await app.go('/paints/demo-h-payne-s-grey')
    await app.click('To the strip')
    const samples = await app.driver.findElements(By.css('aside[aria-label^="The strip"] button[aria-pressed]'))
    for (const s of samples) await s.click()
    await app.click('Look closer')
    await app.says('You would miss')
    await app.says('goes darker than')
    await app.says('Circle: masstone. Diamond: wash.')
    expect(await (await app.find('[role="img"][aria-label^="Value."]')).getAttribute('aria-label')).toMatch(
      /from L\* \d+ at masstone to \d+ in the wash/,
    )
    await app.reload()
    expect(await app.driver.findElements(By.css('aside[aria-label^="The strip"] button[aria-pressed]'))).toHaveLength(2)
  })
})

describe('finding a recipe', () => {
  const recipes = () => app.driver.findElements(By.css('section[aria-label="Recipes"] ol > li'))
  it('for a paint from the paints of a palette, with what it does otherwise; to the bench by one click', async () => {
    await app.go('/bench?view=recipe')
    await app.says('Choose what to match')
    await app.choose('Mixed from', 'Landing tin')
    await app.type('Search a paint to match', 'sap green')
    await app.until(
      async () => (await app.text('section[aria-label="What to match"]')).includes('Sap green'),
      'sap green',
    )
    await (await app.find('section[aria-label="What to match"] li button')).click()
    await app.until(
      async () => (await recipes()).length >= 4 && !(await app.text()).includes('searching'),
      'recipes',
      20_000,
    )
    expect(await (await recipes())[0]!.getText()).toMatch(/^\d+ .+ \+ \d+ .+[\s\S]*masstone .*; wash /)
    await app.says('Unlike it:')
    await app.choose('Paints in it, at most', '1')
    await app.until(async () => {
      const all = await recipes()
      return (
        all.length > 0 &&
        !(await all[0]!.getText()).split('\n')[0]!.includes('+') &&
        !(await app.text()).includes('searching')
      )
    }, 'single paints')
    await app.choose('Paints in it, at most', '3')
    await app.until(
      async () => (await recipes()).length >= 4 && !(await app.text()).includes('searching'),
      'recipes again',
      20_000,
    )
    await app.click('To the bench')
    await app.says('Granulation')
  })

  it('for a typed colour, which it refuses when it cannot be read', async () => {
    await app.go('/bench?view=recipe')
    await app.click('A colour')
    const field = 'A word such as wet slate; L* a* b* (D65); or #rrggbb'
    await app.type(field, 'seaish')
    await app.press(Key.ENTER)
    await app.says('is no word for a colour that is known here')
    await app.type(field, '55 -20')
    await app.press(Key.ENTER)
    await app.says('neither #rrggbb nor three numbers')
    await app.type(field, 'sea green')
    await app.press(Key.ENTER)
    await app.until(
      async () => (await recipes()).length >= 3 && !(await app.text()).includes('searching'),
      'recipes for a word',
      20_000,
    )
    // whites stay out of a recipe until they are let in
    expect(await app.text('section[aria-label="Recipes"]')).not.toContain('Titanium white')
    await app.type(field, '55 -20 5')
    await app.press(Key.ENTER)
    await app.until(
      async () => (await recipes()).length >= 3 && !(await app.text()).includes('searching'),
      'recipes',
      20_000,
    )
    expect(await (await recipes())[0]!.getText()).toMatch(/1 part paint to|no water/)
  })

  it('for a spot in a photograph, by mouse or by keys; what is no photograph is refused', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'jx-photo-'))
    const sheet = simulateSheet([labD65(60, 40, 50)], 1, 400, 400)
    if (!sheet.ok) throw new Error(sheet.error.message)
    await writeFile(join(folder, 'bill.png'), png(sheet.value.image))
    await writeFile(join(folder, 'not.png'), 'no picture')
    await app.click('A photograph')
    await app.upload(0, join(folder, 'not.png'))
    await app.says('is not a photograph that this browser can read')
    await app.upload(0, join(folder, 'bill.png'))
    const picture = await app.named('Choose a colour in the photograph')
    await picture.sendKeys(Key.ARROW_RIGHT, Key.ENTER)
    await app.says('bill.png at 51 %, 50 %')
    await app.until(
      async () => (await recipes()).length >= 3 && !(await app.text()).includes('searching'),
      'recipes',
      20_000,
    )
    await picture.click()
    await app.says('bill.png at 50 %, 50 %')
  })
})
