import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { afterAll, beforeAll, expect, inject, it } from 'vitest'
import { App } from './app'

/** The application as it is served, but for the version of its service worker, which the test raises. */
let version = 1
let server: Server
let url: string
beforeAll(async () => {
  server = createServer((request, response) => {
    void fetch(inject('url') + request.url).then(async (answer) => {
      const body = Buffer.from(await answer.arrayBuffer())
      const mine = ['content-encoding', 'content-length', 'transfer-encoding', 'etag']
      const headers = Object.fromEntries([...answer.headers].filter(([name]) => !mine.includes(name)))
      response.writeHead(answer.status, headers)
      response.end(request.url === '/sw.js' ? `${body.toString()}\n// ${version}` : body)
    })
  })
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening))
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
})
afterAll(() => server.close())

it('an update taken in one window reloads that one only; the other is told and keeps what was typed', async () => {
  const app = await App.open('/', { url })
  await app.inPage('navigator.serviceWorker.ready.then(() => done())')
  await app.reload()
  const first = await app.driver.getWindowHandle()
  await app.driver.switchTo().newWindow('tab')
  const second = await app.driver.getWindowHandle()
  await app.go('/paints?add=1')
  await app.type('Type it as it stands on the tube', 'Cerulean blue, half ty')
  await app.driver.executeScript('window.isTheSame = true')

  version = 2
  await app.driver.switchTo().window(first)
  await app.inPage('navigator.serviceWorker.getRegistration().then((r) => r.update()).then(() => done())')
  await app.says('A newer Juxtachrome is ready.', 20_000)
  await app.driver.executeScript('window.isTheSame = true')
  await app.click('Reload with it')
  await app.until(async () => !(await app.driver.executeScript('return window.isTheSame')), 'the reload')
  await app.ready()
  await app.driver.switchTo().window(second)
  await app.says('was taken in another window')
  expect(await app.driver.executeScript('return window.isTheSame')).toBe(true)
  expect(await (await app.field('Type it as it stands on the tube')).getAttribute('value')).toBe(
    'Cerulean blue, half ty',
  )
  await app.click('Later')
  expect(await app.text()).not.toContain('another window')
  await app.close()
})
