// Every check, from a fresh clone: installs, tables, lint, types, unit, build, end to end. Ends with a line of counts.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { installBrowser, installPackages, run, runQuietly } from './setup.mjs'

const reports = mkdtempSync(join(tmpdir(), 'jx-reports-'))
const counts = { passed: 0, failed: 0, skipped: 0 }

/** A check that is one thing: passes or fails. */
function check(name, program, args) {
  const begun = Date.now()
  console.log(`\n— ${name}`)
  const fine = run(program, args)
  counts[fine ? 'passed' : 'failed'] += 1
  console.log(`  ${fine ? 'fine' : 'FAILED'} (${((Date.now() - begun) / 1000).toFixed(0)} s)`)
  return fine
}

/**
 * Rows of checks, two rows beside each other: whoever is free takes the next. What each printed is shown when it ends.
 * Says which of them failed.
 */
async function beside(...rows) {
  const failed = new Set()
  const lane = async () => {
    for (let row = rows.shift(); row; row = rows.shift())
      for (const [name, program, args] of row) {
        const begun = Date.now()
        const { fine, printed } = await runQuietly(program, args)
        counts[fine ? 'passed' : 'failed'] += 1
        if (!fine) failed.add(name)
        const seconds = ((Date.now() - begun) / 1000).toFixed(0)
        console.log(`\n— ${name}\n${printed}  ${fine ? 'fine' : 'FAILED'} (${seconds} s)`)
      }
  }
  await Promise.all([lane(), lane()])
  return failed
}

/** Tests counted one by one from the runner's own report. */
function tests(name, projects) {
  const begun = Date.now()
  const file = join(reports, `${name}.json`)
  console.log(`\n— ${name} tests`)
  const fine = run('npx', [
    'vitest',
    'run',
    ...projects.flatMap((p) => ['--project', p]),
    '--reporter=dot',
    '--reporter=json',
    `--outputFile.json=${file}`,
  ])
  try {
    const report = JSON.parse(readFileSync(file, 'utf8'))
    counts.passed += report.numPassedTests
    counts.failed += report.numFailedTests + (!fine && report.numFailedTests === 0 ? 1 : 0)
    counts.skipped += report.numPendingTests
    for (const suite of report.testResults)
      for (const t of suite.assertionResults)
        if (t.status === 'failed')
          console.log(`  FAILED ${t.fullName}\n    ${(t.failureMessages[0] ?? '').split('\n')[0]}`)
        else if (t.status === 'passed' && t.failureMessages?.length)
          console.log(`  at the second try: ${t.fullName}\n    ${t.failureMessages[0].split('\n')[0]}`)
  } catch {
    counts.failed += 1
  }
  console.log(`  (${((Date.now() - begun) / 1000).toFixed(0)} s)`)
}

if (!installPackages()) {
  console.log('\n0 passed, 1 failed')
  process.exit(1)
}
check('Nuxt prepares', 'npx', ['nuxt', 'prepare', '--logLevel', 'silent'])
// two cores; the build writes what the application's types read
const failed = await beside(
  [
    ['build', 'npx', ['nuxt', 'build', '--logLevel', 'silent']],
    ['types of the application', 'npx', ['vue-tsc', '-b', '--noEmit']],
  ],
  [['lint', 'npx', ['eslint', '.', '--max-warnings', '0']]],
  [['format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']]],
  [['types of the tests', 'npx', ['tsc', '-p', 'tests']]],
  [['types of core, without the DOM', 'npx', ['tsc', '-p', 'core']]],
  [['generated tables agree with data/', process.execPath, ['scripts/build-tables.mjs', '--check']]],
)
tests('unit', ['unit', 'apart'])
const built = !failed.has('build')
if (built) check('the page of licences', process.execPath, ['scripts/licences.mjs', '--check'])
if (built && installBrowser()) tests('e2e', ['e2e'])
else {
  counts.failed += 1
  console.error('The end-to-end tests did not run.')
}
rmSync(reports, { recursive: true, force: true })
console.log(`\n${counts.passed} passed, ${counts.failed} failed, ${counts.skipped} skipped`)
process.exit(counts.failed ? 1 : 0)
