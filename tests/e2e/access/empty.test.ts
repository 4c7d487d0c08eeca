import { afterAll, beforeAll, expect, it } from 'vitest'
import { App } from '../app'
import { findings } from './screens'

const PATHS = ['/', '/paints', '/palettes', '/import', '/data', '/pigments', '/bench', '/compare', '/swatches']
let app: App
beforeAll(async () => {
  app = await App.open('/', { empty: true })
})
afterAll(() => app.close())

it('axe finds nothing on any screen of an empty collection', async () => {
  const found: string[] = []
  for (const path of PATHS) found.push(...(await findings(app, path)))
  expect(found).toEqual([])
})
