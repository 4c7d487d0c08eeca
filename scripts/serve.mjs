// Serves the built application on a free port of this machine, for tests, measurements and pictures.
import { spawn } from 'node:child_process'
import { existsSync } from 'node:fs'
import { createServer } from 'node:net'
import { fileURLToPath } from 'node:url'

const BUILT = fileURLToPath(new URL('../.output/server/index.mjs', import.meta.url))

const freePort = () =>
  new Promise((resolve, reject) => {
    const probe = createServer()
      .on('error', reject)
      .listen(0, '127.0.0.1', () => {
        const address = probe.address()
        probe.close(() =>
          address && typeof address === 'object' ? resolve(address.port) : reject(new Error('no port')),
        )
      })
  })

/**
 * @param {{ demo: boolean }} options
 * @returns {Promise<{ url: string, stop: () => void }>}
 */
export async function serveBuilt({ demo }) {
  if (!existsSync(BUILT)) throw new Error('Build first: npm run build')
  const port = await freePort()
  const child = spawn(process.execPath, [BUILT], {
    env: { ...process.env, HOST: '127.0.0.1', PORT: String(port), JUXTACHROME_DEMO: demo ? '1' : '' },
    stdio: 'ignore',
  })
  const stop = () => void child.kill()
  const url = `http://127.0.0.1:${port}`
  for (let i = 0; i < 100; i += 1) {
    const answers = await fetch(`${url}/api/health`).then(
      (r) => r.ok,
      () => false,
    )
    if (answers) return { url, stop }
    await new Promise((r) => setTimeout(r, 100))
  }
  stop()
  throw new Error('the built application does not answer')
}
