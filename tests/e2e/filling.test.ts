import { dayOf, daysAfter } from '@juxtachrome/core/units'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App, Key } from './app'

let app: App
const today = dayOf(new Date())
beforeAll(async () => {
  app = await App.open('/palettes/boat-tray/fill')
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})

describe('filling', () => {
  it('says what to fill; the planned paint that is on order cannot be filled from', async () => {
    await app.says('To fill, light colours first')
    await app.click('B9Neutral tint', '//section').catch(async () => (await app.place('B9')).click())
    await app.says('Planned, not filled yet')
    await app.click('Record the filling')
    await app.says('Choose what to fill from.')
  })

  it('fills from another tube: the place is wet, the tube’s balance goes down', async () => {
    await app.choose('From', 'Payne')
    await app.type('Amount, ml', '-2')
    await app.click('Record the filling')
    await app.says('A number above 0')
    await app.type('Amount, ml', '2')
    await app.click('Record the filling')
    await app.until(async () => (await app.placeSays('B9')).includes('wet'), 'a wet well')
    expect(await app.placeSays('B9')).toContain("Payne's grey lies in it")
    await app.go('/paints/demo-h-payne-s-grey')
    await app.says('15 ml, 9.0 ml left')
    await app.click('Filled 3 times, 3 places')
    await app.says('2 ml into B9 of Boat tray')
  })

  it('asks when more is poured than is left or fits, and records it all the same', async () => {
    await app.go('/palettes/boat-tray/fill?place=A4')
    await app.choose('From', 'Pyrrole orange: 5 ml tube of Skerry Colours, 0.9 ml')
    await app.type('Amount, ml', '6')
    await app.says('By the records 0.9 ml are left in it.')
    await app.says('A4 holds about 4.3 ml to the brim, and about')
    await app.type('Amount, ml', '0.4')
    await app.click('Record the top-up')
    await app.says('1.9 ml in 2 fillings')
  })

  it('tops up from a second tube, is found dry, is cleaned; the history keeps all of it', async () => {
    await app.go('/palettes/landing-tin/fill?place=A5')
    await app.choose('From', 'French ultramarine: 15 ml tube of Halvard & Roe, 15.0 ml')
    await app.type('Amount, ml', '0.3')
    await app.set('On', daysAfter(today, -1))
    await app.click('Record the top-up')
    await app.says('3.2 ml in 4 fillings')
    await app.says('a skin on it, wet below: dry about')
    await app.click('It is dry now')
    await app.says('dry since')
    await app.click('Emptied and cleaned')
    await app.says('cleaned out')
    expect(await app.placeSays('A5')).toContain('not filled yet')
    await app.says('emptied and cleaned')
  })

  it('corrects an entry, strikes one out, and takes both back; balances follow', async () => {
    await app.go('/palettes/hut-palette/fill?place=B9')
    await app.says('5.4 ml in 2 fillings')
    await app.click('Correct')
    const amounts = await app.driver.findElements({ css: 'section[aria-label^="History"] input[inputmode="decimal"]' })
    await amounts[0]!.sendKeys(Key.chord(Key.CONTROL, 'a'), '1.4')
    await app.click('Correct the entry')
    await app.says('4.4 ml in 2 fillings')
    await app.says('(corrected)')
    await app.click('Strike out')
    await app.says('balances are worked out anew')
    await app.click('Strike it out')
    await app.says('3.0 ml in 1 filling')
    await app.chord(Key.CONTROL, 'z')
    await app.says('4.4 ml in 2 fillings')
    await app.chord(Key.CONTROL, 'z')
    await app.says('5.4 ml in 2 fillings')
    await app.chord(Key.CONTROL, Key.SHIFT, 'z')
    await app.says('4.4 ml in 2 fillings')
  })

  it('fills by keyboard alone', async () => {
    await app.go('/palettes/landing-tin/fill')
    await (await app.place('A5')).sendKeys(Key.ENTER)
    await app.says('Planned, not filled yet')
    const from = await app.field('From')
    await from.sendKeys(Key.ARROW_DOWN)
    await (await app.field('Amount, ml')).sendKeys(Key.chord(Key.CONTROL, 'a'), '1', Key.ENTER)
    await app.until(async () => (await app.placeSays('A5')).includes('wet'), 'a wet pan')
  })

  it('moved pans are recorded in one go when the plan has changed', async () => {
    await app.go('/palettes/landing-tin/choose')
    await app.drag(await app.place('A1'), await app.place('A2'))
    expect(await app.placeSays('A1')).toContain('Lemon yellow lies in it')
    await app.go('/palettes/landing-tin/fill')
    await app.click('I moved the pans as planned (1)')
    await app.until(
      async () => (await app.placeSays('A1')).startsWith('A1: Nickel azo yellow, Tern & Daughter, PY150; filled'),
      'the pan in its place',
    )
    await (await app.place('A2')).click()
    await app.says('came from A1')
  })
})
