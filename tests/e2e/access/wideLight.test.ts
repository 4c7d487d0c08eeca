import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { App } from '../app'
import { findings, layTheBench, SCREENS } from './screens'

let app: App
beforeAll(async () => {
  app = await App.open('/')
  await layTheBench(app)
})
afterAll(() => app.close())

describe('axe finds nothing, light and wide', () => {
  it.each(SCREENS)('%s', async (path) => expect(await findings(app, path)).toEqual([]))
})
