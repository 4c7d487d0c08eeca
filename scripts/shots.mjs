// Takes the pictures of docs/screenshots from a running demo: node scripts/shots.mjs [address [names]]
import { mkdir, writeFile } from 'node:fs/promises'
import { By } from 'selenium-webdriver'
import { openBrowser, setSize } from './browser.mjs'
import { ROOT } from './setup.mjs'

const url = process.argv[2] ?? 'http://127.0.0.1:3000'
const VIEWS = [
  { name: 'today', path: '/' },
  { name: 'paints', path: '/paints/demo-h-french-ultramarine' },
  {
    name: 'reach-map',
    path: '/palettes/landing-tin/choose',
    wait: 6000,
    script: `document.querySelector('[aria-label^="Open the map"]').click()`,
  },
  {
    name: 'choose',
    path: '/palettes/landing-tin/choose?place=A5',
    strip: ['demo-h-french-ultramarine', 'demo-t-ultramarine-deep', 'demo-h-cobalt-blue', 'demo-s-indanthrone-blue'],
  },
  { name: 'stand-in', path: '/palettes/landing-tin/stand-in?place=B4', wait: 4000 },
  { name: 'arrange', path: '/palettes/hut-palette/arrange?place=B12', wait: 2500 },
  {
    name: 'box',
    path: '/boxes/demo-biscuit-tin',
    script: `document.querySelector('[data-thing="A3"]').dispatchEvent(new PointerEvent('pointerdown', { bubbles: true, button: 0 }))
      window.dispatchEvent(new PointerEvent('pointerup'))`,
  },
  { name: 'fill', path: '/palettes/landing-tin/fill?place=B1' },
  { name: 'key', path: '/palettes/boat-tray/key' },
  {
    name: 'chart-check',
    path: '/charts',
    before: { 'jx-print-paints': { source: 'palette:skerry-case', list: '', partners: 'strip', partnerList: '' } },
    script: `const press = (text) => [...document.querySelectorAll('button')].find((b) => b.innerText === text).click()
      press('Check a photograph')
      setTimeout(() => press('Try it with a made-up photograph'), 400)`,
    wait: 9000,
  },
  {
    name: 'bench',
    path: '/bench',
    bench: {
      parts: [
        ['demo-h-french-ultramarine', 3],
        ['demo-h-burnt-sienna', 2],
      ],
      water: 3,
    },
  },
  {
    name: 'recipe',
    path: '/bench?view=recipe',
    bench: { parts: [], water: 0, scope: 'landing-tin', target: { kind: 'paint', paintId: 'demo-f-sap-green' } },
    wait: 4000,
  },
  {
    name: 'devices',
    path: '/data',
    // what a tablet wrote that went on from here, while the same was changed here
    script: `const press = (text) => [...document.querySelectorAll('button')].find((b) => b.innerText.startsWith(text)).click()
      const make = URL.createObjectURL
      URL.createObjectURL = (blob) => {
        if (blob.type.includes('json')) blob.text().then(bring)
        return make(blob)
      }
      const bring = (text) => {
        const file = JSON.parse(text)
        const { paints, palettes } = file.documents
        const tin = palettes.find((p) => p.id === 'landing-tin')
        tin.plan.A1 = { reserved: 'a green, see the notes' }
        paints[4].masstone = { ...paints[4].masstone, L: 62, b: 60 }
        paints.push({ ...paints[5], id: 'from-the-tablet', name: 'Brown ochre' })
        const writer = { device: { id: 'tablet', name: 'the tablet' }, life: 'tablet-life', seen: { 'tablet-life': 1 } }
        const chosen = new DataTransfer()
        chosen.items.add(new File([JSON.stringify({ ...file, writer, stamps: [] })], 'tablet.json'))
        const input = document.querySelector('input[type=file]')
        input.files = chosen.files
        input.dispatchEvent(new Event('change', { bubbles: true }))
        setTimeout(() => press('Bring together with what is here'), 2000)
        setTimeout(() => document.querySelector('#devices').scrollIntoView(), 4000)
      }
      press('Export everything')`,
    wait: 7000,
  },
  {
    name: 'compare',
    path: '/compare',
    strip: [
      'demo-h-french-ultramarine',
      'demo-t-ultramarine-deep',
      'demo-h-cobalt-blue',
      'demo-s-indanthrone-blue',
      {
        kind: 'mix',
        name: 'Fog grey',
        parts: [
          { paintId: 'demo-h-french-ultramarine', parts: 3 },
          { paintId: 'demo-h-burnt-sienna', parts: 2 },
        ],
        water: 3,
      },
    ],
  },
  {
    name: 'use',
    path: '/palettes/landing-tin/use',
    script: `const press = (text) => [...document.querySelectorAll('button')].find((b) => b.innerText === text).click()
      press('How often')
      press('Proposals')
      setTimeout(() => press('What would you change?'), 400)`,
    wait: 6000,
  },
  {
    name: 'restock',
    path: '/restock/plan',
    script: `[...document.querySelectorAll('button')].find((b) => b.innerText === 'Plan the buying').click()`,
    wait: 7000,
  },
  { name: 'choose-tablet', path: '/palettes/boat-tray/choose', width: 768, height: 1024 },
  { name: 'choose-phone', path: '/palettes/landing-tin/choose', width: 390, height: 844 },
  // last: it makes a palette
  {
    name: 'proposals',
    path: '/palettes?new=1',
    script: `const type = (label, text) => {
        const field = [...document.querySelectorAll('label')].find((l) => l.innerText.trim() === label)
        const input = document.getElementById(field.htmlFor) ?? field.querySelector('input')
        input.value = text
        input.dispatchEvent(new Event('input', { bubbles: true }))
      }
      const press = (text) => [...document.querySelectorAll('button')].find((b) => b.innerText === text)?.click()
      type('Name', 'Autumn tin')
      type('What it is for', 'sea and sky, gorse and wet slate')
      setTimeout(() => press('lasting'), 300)
      setTimeout(() => press('Propose three palettes'), 600)`,
    wait: 20_000,
  },
]

