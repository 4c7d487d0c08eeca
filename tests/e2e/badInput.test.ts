import { randomBytes } from 'node:crypto'
import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { FILE_SCHEMA } from '@juxtachrome/core/formats'
import { App } from './app'

let app: App
let dir: string
beforeAll(async () => {
  app = await App.open('/data')
  dir = await mkdtemp(join(tmpdir(), 'jx-bad-'))
})
afterAll(async () => {
  expect(await app.complaints()).toEqual([])
  await app.close()
  await rm(dir, { recursive: true, force: true })
})

const file = async (name: string, content: string | Buffer) => {
  const path = join(dir, name)
  await writeFile(path, content)
  return path
}
const collection = (extra: object) =>
  JSON.stringify({ format: 'juxtachrome-collection', schema: 1, documents: {}, ...extra })
const entry = (id: string, corrects: string) => ({
  id,
  v: 1,
  recorded: '2026-01-01T00:00:00.000Z',
  type: 'correction',
  corrects,
  becomes: null,
})

describe('bad collection files leave everything as it is', () => {
  it.each<[string, () => string | Buffer, string]>([
    ['empty.json', () => '', 'The file is empty.'],
    ['binary.json', () => Buffer.concat([Buffer.alloc(8), randomBytes(4000)]), 'This is not a text file.'],
    ['cut.json', () => collection({}).slice(0, -5), 'not valid JSON'],
    ['other.json', () => '{"hello":"world"}', 'not a Juxtachrome collection'],
    ['newer.json', () => collection({ schema: FILE_SCHEMA + 1 }), `reads up to ${FILE_SCHEMA}`],
    [
      'ring.json',
      () => collection({ documents: { journal: [entry('a', 'b'), entry('b', 'a')] } }),
      'corrects a correction',
    ],
    [
      'twice.json',
      () =>
        collection({
          documents: { paints: [1, 2].map(() => ({ id: 'p', v: 2, maker: '', name: 'K', pigments: [] })) },
        }),
      'have the id p',
    ],
    ['huge.json', () => `${'x'.repeat(50_000_000)}`, 'not valid JSON'],
  ])('%s', async (name, content, message) => {
    await app.go('/data')
    await app.upload(0, await file(name, content()))
    await app.says(message, 20_000)
    await app.says('56paints')
  })

  it('documents that cannot be read are named, kept, and harm nothing', async () => {
    const evil = collection({ documents: { paints: [] } }).replace(
      '"paints":[]',
      `"paints":[${[
        '{"id":"evil","v":1,"maker":"","name":"E","pigments":[],"__proto__":{"polluted":true}}',
        `{"id":"long","v":1,"maker":"","name":"${'n'.repeat(10_000)}","pigments":[]}`,
        '{"id":"fine","v":1,"maker":"","name":"<img src=x onerror=window.hacked=1>","pigments":["PB29"]}',
      ].join(',')}]`,
    )
    await app.go('/data')
    await app.upload(0, await file('evil.json', evil))
    await app.says('2 of its documents cannot be read')
    await app.says('“__proto__” is not allowed')
    await app.click('Add it to what is here')
    await app.click('Add it', '//*[@role="dialog"]')
    await app.says('57paints')
    await app.says('Could not be read')
    await app.go('/paints/fine')
    await app.says('<img src=x onerror=window.hacked=1>')
    expect(await app.driver.executeScript('return [window.hacked ?? null, ({}).polluted ?? null]')).toEqual([
      null,
      null,
    ])
  })
})

describe('bad tables', () => {
  it.each<[string, () => string | Buffer, string]>([
    ['empty.csv', () => '', 'The file is empty.'],
    ['sheet.csv', () => Buffer.concat([Buffer.from('PK\u0003\u0004'), randomBytes(3000)]), 'not an XLSX workbook'],
    ['heading.csv', () => 'name,maker\n', 'There is no table'],
    ['huge.csv', () => `name\n${'x'.repeat(50_000_000)}`, 'is 50 MB; at most 12 MB'],
    ['long.csv', () => `name,maker\n${'n'.repeat(10_000)},M\n`, '0 rows can be read, 1 cannot'],
  ])('%s', async (name, content, message) => {
    await app.go('/import')
    await app.upload(0, await file(name, content()))
    await app.says(message, 20_000)
  })
})

describe('addresses that lead nowhere', () => {
  it.each([
    ['/nowhere', 'There is nothing at this address'],
    ['/paints/nothing', '57 paints'],
    ['/palettes/nothing/choose', 'No such palette'],
    ['/palettes/landing-tin/dance', '0 of 12 places left'],
    ['/palettes/landing-tin/fill?place=Z9', 'Choose a place on the tray'],
  ])('%s', async (path, words) => {
    await app.go(path)
    await app.says(words)
  })
})
