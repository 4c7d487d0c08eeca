// What the program answers where a painter would have to sign it: writes docs/judgement.md from the tables of core/tests/judgement.
import { writeFile } from 'node:fs/promises'
import { createServer } from 'vite'

const vite = await createServer({
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error',
  optimizeDeps: { noDiscovery: true },
})
const load = (path) => vite.ssrLoadModule(path)
const core = await load('/core/src/index.ts')
const { callOf, CALLS } = await load('/core/tests/judgement/calls.ts')
const { NINETY } = await load('/core/tests/judgement/collections.ts')
const { BAD_PALETTES, judged } = await load('/core/tests/judgement/palettes.ts')
const { STAND_INS, standInsFor, named } = await load('/core/tests/judgement/standins.ts')
const { STUDENT_LISTS } = await load('/core/tests/judgement/students.ts')
const { READY_METHODS } = await load('/core/src/choosing/index.ts')
const { linesOfGuide } = await load('/core/src/formats/studentLines.ts')
const { supplyOf } = await load('/core/src/order/index.ts')
const { buildDemo } = await load('/server/demo/build.ts')

const demo = buildDemo('2026-06-01')
const supply = { level: 3 }
const evidence = (id) => {
  const own = demo.items.filter((i) => i.paintId === id)
  return { items: own.length, palettes: 0, supply: supplyOf(own) }
}
const tick = (isMet) => (isMet ? 'yes' : '**no**')

const calls = CALLS.map(({ words, codes, demo: names }) => {
  const ofCodes = core.rankCall(callOf(words), NINETY, {
    planned: [],
    evidence: () => ({ items: 1, palettes: 0, supply }),
  })
  const ofDemo = core.rankCall(callOf(words), demo.paints, { planned: [], evidence })
  const first = demo.paints.find((p) => p.id === ofDemo[0].paintId).name
  const isMet = [codes.includes(ofCodes[0].paintId), names.some((n) => first.startsWith(n))]
  const second = ofCodes[1] ? ` (then ${ofCodes[1].paintId})` : ''
  return `| ${words} | ${codes.join(' ')} | ${ofCodes[0].paintId}${second} | ${tick(isMet[0])} | ${names.join(', ')} | ${first} | ${tick(isMet[1])} |`
})
const palettes = BAD_PALETTES.map(({ says, codes, first, crowd, twins, remedy }) => {
  const { gaps, crowds, twins: found } = judged(codes)
  const loud = gaps.filter((g) => !g.quiet)
  const wanted = first ?? (crowd ? `too many: ${crowd}` : `twins: ${twins.join(', ')}`)
  const said = [
    ...loud
      .slice(0, 3)
      .map((g) => `${g.kind}${g.remedy ? ` (${g.remedy.paintId}${g.also ? ` with ${g.also}` : ''})` : ''}`),
    ...crowds.map((c) => `too many: ${c.family}, out ${c.out.join(' ')}`),
    ...found.map((t) => `twins: ${t.paintIds.join(', ')}`),
  ]
  return `| ${says} | ${codes} | ${wanted}${remedy ? `: ${remedy}` : ''} | ${said.join('; ')} |`
})
const standIns = STAND_INS.map(({ of, first }) => {
  const found = standInsFor(of).map(named)
  return `| ${of} | ${first.join(', ')} | ${found[0]} | ${tick(first.includes(found[0]))} | ${found.slice(1, 4).join(', ')} |`
})
const students = STUDENT_LISTS.flatMap(([name, acceptable]) => {
  const lines = linesOfGuide(READY_METHODS.find((g) => g.name === name))
  return acceptable.split('|').map((codes, i) => {
    const is = lines[i].pigments[0]
    return `| ${name} | ${lines[i].name} | ${codes} | ${is} | ${tick(codes.split(' ').includes(is))} |`
  })
})

const text = `# What a painter would have to sign

Written by \`node scripts/judgement.mjs\`; do not edit. Every table was written down first, as an experienced painter would
answer, and then run: common practice, no source, from memory. The tests of \`core/tests/judgement\` hold to them; what is
missed says **no**. What is a tie and what is dull was set with these tables in sight, so they show that the program agrees with
them, not that it would with others.

What counts, wherever paints are ranked, is one room of core (\`core/src/order\`): that it answers squarely, that it lasts, that
it is there, how it handles, what it brings, how usual it is. A difference smaller than what is known is a tie, and the next
criterion decides; the same paints come out in the same order whatever order they come in (a property).

## The first answer to a call

Out of ${NINETY.length} paints of which only the code is known, and out of the demo. The palette is empty: what a paint would bring does not
count yet.

| call | a painter takes | first of the codes | met | of the demo a painter takes | first of the demo | met |
|---|---|---|---|---|---|---|
${calls.join('\n')}

## Palettes that are built badly

What must be said first, and the remedies one of which must be named for it. No remedy is named that was not tried, that
fades, or of which nothing is there.

| what is wrong | palette | said first | what is said, remedies in brackets |
|---|---|---|---|
${palettes.join('\n')}

## What stands in

For a paint that is gone, with ${NINETY.length} codes in the drawer.

| instead of | a painter takes | first | met | then |
|---|---|---|---|---|
${standIns.join('\n')}

## Lists for students

| guide | line | a teacher writes | pigment | met |
|---|---|---|---|---|
${students.join('\n')}

## Reducing

From twenty-four usual paints to twelve an ochre and burnt sienna outlive sap green, Hooker's green and Payne's grey, one of
everything that hands and paper ask for is left, and what fades goes (\`core/tests/judgement/reduce.test.ts\`).

## What is not judged yet

Filling the free places keeps what fades out and counts wishes, but the last earth or dark of a palette counts there no more
than the colours it brings. Recipes are ranked by difference and number of paints; that a pigment is permanent, cheap or a
usual partner does not order them yet. Counts of wishes ("at least three transparent yellows") cannot be said.
`
await writeFile(new URL('../docs/judgement.md', import.meta.url), text)
console.log(
  text
    .split('\n')
    .filter((l) => l.includes('**no**'))
    .join('\n') || 'nothing missed',
)
await vite.close()
