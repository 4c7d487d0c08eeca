import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'
import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { reckoned, methodsIn } from './methodsOfChoosing'

let app: App
let dir: string
let ways: ReturnType<typeof methodsIn>
beforeAll(async () => {
  dir = await mkdtemp(join(tmpdir(), 'jx-ways-'))
  app = await App.open('/palettes/landing-tin/choose', { reckons: true })
  ways = methodsIn(app)
  await reckoned(app)
})
afterAll(async () => {
  await app.close()
  await rm(dir, { recursive: true })
})

describe('a way of choosing', () => {
  it('split primaries: says what it is good for, calls, takes, and fills the tray; undo takes the last back', async () => {
    await ways.newTin('Split tin')
    await app.click('Split primaries')
    await app.says('Every mixture has a clean and a muted version')
    await app.says('none of the six is a dark')
    await app.click('Begin: Split primaries')
    await app.says('a cool yellow, leaning green')
    await app.says('0 of 12 paints taken')
    await ways.goThrough()
    await app.says('0 of 12 places left')
    expect(await ways.filled()).toHaveLength(12)
    await app.chord(Key.CONTROL, 'z')
    await app.says('1 of 12 places left')
    await app.says('11 of 12 paints taken')
  })

  it('goes on where it was left, and counts what is in already', async () => {
    await app.visit('/palettes')
    await app.visit('/palettes/landing-tin/choose')
    await app.click('Choose with a method')
    await ways.begin('Split primaries')
    // the tin has a cool yellow, a rose and both blues
    await app.until(async () => /Lemon yellow/.test(await app.text('section[aria-label="Method"]')), 'Lemon yellow')
    await app.says('no place is free')
    await app.click('Drawer')
    await app.click('Method: Split primaries')
    await app.says('a cool yellow, leaning green')
    await app.click('Leave')
    await app.says('Every method starts from the palette as it is')
  })

  it('rounds: a loser stays a candidate, and it is said what would mix it', async () => {
    await ways.newTin('Rounds tin')
    await ways.begin('Rounds')
    await ways.goThrough(3)
    await app.says('round 2')
    const loser = await app.find('section[aria-label="Method"] button[aria-label^="Pass "]')
    const name = (await loser.getAttribute('aria-label'))!.replace('Pass ', '')
    await loser.click()
    await app.says('passed;')
    await app.says('From what is in:')
    await app.named(`Take up ${name} again`)
    await app.click('Leave it open')
    await app.says('left open')
    // earths, darks and lights: then the favourites are looked at once more
    await ways.goThrough(5)
    await app.says('A practical pass')
    await app.happens(`/Nothing speaks against \\d+ of these \\d+/.test(document.body.innerText)`, 'the practical pass')
  })

  it('round the wheel keeps a place where nobody answers, and says what greys what', async () => {
    await ways.newTin('Wheel tin')
    await ways.begin('Round the wheel')
    await ways.goThrough(3)
    await app.happens(`/greyed by|nothing here greys it/.test(document.body.innerText)`, 'what greys it', 20_000)
    await app.click('Keep a place for a wish')
    await app.says('8 of 12 places left')
    await app.happens(
      `[...document.querySelectorAll('[data-place]')].some((p) => p.ariaLabel.includes('kept free for step'))`,
      'the place that is kept',
    )
  })

  it('the print triad shows the black it makes and what it cannot reach', async () => {
    await ways.newTin('Triad tin')
    await ways.begin('Print triad')
    await ways.goThrough(3)
    await app.says('Their black:', 20_000)
    await app.says('they cannot reach')
  })

  it('four of each is a table with its gaps', async () => {
    await ways.newTin('Table tin')
    await ways.begin('Four of each family')
    await ways.goThrough(2)
    await app.named('yellow: dark')
    await app.click('green: earth')
    await app.click('Leave it open')
    await app.named('green: earth: left open')
  })

  it.each(['Split primaries with two cool reds'])('%s fills a tray', async (way) => {
    await ways.newTin(`${way} tin`.slice(0, 30))
    await ways.begin(way)
    await ways.goThrough(3)
    expect(await ways.filled()).toHaveLength(3)
  })

  it('by keyboard alone, from the list of ways to a paint in the tray', async () => {
    await ways.newTin('Keyboard tin')
    const way = await app.named('Print triad')
    await app.driver.executeScript('arguments[0].focus()', way)
    await app.press(Key.ENTER)
    await app.press(Key.TAB, Key.ENTER)
    await app.says('a cyan')
    const isOn = (label: string) =>
      app.happens(`document.activeElement?.getAttribute('aria-label')?.startsWith('${label}')`, label, 300)
    await app.until(async () => {
      await app.press(Key.TAB)
      return isOn('Take ').then(
        () => true,
        () => false,
      )
    }, 'the first Take')
    await app.press(Key.ENTER)
    await app.says('11 of 12 places left')
    // the focus goes on where the work does
    expect(await app.driver.switchTo().activeElement().getAttribute('aria-expanded')).toBe('true')
  })
})

describe('calls of one’s own', () => {
  it('are edited, refused when they say nothing, kept under a name, exported and taken in again', async () => {
    await ways.newTin('Own tin')
    await ways.begin('Rounds')
    await app.click('Edit the calls')
    await app.type('Words of call 1', '')
    await app.click('Use these calls')
    await app.says('Every call needs words.')
    await app.type('Words of call 1', 'two cool yellows')
    await app.says('cool yellow')
    await app.type('Paints of call 1', '0')
    await app.click('Use these calls')
    await app.says('calls for 1 to 60 paints')
    await app.type('Paints of call 1', '2')
    await app.type('Keep under the name', 'Cliffs')
    await app.click('Keep the method')
    await app.says('two cool yellows')
    await app.click('Other methods')
    await app.named('Begin: Cliffs')
    await app.click('Export them')
    const file = join(dir, 'guides.json')
    await writeFile(file, await app.downloaded(/^juxtachrome-guides.*\.json$/))
    await app.click('Remove Cliffs')
    await app.happens(
      `![...document.querySelectorAll('button')].some((b) => b.ariaLabel === 'Remove Cliffs')`,
      'it to be gone',
    )
    await writeFile(join(dir, 'bad.json'), '{"format":"something else"}')
    await app.upload(0, join(dir, 'bad.json'))
    await app.says('That is no file of methods.')
    await app.upload(0, file)
    await app.named('Begin: Cliffs')
  })
})
