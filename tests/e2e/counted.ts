import { error } from 'selenium-webdriver'
import type { App } from './app'
import { LIST } from './sixty'

/** Work by hand, each click, typed field and key pressed as a command counted as one step. */
export class Counted {
  steps = 0
  /** What was typed, letter by letter; what is pasted is one step. */
  letters = 0
  readonly chapters: string[] = []
  #chapter = 0
  constructor(readonly app: App) {}

  click = async (name: string, within = '') => {
    this.steps += 1
    await this.app.click(name, within)
  }
  type = async (label: string, text: string) => {
    this.steps += 1
    this.letters += text.length
    await this.app.type(label, text)
  }
  press = async (key: string) => {
    this.steps += 1
    await this.app.press(key)
  }
  tap = async (placeId: string) => {
    this.steps += 1
    // a tray that is just being exchanged for the next screen's is asked again
    await this.app.until(async () => {
      try {
        await (await this.app.place(placeId)).click()
        return true
      } catch (problem) {
        if (problem instanceof error.StaleElementReferenceError) return false
        throw problem
      }
    }, `a tap on ${placeId}`)
  }
  paste = async (label: string, text: string) => {
    this.steps += 1
    await this.app.set(label, text)
  }
  ends = (what: string) => {
    this.chapters.push(`${what} ${this.steps - this.#chapter}`)
    this.#chapter = this.steps
  }

  /** Sixty paints from a pasted list. */
  async collect() {
    await this.click('Paste a list')
    await this.paste('Paste or type a list, one paint a line', LIST)
    await this.app.says('60 paints')
    await this.click('Take in 60 paints')
    await this.app.says('Added 60 paints from a list')
    this.ends('collect')
  }
  /** The best arrangement of an open palette. */
  async arrange() {
    await this.click('Arrange')
    await this.click('Find the best')
    await this.app.happens(
      `!/Looking further/.test(document.body.innerText) && /would change|lies best/.test(document.body.innerText)`,
      'the best',
    )
    await this.click('Take this arrangement')
    this.ends('arrange')
  }
}
