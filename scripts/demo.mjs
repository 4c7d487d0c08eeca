// One command from a fresh clone to the open demo: installs, builds when something changed, starts, says where.
import { spawn } from 'node:child_process'
import { existsSync, readdirSync, statSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { installPackages, ROOT, run } from './setup.mjs'

const BUILT = `${ROOT}.output/server/index.mjs`
const SOURCES = ['app', 'core/src', 'server', 'public', 'nuxt.config.ts', 'package-lock.json']

function newest(path) {
  const stat = statSync(path)
  if (!stat.isDirectory()) return stat.mtimeMs
  return Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name))))
}
const isStale = () => !existsSync(BUILT) || Math.max(...SOURCES.map((s) => newest(ROOT + s))) > statSync(BUILT).mtimeMs

const isFree = (port) =>
  new Promise((resolve) => {
    const probe = createServer()
      .once('error', () => resolve(false))
      .listen(port, '127.0.0.1', () => probe.close(() => resolve(true)))
  })
async function freePort(from) {
  for (let port = from; port < from + 50; port += 1) if (await isFree(port)) return port
  throw new Error(`No free port between ${from} and ${from + 49}`)
}

if (!installPackages()) process.exit(1)
if (isStale()) {
  console.log('Building, about a minute …')
  if (!run('npx', ['nuxt', 'build', '--logLevel', 'silent'])) process.exit(1)
}
const port = await freePort(Number(process.env.PORT) || 3000)
const server = spawn(process.execPath, [BUILT], {
  env: { ...process.env, HOST: '127.0.0.1', PORT: String(port), JUXTACHROME_DEMO: '1' },
  stdio: ['ignore', 'ignore', 'inherit'],
})
server.on('exit', (code) => process.exit(code ?? 0))
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
for (let i = 0; i < 100; i += 1) {
  if (
    await fetch(`http://127.0.0.1:${port}/api/health`).then(
      (r) => r.ok,
      () => false,
    )
  )
    break
  await new Promise((r) => setTimeout(r, 100))
}
console.log(`\nJuxtachrome with its demo collection: http://localhost:${port}\nStop it with Ctrl+C.`)