const out = `${ROOT}docs/screenshots/`
await mkdir(out, { recursive: true })
const { driver, close } = await openBrowser()
try {
  await driver.get(url)
  await driver.wait(async () => (await driver.findElements(By.css('main li'))).length > 3, 20_000)
  const only = process.argv.slice(3)
  for (const {
    name,
    path,
    script,
    strip,
    dark,
    bench,
    before = {},
    wait = 700,
    width = 1280,
    height = 800,
  } of only.length ? VIEWS.filter((view) => only.includes(view.name)) : VIEWS) {
    await setSize(driver, width, height)
    await driver.executeScript(
      'localStorage.setItem("jx-theme", arguments[0]); localStorage.setItem("jx-strip", arguments[1])',
      dark ? 'dark' : 'light',
      JSON.stringify(strip ?? []),
    )
    const laid = bench && {
      ...bench,
      scope: bench.scope ?? '',
      parts: bench.parts.map(([paintId, parts]) => ({ paintId, parts })),
    }
    await driver.executeScript(
      'localStorage.setItem("jx-bench", arguments[0])',
      JSON.stringify(laid ?? { parts: [], water: 0, scope: '' }),
    )
    for (const [key, value] of Object.entries(before))
      await driver.executeScript('localStorage.setItem(arguments[0], arguments[1])', key, JSON.stringify(value))
    await driver.get(url + path)
    await driver.wait(async () => !(await driver.findElement(By.css('body')).getText()).includes('Laying out'), 20_000)
    await driver.sleep(wait)
    if (script) {
      await driver.executeScript(script)
      await driver.sleep(wait)
    }
    if (strip)
      for (const i of [0, 1]) await (await driver.findElements(By.css('aside button[aria-pressed]')))[i].click()
    await driver.sleep(500)
    await writeFile(`${out}${name}.png`, Buffer.from(await driver.takeScreenshot(), 'base64'))
    console.log(name)
  }
} finally {
  await close()
}
