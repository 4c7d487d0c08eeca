import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs'
import { describe, expect, it } from 'vitest'

const root = new URL('..', import.meta.url).pathname
const pages = ['CONTRIBUTING.md', 'README.md', 'docs/core.md']
const textOf = (page: string) => readFileSync(root + page, 'utf8')
const foldersIn = (path: string) =>
  readdirSync(root + path).filter((name) => statSync(`${root}${path}/${name}`).isDirectory())

describe('what is written about the house is so', () => {
  it.each(pages)('%s names only paths that are there', (page) => {
    const named = textOf(page).match(/`(?:core|app|server|data|docs|scripts|tests)\/[A-Za-z0-9_./-]+`/g) ?? []
    const gone = named.map((n) => n.slice(1, -1)).filter((path) => !existsSync(root + path))
    expect(gone).toEqual([])
  })

  it('CONTRIBUTING has every room on it', () => {
    const text = textOf('CONTRIBUTING.md')
    const rooms = [
      ...foldersIn('core/src'),
      ...foldersIn('app').filter((r) => r !== 'assets'),
      ...foldersIn('app/shared'),
    ]
    // `layouts` and `middleware` are the framework's own
    const unnamed = rooms.filter((r) => !['layouts', 'middleware'].includes(r) && !text.includes(`\`${r}\``))
    expect(unnamed).toEqual([])
  })
})
