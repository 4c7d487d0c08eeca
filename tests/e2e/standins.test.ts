import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'
import { violationsOf } from './access/screens'

let app: App
beforeAll(async () => {
  app = await App.open('/palettes/landing-tin/stand-in')
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})
const list = '//section[@aria-label="Stand-ins"]'
const planned = async (place: string) => (await app.placeSays(place)).replace(/;.*/s, '')

describe('for one paint', () => {
  it('ranks what could take its place, and says what it would not do', async () => {
    await app.says('Choose a paint on the tray or in the list')
    await (await app.place('B5')).click()
    await app.says('In place of Payne')
    await app.happens(`document.querySelectorAll('section[aria-label="Stand-ins"] ol > li').length > 5`, 'a list')
    await app.says('mixed on this palette')
    await app.says('Not the same:')
    expect(await violationsOf(app, 'stand-ins')).toEqual([])
  })

  it('takes one, marks the place with the recipe, and puts the first back with one action', async () => {
    const before = await planned('B5')
    const take = await app.find('section[aria-label="Stand-ins"] button[aria-label^="Take "]')
    const name = /^Take (.+) for B5$/.exec((await take.getAttribute('aria-label'))!)![1]!
    await take.click()
    await app.happens(`document.querySelector('[data-place="B5"]').ariaLabel.includes("Payne's grey")`, 'the mark')
    await app.says('Standing in')
    await app.click("Put Payne's grey back")
    await app.until(async () => (await planned('B5')) === before, 'the plan as it was')
    await app.chord(Key.CONTROL, 'z')
    await app.until(async () => (await app.placeSays('B5')).includes("Payne's grey"), `${name} standing in again`)
    await app.visit('/')
    await app.says("Payne's grey is away from")
    await app.click('Put it back', `//li[contains(., "Payne's grey is away")]`)
    await app.visit('/palettes/landing-tin/stand-in?place=B5')
    await app.until(async () => (await planned('B5')) === before, 'the plan as it was')
  })

  it('keeps how a stand-in did on paper: what held well comes first, what was refused last', async () => {
    await app.visit('/palettes/landing-tin/stand-in?place=B4')
    await app.happens(`document.querySelectorAll('section[aria-label="Stand-ins"] ol > li').length > 5`, 'a list')
    await app.happens(`!document.querySelector('section[aria-label="Stand-ins"] progress')`, 'the whole list')
    const names = () =>
      app.driver.executeScript<string[]>(
        `const rows = [...document.querySelectorAll('ol[aria-label="What you have"] > li')]
        return rows.filter((li) => li.querySelector('[aria-label^="Take "]')).map((li) => li.querySelector('h3').innerText.trim())`,
      )
    // ten at once are enough to choose from; all of them are a press away
    expect((await names()).length).toBeLessThanOrEqual(10)
    await (await app.find('section[aria-label="Stand-ins"] ol[aria-label="What you have"] + button')).click()
    await app.until(async () => (await names()).length > 10, 'all of them')
    const [, second, third] = (await names()) as [string, string, string]
    await app.click(second, list)
    await app.click(`How ${second} did on paper`)
    await app.type('What was seen', 'quieter than the tube')
    await app.click('well', '//div[@aria-label="It held"]')
    await app.says('tried on paper: held well; quieter than the tube')
    await app.until(async () => (await names())[0] === second, 'what held well to come first')
    await app.click(third, list)
    await app.click(`Refuse ${third}`)
    await app.until(async () => (await names()).at(-1) === third, 'what was refused to come last')
    await app.chord(Key.CONTROL, 'z')
    await app.until(async () => (await names()).at(-1) !== third, 'the refusal to be taken back')
  })

  it('asks which colour a code means, takes a colour, and says what it does not know', async () => {
    await app.visit('/palettes/landing-tin/stand-in')
    await app.type('A paint, a code or a colour', 'PB28')
    await app.press(Key.ENTER)
    await app.says('That code covers several colours. Which one?')
    await app.click('cobalt turquoise PB28 teal')
    await app.says('No swatch of it is recorded: only the reference’s values are compared.')
    await app.type('A paint, a code or a colour', 'smalt')
    await app.click('Find')
    await app.says('You own none of that name. In the reference:')
    await app.type('A paint, a code or a colour', 'quux 7')
    await app.click('Find')
    await app.says('is no paint that you own, no pigment code and no colour.')
    await app.type('A paint, a code or a colour', '45 12 -20')
    await app.click('Find')
    await app.says('In place of L* 45 a* 12 b* -20')
    await app.happens(`document.querySelectorAll('section[aria-label="Stand-ins"] ol > li').length > 3`, 'a list')
  })

  it('is ordered by what matters, by keyboard alone', async () => {
    await app.visit('/palettes/landing-tin/stand-in?place=A1')
    await app.happens(`document.querySelectorAll('section[aria-label="Stand-ins"] ol > li').length > 3`, 'a list')
    await app.driver.executeScript(
      `[...document.querySelectorAll('summary')].find((s) => s.innerText === 'What matters here').focus()`,
    )
    await app.press(Key.ENTER, Key.TAB)
    // hue and value: no, yes, above all; one stop for Tab, keys between them
    await app.press(Key.END, Key.ENTER)
    // two Enters at once are one; whoever presses anything between means both
    await app.press(Key.SHIFT)
    await app.driver.executeScript(
      `[...document.querySelectorAll('summary')].find((s) => s.innerText === 'How they are ordered').focus()`,
    )
    await app.press(Key.ENTER)
    await app.says('Above all: hue and value.')
    // what it must not do: what fades is left out, and that is said
    await app.click('fade')
    await app.says('Left out: what fades.')
    await app.happens(`document.querySelectorAll('section[aria-label="Stand-ins"] ol > li').length > 3`, 'a list')
    expect(await app.text('section[aria-label="Stand-ins"]')).not.toContain('It fades, so it comes last')
  })
})

