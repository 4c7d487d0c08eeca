import { spawn, type ChildProcess } from 'node:child_process'
import { existsSync } from 'node:fs'
import { createServer } from 'node:net'
import { fileURLToPath } from 'node:url'
import type { TestProject } from 'vitest/node'

declare module 'vitest' {
  export interface ProvidedContext {
    url: string
    emptyUrl: string
  }
}

const built = fileURLToPath(new URL('../../.output/server/index.mjs', import.meta.url))

const freePort = () =>
  new Promise<number>((resolve, reject) => {
    const probe = createServer()
      .on('error', reject)
      .listen(0, '127.0.0.1', () => {
        const address = probe.address()
        probe.close(() =>
          address && typeof address === 'object' ? resolve(address.port) : reject(new Error('no port')),
        )
      })
  })

async function start(demo: boolean): Promise<{ url: string; child: ChildProcess }> {
  const port = await freePort()
  const child = spawn(process.execPath, [built], {
    env: { ...process.env, HOST: '127.0.0.1', PORT: String(port), JUXTACHROME_DEMO: demo ? '1' : '' },
    stdio: 'ignore',
  })
  const url = `http://127.0.0.1:${port}`
  for (let i = 0; i < 100; i += 1) {
    if (
      await fetch(`${url}/api/health`).then(
        (r) => r.ok,
        () => false,
      )
    )
      return { url, child }
    await new Promise((r) => setTimeout(r, 100))
  }
  child.kill()
  throw new Error('the built application does not answer')
}

/** Serves the built application twice: started for the demo, and plain. */
export default async function setup(project: TestProject) {
  if (!existsSync(built)) throw new Error('Build first: npm run build')
  const [demo, plain] = await Promise.all([start(true), start(false)])
  project.provide('url', demo.url)
  project.provide('emptyUrl', plain.url)
  return () => {
    demo.child.kill()
    plain.child.kill()
  }
}
