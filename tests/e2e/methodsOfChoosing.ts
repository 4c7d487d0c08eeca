import type { App } from './app'

/** The ways of choosing as a person goes through them, on new tins of twelve half pans. */
export function methodsIn(app: App) {
  /** A new tin of twelve half pans, open at the list of ways. */
  async function newTin(name: string): Promise<void> {
    await app.visit('/palettes?new=1')
    await app.type('Name', name)
    await app.click('Make the palette')
    await app.says('12 of 12 places left')
    await app.click('Choose with a method')
    await app.says('Every method starts from the palette as it is')
  }
  async function begin(way: string): Promise<void> {
    await app.click(way)
    await app.click(`Begin: ${way}`)
  }
  const filled = () =>
    app.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('[data-place]')].map((p) => p.getAttribute('aria-label')).filter((t) => !/empty|kept free/.test(t))`,
    )
  const left = () =>
    app.driver.executeScript<number>(`return Number(/(\\d+) of \\d+ places? left/.exec(document.body.innerText)[1])`)
  /** Takes the first candidate of the open call. */
  async function takeFirst(): Promise<void> {
    const before = await left()
    const button = await app.find('section[aria-label="Method"] button[aria-label^="Take "]:not(:disabled)')
    await button.click()
    await app.until(async () => (await left()) < before, 'a place to be filled')
  }
  /** Goes through a guide to a filled tray: takes who comes first, leaves open what nobody answers. */
  async function goThrough(most = 12): Promise<void> {
    for (let n = 0; n < most; n += 1) await takeFirst()
  }
  return { newTin, begin, filled, left, takeFirst, goThrough }
}

/** Waits until what the collection mixes is worked out; it is kept from then on. */
export const reckoned = (app: App) =>
  app.happens(
    `[...document.querySelectorAll('button')].some((b) => b.innerText.includes('by what it would bring'))`,
    'the index',
    40_000,
  )