describe('for many', () => {
  it('finds a stand-in for every paint of a palette, takes the near ones in one step, and saves the list', async () => {
    await app.visit('/palettes/boat-tray/stand-in')
    await app.click('All of them')
    await app.click('Find them')
    await app.says('have a near stand-in.', 60_000)
    expect(await violationsOf(app, 'all of them')).toEqual([])
    await app.click('Save as CSV')
    const csv = (await app.downloaded(/^stand-ins-boat-tray\.csv$/)).toString()
    expect(csv).toContain('Lemon yellow,PY175,')
    expect(csv.trim().split('\r\n')).toHaveLength(18)
    const take = await app.find('section[aria-label="Stand-ins for all"] p:last-of-type button.btn')
    expect(await take.getText()).toMatch(/^Take the \d+ near ones$/)
    await take.click()
    await app.says('Standing in')
    await app.chord(Key.CONTROL, 'z')
    await app.happens(`!document.querySelector('section[aria-label="Standing in"]')`, 'all of them to be back')
  })

  it('goes through a teacher’s list at two prices; a price without currency is refused', async () => {
    await app.click('a list')
    await app.click('Find them')
    await app.says('Paste or type the list first')
    await app.set('The list, one paint a line', 'Viridian PG18\nAlizarin crimson PR83\nquux')
    await app.click('At a price')
    await app.type('At most, a ml', 'cheap')
    await app.click('Find them')
    await app.says('“cheap” is no price.')
    await app.type('At most, a ml', '0.70 EUR')
    await app.type('and at', '2 EUR')
    await app.click('Find them')
    await app.click('up to 2.00 EUR a ml', '//div[@aria-label="Price"]')
    await app.says('lines have a near stand-in.')
  })

  it('names the paints that want replacing, why, and what is proposed', async () => {
    await app.visit('/palettes/boat-tray/stand-in')
    await app.click('To replace')
    await app.says('with something against')
    await app.click('everything owned')
    await app.says('lightfastness fugitive', 20_000)
    await app.happens(`!document.querySelector('progress')`, 'all proposals', 60_000)
    expect(await violationsOf(app, 'because of')).toEqual([])
  })

  it('says of mixed paints whether the others mix them', async () => {
    await app.visit('/palettes/hut-palette/stand-in')
    await app.click('Mixed paints')
    await app.says('For mixing it:')
    await app.says('PG7 and PY150 are on the palette already')
  })
})

describe('a pan without a label', () => {
  it('is known by its swatches and behaviour, and gets its name in the collection and the ledger', async () => {
    await app.visit('/palettes/boat-tray/stand-in')
    await app.click('Unlabelled pan')
    await app.click('Who could it be?')
    await app.says('Say what was seen first')
    await app.type('Masstone', 'brown')
    await app.click('Who could it be?')
    await app.says('“brown” is no word for a colour that is known here.')
    // a word that is known will do, though it says little
    await app.type('Masstone', 'wet slate')
    await app.click('Who could it be?')
    await app.says('Who it may be')
    await app.choose('The pan', 'kept as Kelp brown')
    await app.type('Masstone', '33 6 16')
    await app.type('Wash, 1:6', '68 5 15')
    await app.click('Who could it be?')
    await app.says('Who it may be')
    expect(await violationsOf(app, 'an unlabelled pan')).toEqual([])
    const first = await app.find('section[aria-label="Who it may be"] button[aria-label^="It is "]')
    await first.click()
    await app.happens(`!document.querySelector('section[aria-label="Who it may be"]')`, 'it to be named')
    await app.chord(Key.CONTROL, 'z')
  })

  it('that lies in a place is taken in and lies there', async () => {
    await app.visit('/palettes/boat-tray/stand-in?place=A9')
    await app.click('Unlabelled pan')
    await app.type('Masstone', '33 6 16')
    await app.click('Who could it be?')
    const first = await app.find('section[aria-label="Who it may be"] button[aria-label^="The pan in A9 is "]')
    await first.click()
    await app.until(async () => (await app.placeSays('A9')).includes('lies in it'), 'the pan in its place')
    await app.chord(Key.CONTROL, 'z')
    await app.until(async () => !(await app.placeSays('A9')).includes('lies in it'), 'it to be taken back')
  })
})
