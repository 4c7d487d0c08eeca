// Installs what is missing: packages by the lock file, and Debian's browser where that is allowed. Needs nothing but Node.
import { spawn, spawnSync } from 'node:child_process'
import { existsSync, statSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

export const ROOT = fileURLToPath(new URL('..', import.meta.url))

/** Runs a program in the project's folder, its output shown; true when it went well. */
export function run(program, args, env = {}) {
  const { status, error } = spawnSync(program, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } })
  if (error) console.error(`${program}: ${error.message}`)
  return status === 0
}

/** Runs a program beside others; says whether it went well and what it printed. */
export function runQuietly(program, args) {
  return new Promise((resolve) => {
    let printed = ''
    const child = spawn(program, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] })
    child.stdout.on('data', (piece) => (printed += piece))
    child.stderr.on('data', (piece) => (printed += piece))
    child.on('error', (error) => resolve({ fine: false, printed: `${program}: ${error.message}\n` }))
    child.on('close', (status) => resolve({ fine: status === 0, printed }))
  })
}

export function installPackages() {
  const installed = `${ROOT}node_modules/.package-lock.json`
  if (existsSync(installed) && statSync(installed).mtimeMs >= statSync(`${ROOT}package-lock.json`).mtimeMs) return true
  console.log('Installing packages by the lock file …')
  return run('npm', ['ci', '--no-fund', '--no-audit'])
}

const BROWSER = ['/usr/bin/chromium', '/usr/bin/chromedriver']
const PACKAGES = ['chromium', 'chromium-driver', 'poppler-utils', 'fonts-dejavu-core']

/** True when Debian's chromium and its driver are there, or could be installed. */
export function installBrowser() {
  if (BROWSER.every((path) => existsSync(path))) return true
  const allowed = process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')
  if (allowed) {
    console.log(`Installing ${PACKAGES.join(', ')} …`)
    const env = { DEBIAN_FRONTEND: 'noninteractive' }
    if (run('apt-get', ['update', '-qq'], env))
      run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...PACKAGES], env)
  }
  if (BROWSER.every((path) => existsSync(path))) return true
  console.error(
    `The end-to-end tests need ${BROWSER.join(' and ')}. On Debian, as root: apt-get install --no-install-recommends ${PACKAGES.join(' ')}`,
  )
  return false
}
