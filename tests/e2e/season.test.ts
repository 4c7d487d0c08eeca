import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import ICAL from 'ical.js'
import { App, By, Key } from './app'

let app: App
beforeAll(async () => {
  app = await App.open('/palettes/skerry-case/filling')
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})
const inDays = (n: number) => {
  const day = new Date(Date.now() + n * 864e5)
  return `${day.getFullYear()}-${String(day.getMonth() + 1).padStart(2, '0')}-${String(day.getDate()).padStart(2, '0')}`
}
const steps = () =>
  app.driver.executeScript<string[]>(
    `return [...document.querySelectorAll('section[aria-label="The plan"] ol strong')].map((s) => s.innerText)`,
  )

describe('a filling', () => {
  it('is planned: light first or along the tray, at once or in thirds, by a day, saved for a calendar', async () => {
    await app.says('8 places to fill')
    expect((await steps())[0]).toBe('A2') // the white
    await app.click('along the tray')
    await app.until(async () => (await steps())[0] === 'A1', 'the order of the tray')
    await app.click('in thirds')
    await app.says('in 3 layers')
    await app.says('layer 3:')
    await app.set('Ready by', inDays(3))
    await app.says('may be wet still')
    await app.set('Ready by', inDays(-2))
    await app.says('That day is past')
    await app.set('Ready by', inDays(60))
    await app.says('Begin by')
    await app.choose('The air', 'humid')
    await app.click('Save the days for a calendar')
    const file = (await app.downloaded(/\.ics$/)).toString()
    const events = new ICAL.Component(ICAL.parse(file)).getAllSubcomponents('vevent')
    expect(events.length).toBeGreaterThanOrEqual(4)
    expect(file).toContain('Skerry case')
    await app.click('at once, with room to shrink')
    await app.click('light first')
  })

  it('is carried out with one key, left in the middle by a reload, gone on with, and taken back', async () => {
    await app.click('Begin filling')
    await app.says('0 done, 8 to go')
    expect(await app.text('main strong')).toBe('A2')
    await app.press(Key.ENTER)
    await app.says('1 done, 7 to go')
    await app.press(Key.ARROW_RIGHT)
    await app.says('2 done, 6 to go')
    await app.click('That was wrong: take it back')
    await app.says('1 done, 7 to go')
    const next = await app.text('main strong')
    await app.press(Key.ARROW_DOWN)
    await app.until(async () => (await app.text('main strong')) !== next, 'another')
    // a place that is tapped is filled now
    await (await app.place('A8')).click()
    await app.happens(`document.querySelector('main strong').innerText === 'A8'`, 'A8')
    await app.click('Done, next')
    await app.says('2 done, 6 to go')
    await app.reload()
    await app.says('0 done, 6 to go')
    expect(await app.placeSays('A8')).toContain('wet')
    await app.click('Leave it for now')
    await app.says('6 places to fill')
  })

  it('takes more or less than planned, and from two windows no place twice', async () => {
    await app.click('Begin filling')
    await app.says('0 done, 6 to go')
    // wet hands press nothing small, whatever the pointer
    const small = await app.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('section[aria-label="Filling day"] :is(button, select)')]
        .filter((b) => b.getBoundingClientRect().height < 60).map((b) => b.innerText)`,
    )
    expect(small).toEqual([])
    const amount = async () => Number(/([\d.]+) ml, to/.exec(await app.text('section[aria-label="Filling day"]'))![1])
    const planned = await amount()
    await app.press('-')
    await app.press('-')
    await app.click('0.1 ml more')
    expect(await amount()).toBeCloseTo(planned - 0.1, 6)
    for (let i = 0; i < 40; i += 1) await app.press('-')
    expect(await amount()).toBe(0.1)
    const place = await app.text('main strong')
    const first = await app.driver.getWindowHandle()
    await app.driver.switchTo().newWindow('tab')
    await app.go('/palettes/skerry-case/filling?day=1')
    await app.says('0 done, 6 to go')
    // the same place from both: what one records is gone from the other
    await app.press(Key.ENTER)
    await app.says('1 done, 5 to go')
    await app.driver.close()
    await app.driver.switchTo().window(first)
    await app.says('0 done, 5 to go')
    expect(await app.text('main strong')).not.toBe(place)
    expect(await amount()).toBeGreaterThan(0.1)
    for (let left = 4; left >= 0; left -= 1) {
      await app.press(Key.ENTER)
      await app.says(`${left} to go`)
    }
    await app.says('Everything that was due is filled.')
    for (let left = 1; left <= 5; left += 1) {
      await app.click('That was wrong: take it back')
      await app.says(`${left} to go`)
    }
  })

  it('stands in the ledger as sentences, by palette, kind and tube; an entry is struck out', async () => {
    await app.visit('/ledger')
    await app.says('entries')
    await app.choose('Palette', 'Skerry case')
    await app.says('3 entries')
    await app.says('A year of Skerry case')
    await app.says("Filled A8 of Skerry case with Payne's grey")
    await app.choose('What', 'cleaned out')
    await app.says('Nothing of that kind was recorded.')
    await app.click('Show all')
    await app.choose('What', 'laid elsewhere')
    await app.says('among the loose pans')
    await app.choose('What', 'fillings')
    const before = await app.text('[role="status"]')
    await (await app.find('[aria-label^="Strike out: Filled"]')).click()
    await app.click('Strike it out')
    await app.until(async () => (await app.text('[role="status"]')) !== before, 'one entry less')
    await app.chord(Key.CONTROL, 'z')
    await app.until(async () => (await app.text('[role="status"]')) === before, 'it to stand again')
  })
})

describe('loose pans', () => {
  it('a trip’s pans come out of the loose pans in one step, and go back', async () => {
    await app.visit('/palettes/skerry-case/fill')
    await app.click('Take 2 pans out of the loose ones')
    await app.until(async () => (await app.placeSays('A4')).includes('filled'), 'the cobalt blue')
    expect(await app.placeSays('A7')).toContain('Burnt sienna')
    await app.happens(`/Put the \\d+ pans taken/.test(document.body.innerText)`, 'the way back')
    const all = await app.driver.executeScript<string>(
      `const b = [...document.querySelectorAll('button')].find((x) => /back where/.test(x.innerText)); b.click(); return b.innerText`,
    )
    await app.until(async () => (await app.placeSays('A4')).includes('its pan is out'), `${all} done`)
    await app.chord(Key.CONTROL, 'z')
    await app.until(async () => (await app.placeSays('A4')).includes('filled'), 'them back in it')
  })

  it('are at a glance where they are; several are laid elsewhere, one is filled, new ones are added', async () => {
    await app.visit('/pans')
    await app.says('Lent to the warden')
    await app.says('Bag “leftovers”')
    await app.click('Choose all of Bag “leftovers”')
    await app.says('1 pan chosen')
    await app.choose('into', 'a tin')
    await app.type('Which tin', 'winter')
    await app.click('Lay them there')
    await app.says('Tin “winter”')
    await app.type('How many', '0')
    await app.click('Add them to the loose pans')
    await app.says('Between 1 and 100 pans.')
    await app.type('How many', '3')
    await app.type('Written under them', 'N')
    await app.click('Add them to the loose pans')
    await app.says('the pan “N 3”')
    const line = await app.driver.findElement(By.xpath('//li[contains(., "the pan “N 3”")]'))
    await line.findElement(By.css('summary')).click()
    await line.findElement(By.xpath('.//button[normalize-space()="Filled today"]')).click()
    await app.says('Choose what to fill from.')
    const select = await line.findElement(By.css('select'))
    await select.findElement(By.xpath('./option[starts-with(., "Viridian")]')).click()
    await line.findElement(By.xpath('.//button[normalize-space()="Filled today"]')).click()
    await app.happens(
      `/Viridian/.test(document.querySelector('section[aria-label="Among the loose pans"]').innerText)`,
      'Viridian',
    )
    await line.findElement(By.linkText('All of it in the ledger')).click()
    await app.says('of the pan “N 3”')
    await app.says('2 entries')
    await app.visit('/pans/labels')
    await app.says('N 3')
  })
})

describe('what is left in a tube', () => {
  it('is reckoned from a weight or noted by eye', async () => {
    await app.visit('/paints/demo-h-viridian')
    await (await app.find('summary')).click()
    await app.driver.executeScript(`for (const d of document.querySelectorAll('details')) d.open = true`)
    await app.type('Weighs, g', '5')
    await app.type('Empty, g', '9')
    await app.click('Work it out')
    await app.says('Empty it cannot weigh more')
    await app.type('Weighs, g', '16')
    await app.type('Density, g/ml', 'x')
    await app.click('Work it out')
    await app.says('A density of 0.8 to 4 g/ml.')
    await app.type('Density, g/ml', '1.4')
    await app.click('Work it out')
    await app.says('5.0 ml left')
    await app.says('about 3 more half pans')
    await app.click('Simulated scale')
    await app.click('Work it out')
    await app.happens(`/(4\\.[89]|5\\.[01]) ml left/.test(document.body.innerText)`, 'as before, within its error')
    await app.click('a quarter')
    await app.happens(`/3\\.[78] ml left/.test(document.body.innerText)`, 'a quarter of it')
  })
})

describe('a palette for a child', () => {
  it('takes only what nothing is known against, and says why', async () => {
    await app.visit('/palettes/skerry-case/choose')
    await app.click('Details')
    await app.says('For a child')
    await (await app.find('[role="dialog"] input[type="checkbox"]')).click()
    await app.says('Planned, and better taken out:')
    await app.says('Cobalt')
    await app.click('Save')
  })
})

describe('Today', () => {
  it('says what is due', async () => {
    await app.visit('/')
    await app.says('Due')
    await app.says('Skerry case is wanted on')
    await app.says('lent:')
  })
})
