// Sixty killed browsers during single writes, sixty during bulk writes and sixty crashed windows among others:
// `npm run reliability`, about twenty minutes, or `npm run reliability -- 5` for five of each. What it holds the application to: docs/reliability.md.
import { crashWindows, killDuringBulkWrites, killDuringSingleWrites } from './killing.mjs'
import { serveBuilt } from './serve.mjs'

const rounds = Number(process.argv[2] ?? 60)
const { url, stop } = await serveBuilt({ demo: true })
try {
  const say = (line) => console.log(line)
  const single = await killDuringSingleWrites(url, rounds, say)
  const bulk = await killDuringBulkWrites(url, rounds, say)
  const windows = await crashWindows(url, rounds, say)
  const wrong = [...single.wrong, ...bulk.wrong, ...windows.wrong]
  console.log(`\n${single.saved} single changes were said to be saved in ${rounds} killed browsers.`)
  console.log(
    `${bulk.told} of ${rounds} imports were said to be in, ${bulk.whole} were there whole, the others not at all.`,
  )
  console.log(`${windows.saved} acts were said to be saved in ${rounds} crashed windows.`)
  console.log(wrong.length ? `\nWRONG:\n${wrong.join('\n')}` : '\nNothing was lost, nothing was half there.')
  process.exitCode = wrong.length ? 1 : 0
} finally {
  stop()
}
