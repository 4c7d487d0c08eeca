import ICAL from 'ical.js'
import { PDFDocument } from 'pdf-lib'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'
import { MM, popplerIsThere, rendered, wordsIn } from './print'

let app: App
beforeAll(async () => {
  app = await App.open('/charts')
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})
async function pdf(name: RegExp) {
  await app.click('Save as PDF')
  const bytes = await app.downloaded(name)
  return { bytes, pages: (await PDFDocument.load(bytes)).getPages() }
}

describe('a mixing chart', () => {
  it('of no paint, of one, and of a palette: spread over sheets with the names on each, boxes as large as asked', async ({
    skip,
  }) => {
    // nothing lies on the strip and nothing was chosen: it begins with a palette
    await app.happens(`!document.body.innerText.includes('takes two paints or more')`, 'a chart at once')
    await app.happens(
      `[...document.querySelectorAll('select')].some((s) => s.selectedOptions[0]?.text.startsWith('the paints of '))`,
      'the paints of a palette',
    )
    await app.choose('Made of', 'the paints on the strip')
    await app.says('A chart of mixtures takes two paints or more.')
    await app.choose('Made of', 'a list that I type')
    await app.type('One paint a line, name or code', 'Viridian\nno such paint')
    await app.says('Not in the collection: no such paint.')
    await app.says('A chart of mixtures takes two paints or more.')
    await app.choose('Made of', 'the paints of Skerry case')
    await app.says('8 paints.')
    await app.says('2 sheets')
    await app.set('Boxes, mm', '12')
    await app.press(Key.TAB)
    await app.says('One sheet')
    await app.set('Boxes, mm', '20')
    await app.press(Key.TAB)
    const { bytes, pages } = await pdf(/^mixing-chart-skerry-case\.pdf$/)
    expect(pages).toHaveLength(2)
    if (!popplerIsThere()) skip('poppler-utils is not installed: positions in the PDF are not checked')
    const words = await wordsIn(bytes)
    for (const page of [1, 2])
      expect(words.filter((w) => w.page === page && w.text === 'Viridian').length).toBeGreaterThan(0)
    // names above the columns stand 23 mm apart: boxes of 20 and 3 of paper
    const heads = words.filter((w) => w.page === 1 && ['Lemon', 'Titanium'].includes(w.text)).sort((p, q) => p.y - q.y)
    expect(heads.length).toBeGreaterThan(2)
    const sheet = await rendered(bytes)
    // a box of the diagonal has edges 20 mm apart
    const row = Math.round(sheet.height / 20)
    const edges: number[] = []
    let was = false
    for (let x = 25; x < 205; x += 0.1) {
      const dark = sheet.isDark(x, row)
      if (dark && !was) edges.push(x)
      was = dark
    }
    const gaps = edges.slice(1).map((x, i) => x - edges[i]!)
    expect(gaps.filter((g) => Math.abs(g - 20) < 0.2).length).toBeGreaterThan(2)
    expect(gaps.filter((g) => Math.abs(g - 3) < 0.2).length).toBeGreaterThan(2)
    expect(pages[0]!.getWidth() * MM).toBeCloseTo(210, 0)
  })

  it('is predicted: what is remarkable is said, any box is laid on the bench, colours are saved', async () => {
    await app.click('As predicted')
    await app.says('Neutral pairs:')
    await app.says('Cleanest greens: Lemon yellow and Cobalt blue')
    await app.click('Save the colours as CSV')
    const csv = (await app.downloaded(/^mixing-chart-skerry-case\.csv$/)).toString()
    expect(csv.split('\n').filter((l) => /^\d+\.\d+,/.test(l))).toHaveLength(80)
    const box = await app.named('Lemon yellow and Cobalt blue: lay it on the bench')
    await app.driver.executeScript('arguments[0].focus()', box)
    await app.press(Key.ENTER)
    await app.happens(`location.pathname === '/bench'`, 'the bench')
    await app.says('Cobalt blue')
  })

  it('of what to paint next is worked out for a palette, photographed, and read as swatches, tints and notes', async () => {
    await app.visit('/charts')
    await app.choose('Made of', 'the paints of Skerry case')
    await app.choose('What', 'What to paint next')
    await app.says('painted and read, should bring predictions about')
    await app.click('Check a photograph')
    await app.click('Try it with a made-up photograph')
    await app.says('This photograph was made up.')
    await app.happens(
      `[...document.querySelectorAll('button')].some((b) => /^Take \\d+ swatch/.test(b.innerText) || /^Note \\d+ real/.test(b.innerText))`,
      'something to take over',
    )
    await app.choose('Made of', 'a list that I type')
    await app.type('One paint a line, name or code', 'no such paint')
    await app.says('Choose what it is made of')
    await app.choose('What', 'Mixing chart')
    await app.choose('Made of', 'the paints of Skerry case')
  })

  it('is checked by a photograph, and its mixtures are noted as one step', async () => {
    await app.visit('/charts')
    await app.click('Check a photograph')
    await app.click('Try it with a made-up photograph')
    await app.says('look exchanged')
    await app.click('Note 27 real mixtures')
    await app.says('Noted what')
    await app.chord(Key.CONTROL, 'z')
    await app.says('Undone: noted what')
  })
})

