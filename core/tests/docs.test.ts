import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import * as root from '../src/index'
import * as choosing from '../src/choosing'
import * as collection from '../src/collection'
import * as reach from '../src/reach'
import { noDocuments } from '../src/documents'
import { paint, tin } from '../src/documents/documents.fixture'

/** What the page means by its words for things that a reader has. */
const PAINTS = [
  paint('blue', { pigments: ['PB29'] }),
  paint('rose', { pigments: ['PV19'] }),
  paint('brown', { pigments: ['PBr7'] }),
  paint('yellow', { pigments: ['PY3'] }),
]
const PALETTE = { ...tin, plan: { A1: { paintId: 'blue' }, A2: { paintId: 'rose' } } }
const pixels = { width: 40, height: 30, data: new Uint8ClampedArray(40 * 30 * 4).fill(200) }
const GIVEN = {
  ...pixels,
  corners: [
    { x: 2, y: 2 },
    { x: 38, y: 2 },
    { x: 38, y: 28 },
    { x: 2, y: 28 },
  ],
  paints: PAINTS,
  id: 'blue',
  before: PAINTS[0],
  after: { ...PAINTS[0]!, name: 'Sea' },
  text: root.writeCollection(
    { documents: { ...noDocuments(), paints: PAINTS, palettes: [PALETTE] }, unreadable: [] },
    '2026-01-01T00:00:00.000Z',
  ),
}
const MODULES: Record<string, object> = {
  '@juxtachrome/core': root,
  '@juxtachrome/core/choosing': choosing,
  '@juxtachrome/core/collection': collection,
  '@juxtachrome/core/reach': reach,
}

/** The page's examples, one after the other, as a reader would type them: a later one goes on with what an earlier made. */
const page = readFileSync(new URL('../../docs/core.md', import.meta.url), 'utf8')
const examples = [...page.matchAll(/```ts\n([\s\S]*?)```/g)].map((m) => m[1]!)

describe('the examples of docs/core.md', () => {
  it('run as they stand, in their order', () => {
    const scope: Record<string, unknown> = { ...GIVEN }
    for (const example of examples) {
      const code = example
        .replace(/^import \{([^}]*)\} from '([^']*)'$/gm, (_, names: string, from: string) => {
          for (const name of names.split(',').map((n) => n.trim())) {
            expect(Object.keys(MODULES[from]!), `${from} shares ${name}`).toContain(name)
            scope[name] = (MODULES[from] as Record<string, unknown>)[name]
          }
          return ''
        })
        .replace(/^const (\w+) =/gm, 'scope.$1 =')
      // names are looked up in the scope, as if all examples stood in one file
      const run = new Function('scope', `with (scope) {\n${code}\n}`) as (scope: object) => void
      expect(() => run(scope), example.slice(0, 120)).not.toThrow()
    }
    const made = ['blue', 'grey', 'recipes', 'index', 'verdict', 'best', 'standIns'] as const
    for (const name of made) expect((scope[name] as { ok: boolean }).ok, name).toBe(true)
  }, 60_000)
})
