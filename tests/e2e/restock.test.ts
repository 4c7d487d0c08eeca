import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import ICAL from 'ical.js'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App } from './app'

let app: App
let dir: string
beforeAll(async () => {
  dir = await mkdtemp(join(tmpdir(), 'jx-restock-'))
  app = await App.open('/restock')
})
afterAll(async () => {
  await app.close()
  await rm(dir, { recursive: true })
})
const list = async (name: string, text: string) => {
  const path = join(dir, name)
  await writeFile(path, text)
  await app.upload(0, path)
}

describe('needs', () => {
  it('are gathered with their reasons; accepted, put in order, put off, refused, opened again', async () => {
    await app.says('To be bought, 5')
    await app.says('B6 of Landing tin is kept free for it; wished for 3 times')
    await app.click('Accept Pyrrole orange')
    await app.says('To be bought, 6')
    for (let n = 0; n < 4; n += 1) await app.click('Pyrrole orange sooner')
    const order = await app.text('section[aria-label="To be bought"] ol')
    expect(order.indexOf('Pyrrole orange')).toBeLessThan(order.indexOf('a deep blue'))
    expect(order.indexOf('Pyrrole orange')).toBeGreaterThan(order.indexOf('Cobalt violet'))
    await app.click('Refuse Raw sienna')
    await app.click('1 need put off, 1 refused')
    await app.click('Ask again about Neutral tint')
    await app.says('0 needs put off, 1 refused')
    await app.click('Undo')
    await app.says('1 need put off, 1 refused')
  })
  it('are written down by hand, with a code that a shop understands', async () => {
    await app.click('Add to the list')
    await app.says('Say what is needed')
    await app.type('Something else that is needed', 'PG18')
    await app.click('Add to the list')
    await app.says('To be bought, 7')
    await app.type('Code of a darker brown', 'PX9999')
    await app.click('Any paint of this code will do for a darker brown')
    await app.find('[role=alert]')
    await app.type('Code of a darker brown', 'PBr7')
    await app.click('Any paint of this code will do for a darker brown')
    await app.says('a darker brown, PBr7')
  })
  it('ask the verdicts of all palettes for gaps that nothing owned closes', async () => {
    await app.click('Ask the verdicts of all palettes, too')
    await app.says('and the gaps of verdicts', 60_000)
  })
})

describe('prices', () => {
  it('come from a file, or are refused with the reason; a shop that cannot be reached is said', async () => {
    await app.visit('/restock/prices')
    await app.says('What is needed, size by size')
    await list('none.csv', 'just some words\nand more of them\n')
    await app.says('There is no table')
    await app.type('Name of the shop', 'Ferry kiosk')
    await list(
      'kiosk.csv',
      [
        'Maker;Name;Pigments;Size;Price (EUR);Stock',
        'Skerry Colours;Pyrrole orange;PO71;5 ml;6,10;yes',
        'Skerry Colours;Raw umber;PBr7;5 ml;4,20;yes',
        'Skerry Colours;Kelp;;5 ml;free;yes',
        '',
      ].join('\n'),
    )
    await app.says('3 lines of Ferry kiosk; of 1 something could not be read')
    await app.click('Simulated shops')
    await app.named('Ask The Paper Boat')
    await app.driver.setNetworkConditions({ offline: true, latency: 0, download_throughput: 0, upload_throughput: 0 })
    await app.click('Ask The Paper Boat')
    await app.says('The shop cannot be reached')
    await app.driver.deleteNetworkConditions()
    await app.click('Ask The Paper Boat')
    await app.says('lines of The Paper Boat, prices of today')
    await app.click('Delivery of Ferry kiosk')
    await app.type('A delivery costs, EUR', 'little')
    await app.click('Keep', '//form[contains(., "Free from")]')
    await app.says('An amount such as 4.90')
    await app.type('A delivery costs, EUR', '2.00')
    await app.click('Keep', '//form[contains(., "Free from")]')
    await app.says('delivery 2.00 EUR')
  })
  it('sets are held against what is owned, several of them together', async () => {
    const boxes = await app.driver.findElements({ css: 'section[aria-label="Sets"] input' })
    expect(boxes.length).toBeGreaterThan(4)
    for (const box of boxes.slice(0, 3)) await box.click()
    await app.happens(
      `/The 3 chosen hold \\d+ paints: \\d+ new, \\d+ of pigments that you own, \\d+ owned already, \\d+ in them twice/.test(document.body.innerText)`,
      'the sum',
    )
  })
})

describe('the plan', () => {
  it('keeps to the budget, leaves out what is in another currency, and is proven where it can be', async () => {
    await app.visit('/restock/plan')
    await app.says('in another currency than the budget (GBP)')
    await app.type('So much', 'a little')
    await app.click('Keep the budget')
    await app.says('holds no amount')
    await app.type('So much', '0 EUR')
    await app.click('Keep the budget')
    await app.click('Plan the buying')
    await app.says('Nothing fits the budget.')
    await app.type('So much', '25 EUR')
    await app.click('Keep the budget')
    await app.click('Plan the buying')
    await app.happens(`/Proven|No plan serves/.test(document.body.innerText)`, 'how sure it is')
    await app.says('7 needs served of 7')
    const spent = await app.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('section[aria-label="Plan of purchases"] ol > li')].map((li) => li.innerText)`,
    )
    expect(spent.length).toBeGreaterThan(1)
    expect(spent.join('\n')).not.toContain('over, taken off')
  })
  it('is saved as a calendar that another reader understands, and as a list to send', async () => {
    await app.click('Calendar')
    const events = new ICAL.Component(
      ICAL.parse((await app.downloaded(/purchases\.ics$/)).toString()),
    ).getAllSubcomponents('vevent')
    expect(events.length).toBeGreaterThan(1)
    expect(events[0]!.getFirstPropertyValue('summary')).toMatch(/^Paint: \d+ things?, [\d.]+ EUR$/)
    await app.click('Text')
    expect((await app.downloaded(/shopping-list\.txt$/)).toString()).toContain('[ ] ')
  })
  it('in my own order the first is bought, or saved for, before any behind it', async () => {
    await app.choose('Planned', 'strictly in my order')
    await app.click('Keep the budget')
    await app.click('Plan the buying')
    await app.says('Strictly in your order')
    expect(await app.text('section[aria-label="Plan of purchases"] ol > li')).toContain('Pyrrole orange')
  })
})

describe('orders', () => {
  it('are marked as ordered, come, are offered the place that was kept, and are filled; money is right', async () => {
    await app.driver.executeScript(
      `document.querySelector('section[aria-label="Plan of purchases"] ol > li button').click()`,
    )
    await app.says('Ordered. Under Orders')
    await app.visit('/restock/orders')
    await app.says('things on the way')
    await app.driver.executeScript(
      `[...document.querySelectorAll('button')].find((b) => (b.ariaLabel ?? '').startsWith('It came: Pyrrole orange')).click()`,
    )
    await app.says('delivered, ')
    // pyrrole orange stands in for the scarlet in the tin, and is planned there already; a new place is kept for it
    await app.visit('/palettes/skerry-case/choose')
    await (await app.place('A1')).click()
    await app.visit('/restock/orders')
    await app.driver.executeScript(
      `[...document.querySelectorAll('button')].find((b) => (b.ariaLabel ?? '').startsWith('Sent back: Pyrrole orange')).click()`,
    )
    await app.says('returned')
    await app.click('Undo')
    await app.visit('/restock/spent')
    await app.says('What palettes hold')
    await app.click('by maker')
    await app.says('Spent by maker, EUR')
    await app.visit('/restock/needs')
    await app.says('To be bought')
  })
})