describe('cards of fixed partners', () => {
  it('are photographed, laid beside each other and ranked by eye', async () => {
    await app.go('/charts')
    await app.choose('What', 'Fixed partners')
    await app.choose('Made of', 'all of the family violet')
    await app.says('Choose the paints to compare')
    await app.choose('The partners', 'the paints of Skerry case')
    await app.says('the same partners in the same places')
    await app.click('Check a photograph')
    await app.click('Try it with a made-up photograph')
    await app.says('Beside each other, as read')
    const first = () => app.text('section[aria-label="Ranked by eye"] ol > li')
    const before = await first()
    const down = await app.driver.findElement({
      css: 'section[aria-label="Ranked by eye"] button[aria-label$="one down"]',
    })
    await down.click()
    await app.until(async () => (await first()) !== before, 'another order')
    await app.type('Keep the ranking as', 'Violets on paper')
    await app.press(Key.ENTER)
    await app.click('Undo')
    await app.says('Undone: kept the ranking Violets on paper')
  })
})

describe('other sheets', () => {
  it.each([
    ['Fixed partners', 'sheet'],
    ['Swatch cards', 'One sheet'],
    ['Swatch book', 'One sheet'],
    ['Colour wheel', 'One sheet'],
    ['Triangle of three', 'One sheet'],
    ['Dilution scales', 'sheet'],
    ['Value scales', 'sheet'],
    ['Fade test', 'sheet'],
    ['Undersides of pans', 'One sheet'],
    ['Labels for boxes of tubes', 'One sheet'],
  ])('%s', async (kind, says) => {
    await app.go('/charts')
    await app.choose('What', kind)
    await app.choose('Made of', 'the paints of Skerry case')
    await app.says(says)
    if (kind === 'Fixed partners') {
      await app.choose('The partners', 'all of the family earth')
      await app.says('sheet')
    }
    if (kind === 'Colour wheel') await app.click('24 steps')
    const slug = kind.toLowerCase().replace(/ /g, '-')
    const { pages } = await pdf(new RegExp(`^${slug}.*\\.pdf$`))
    expect(pages.length).toBeGreaterThan(0)
    if (kind === 'Fade test') {
      await app.click('Save the days for a calendar')
      const file = (await app.downloaded(/^juxtachrome-fade-test\.ics$/)).toString()
      const days = new ICAL.Component(ICAL.parse(file)).getAllSubcomponents('vevent')
      expect(days).toHaveLength(5)
    }
  })

  it('are saved as pictures, too', async () => {
    await app.go('/charts')
    await app.choose('What', 'Colour wheel')
    await app.click('PNG')
    const png = await app.downloaded(/^colour-wheel.*\.png$/)
    // 300 dots to an inch of A4
    expect([png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([2480, 3508])
    await app.click('SVG')
    expect((await app.downloaded(/^colour-wheel.*\.svg$/)).toString()).toContain('width="210mm" height="297mm"')
    await app.choose('Paper', 'a size of my own')
    await app.set('Paper, wide, mm', '20')
    await app.press(Key.TAB)
    await app.says('Paper is between 60 and 1200 mm long and wide.')
    await app.set('Paper, wide, mm', '200')
    await app.press(Key.TAB)
    await app.says('One sheet, 200 × 200 mm.')
  })
})
