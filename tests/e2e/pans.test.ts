import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'

const TIN = '/palettes/landing-tin/fill?place=B1'
let app: App
beforeAll(async () => {
  app = await App.open('/palettes?new=1')
  // another tin, so that a pan has somewhere to go
  await app.type('Name', 'Skiff tin')
  await app.click('Make the palette')
  await app.says('Skiff tin')
})
afterAll(() => app.close())

describe('a pan that moves', () => {
  it('goes to another palette and back, by mouse, with its contents and its history', async () => {
    await app.go(TIN)
    await app.says('B1: Yellow ochre')
    await app.click('Move the pan')
    await app.choose('To the palette', 'Skiff tin')
    await app.choose('Into the place', 'A1: an empty pan')
    await app.click('Move it')
    await app.says('The pan lies in A1 of Skiff tin now.')
    await app.says('Planned, not filled yet.')
    expect(await app.placeSays('B1')).toContain('not filled yet')

    await app.click('Palettes')
    await app.click('Skiff tin')
    await app.click('4Fill')
    expect(await app.placeSays('A1')).toContain('Yellow ochre lies in it')
    await app.until(async () => (await app.place('A1')).click().then(() => true), 'a click on A1')
    await app.says('came from B1 of Landing tin')
    await app.click('Move the pan')
    await app.choose('To the palette', 'Landing tin')
    await app.choose('Into the place', 'B1: an empty pan')
    await app.click('Move it')
    await app.says('The pan lies in B1 of Landing tin now.')

    await app.go(TIN)
    await app.says('B1: Yellow ochre')
    await app.says('Its pan before')
    await app.says('in A1 of Skiff tin: Yellow ochre')
  })

  it('is taken out and put back by keyboard, and undone in one step', async () => {
    await app.go(TIN)
    await app.driver.executeScript('arguments[0].focus()', await app.named('Take the pan out'))
    await app.press(Key.ENTER)
    await app.says('B1: its pan is out')
    expect(await app.placeSays('B1')).toContain('its pan is out')
    await app.choose('Loose pans', 'the pan of B1')
    await app.driver.executeScript('arguments[0].focus()', await app.named('Put it in'))
    // two Enters at once are one; whoever presses anything between means both
    await app.press(Key.SHIFT, Key.ENTER)
    await app.says('B1: Yellow ochre')
    await app.chord(Key.CONTROL, 'z')
    await app.says('B1: its pan is out')
    await app.chord(Key.CONTROL, 'z')
    await app.says('B1: Yellow ochre')
  })

  it('leaves room for a new pan, which can be filled', async () => {
    await app.go('/palettes/landing-tin/fill?place=B6')
    await app.click('Take the pan out')
    await app.says('B6: its pan is out')
    await app.click('Put a new half pan in')
    await app.says('B6: kept free for a darker brown')
    await app.choose('From', 'Burnt umber')
    await app.click('Record the filling')
    await app.says('B6: Burnt umber')
    await app.go('/palettes/landing-tin/fill?place=B6')
    await app.says('B6: Burnt umber')
  })

  it('offers no place of another size, and says so', async () => {
    await app.go(TIN)
    await app.click('Move the pan')
    await app.choose('To the palette', 'Boat tray')
    await app.says('No place there takes a half pan.')
  })
})
