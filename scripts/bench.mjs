// Speed, as ratios measured in one run and times beside them: machines differ, ratios less so.
// `npm run bench` measures everything, `npm run bench -- collection` one part.
import { createServer } from 'vite'
import { benchBrowser } from './bench/browser.mjs'
import { benchArranging, benchFilling, benchPacking } from './bench/arranging.mjs'
import { benchChoosing } from './bench/choosing.mjs'
import { benchStandIns } from './bench/standins.mjs'
import { benchCollecting } from './bench/collecting.mjs'
import { benchCollection } from './bench/collection.mjs'
import { benchOptics } from './bench/optics.mjs'
import { benchPrinting } from './bench/printing.mjs'
import { benchReach } from './bench/reach.mjs'
import { benchRestocking } from './bench/restocking.mjs'
import { benchYears } from './bench/years.mjs'
import { browserIsThere } from './browser.mjs'
import { serveBuilt } from './serve.mjs'

const PARTS = [
  'collecting',
  'collection',
  'optics',
  'reach',
  'choosing',
  'standins',
  'arranging',
  'printing',
  'restocking',
  'browser',
  'years',
]
const asked = process.argv.slice(2).filter((a) => PARTS.includes(a))
const wants = (part) => asked.length === 0 || asked.includes(part)

const vite = await createServer({
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error',
  optimizeDeps: { noDiscovery: true },
})
const rooms = [
  'index',
  'collection/index',
  'choosing/index',
  'choosing/best/search',
  'choosing/best/prove',
  'standins/index',
  'arranging/index',
  'arranging/arrangePalette',
  'arranging/arrangeProblem',
  'filling/index',
  'arranging/assignment',
  'film/index',
  'mixing/recipes/grids',
  'mixing/kernel/mixtureKernel',
  'mixing/kernel/ratios',
  'mixing/kernel/targetGrid',
  'reach/index',
  'reach/mixtureIndex',
  'paints/index',
  'formats/index',
  'formats/pastedList',
  'formats/paintRows',
]
const core = Object.assign({}, ...(await Promise.all(rooms.map((r) => vite.ssrLoadModule(`/core/src/${r}.ts`)))))

if (wants('collecting')) benchCollecting(core)
if (wants('collection')) benchCollection(core)
if (wants('optics')) benchOptics(core)
if (wants('choosing')) benchChoosing(core)
if (wants('arranging')) {
  benchArranging(core)
  benchPacking(core)
  benchFilling(core)
}
if (wants('printing')) await benchPrinting(vite, core)
if (wants('restocking')) await benchRestocking(vite)
if (wants('standins')) benchStandIns(core)
if (wants('reach')) benchReach(core)
if (wants('browser') && browserIsThere()) {
  const { url, stop } = await serveBuilt({ demo: true })
  try {
    await benchBrowser(core, url)
  } finally {
    stop()
  }
} else if (wants('browser')) console.log('No chromium here: the measurements in the browser are left out.')
if (wants('years') && browserIsThere()) {
  const { url, stop } = await serveBuilt({ demo: false })
  try {
    await benchYears(core, url)
  } finally {
    stop()
  }
}
await vite.close()
