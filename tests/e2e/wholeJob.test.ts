import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'
import { Counted } from './counted'

/** The whole job as a newcomer does it, each step counted. */
let app: App
let by: Counted
beforeAll(async () => {
  app = await App.open('/', { empty: true })
  by = new Counted(app)
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})

const guide = 'section[aria-label="Method"]'
const left = () =>
  app.driver.executeScript<number>(
    `return Number(/(\\d+) of \\d+ places? left/.exec(document.body.innerText)?.[1] ?? -1)`,
  )

describe('the whole job, from a pasted list to a planned purchase', () => {
  it('is done in at most ninety steps, led by the empty states', async () => {
    const { click, type, press, tap, ends } = by
    await by.collect()

    // a palette, and what it is for
    await click('Today')
    await app.says('The way ahead')
    await click('Make a palette')
    await type('Name', 'Shore tin')
    await click('Make the palette')
    await app.says('12 of 12 places left')
    await click('Change what it is for')
    await click('Near enough and how many paints')
    by.steps += 1
    await (await app.field('2')).click()
    await press(Key.ESCAPE)
    ends('brief')

    // choose by a way
    await click('Choose with a method')
    await click('Split primaries')
    await click('Begin: Split primaries')
    for (let n = 0; n < 12; n += 1) {
      const before = await left()
      by.steps += 1
      await (await app.find(`${guide} button[aria-label^="Take "]:not(:disabled)`)).click()
      await app.until(async () => (await left()) < before, 'a place to be filled')
    }
    await app.says('0 of 12 places left')
    ends('choose')

    // a stand-in
    await click('Stand in')
    await tap('B6')
    await app.happens(`document.querySelectorAll('section[aria-label="Stand-ins"] ol > li').length > 3`, 'stand-ins')
    by.steps += 1
    await (await app.find('section[aria-label="Stand-ins"] button[aria-label^="Take "]')).click()
    await app.says('Standing in')
    ends('stand in')

    await by.arrange()

    // fill, by the plan
    await click('Fill')
    await click('Plan the filling')
    await click('Begin filling')
    await app.says(' to go')
    const due = async () => Number(/(\d+) to go/.exec(await app.text('section[aria-label="Filling day"]'))![1])
    for (let to = await due(); to > 0; to -= 1) {
      await press(Key.ENTER)
      await app.says(`${to - 1} to go`)
    }
    ends('fill')

    // the key
    await click('Leave it for now')
    await app.visit(
      (await app.driver.getCurrentUrl()).replace(/^.*\/palettes/, '/palettes').replace(/\/filling.*$/, '/key'),
    )
    by.steps += 1
    await click('Save as PDF')
    expect((await app.downloaded(/\.pdf$/)).subarray(0, 5).toString()).toBe('%PDF-')
    ends('key')

    // three paintings
    await click('Use')
    const places = ['A1', 'A2', 'A3', 'A4', 'A5', 'A6']
    for (const [i, words] of ['Low water', 'The same, from the boat', 'Rain'].entries()) {
      await type('What it was, in a few words', words)
      for (const id of places.slice(i, i + 3)) await tap(id)
      if (i < 2) await type('Wished for', 'Graphite grey')
      await click('Record the painting')
      await app.says(`${i + 1} painting`)
    }
    ends('log')

    // a swap
    await click('Proposals')
    await click('What would you change?')
    await app.says('wished for 2 times')
    by.steps += 1
    await (await app.find('section[aria-label="Proposals"] button[aria-label^="Take "]')).click()
    await app.says('Taken: ')
    ends('swap')

    // a purchase
    await click('Restock')
    await type('Something else that is needed', 'PB60')
    await press(Key.ENTER)
    await app.says('To be bought, 1')
    await click('Prices')
    await click('Simulated shops')
    await click('Ask North Quay Art Supplies')
    await app.says('prices of today')
    await click('Plan')
    await click('Set the budget')
    await click('Plan the buying')
    await app.says('1 need served of 1')
    ends('buy')

    console.log(`The whole job: ${by.steps} steps (${by.chapters.join(', ')}).`)
    expect(by.steps).toBeLessThanOrEqual(90)
    await app.visit('/')
    await app.happens(`!document.body.innerText.includes('The way ahead')`, 'the way gone to its end')
  })
})
