import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App } from '../app'
import { findings, layTheBench, SCREENS } from './screens'

const WIDTH = 390
let app: App
beforeAll(async () => {
  app = await App.open('/', { width: WIDTH, height: 844 })
  await layTheBench(app)
  await app.remember('jx-theme', 'dark')
  await app.reload()
})
afterAll(() => app.close())

describe('axe finds nothing, dark and narrow, and nothing reaches beyond the screen', () => {
  it.each(SCREENS)('%s', async (path) => {
    expect(await findings(app, path)).toEqual([])
    expect(await app.driver.executeScript('return document.documentElement.scrollWidth')).toBeLessThanOrEqual(WIDTH)
  })
})
