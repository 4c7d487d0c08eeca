import { afterAll, beforeAll, expect, it } from 'vitest'
import { App } from './app'

let app: App
let link = ''
beforeAll(async () => {
  app = await App.open('/palettes/landing-tin/choose')
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
})

it('a palette goes out as a link that holds names, codes, box and purpose', async () => {
  await app.click('Details')
  await app.click('Copy a link')
  await app.happens(`document.querySelector('input[aria-label="The link"]')`, 'the link')
  link = await app.driver.executeScript<string>(`return document.querySelector('input[aria-label="The link"]').value`)
  expect(link).toContain('/palettes#palette=')
  expect(link.length).toBeLessThan(4000)
})

it('opened, it is asked about; taken in, it lies beside one’s own; a damaged one is refused', async () => {
  const other = await App.open('/', { empty: true })
  const fragment = link.slice(link.indexOf('#'))
  await other.go(`/palettes${fragment.slice(0, -20)}`)
  await other.says('This link is damaged or was cut short')
  await other.visit('/')
  await other.visit(`/palettes${fragment}`)
  await other.says('Take in the palette Landing tin?')
  await other.click('Take it in')
  await other.says('0 of 12 places left')
  expect(await other.placeSays('B6')).toContain('kept free')
  expect(await other.placeSays('A5')).toContain('French ultramarine')
  await other.click('Undo')
  expect(await other.complaints()).toEqual([])
  await other.close()
})
