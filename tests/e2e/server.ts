import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { TestProject } from 'vitest/node'
import { serveBuilt } from '../../scripts/serve.mjs'

declare module 'vitest' {
  export interface ProvidedContext {
    url: string
    emptyUrl: string
    /** A file that says which browsers were started. */
    started: string
  }
}

/** Serves the built application twice: started for the demo, and plain. Ends the browsers that were lent from file to file. */
export default async function setup(project: TestProject) {
  const [demo, plain] = await Promise.all([serveBuilt({ demo: true }), serveBuilt({ demo: false })])
  const folder = mkdtempSync(join(tmpdir(), 'jx-browsers-'))
  const started = join(folder, 'started')
  writeFileSync(started, '')
  project.provide('url', demo.url)
  project.provide('emptyUrl', plain.url)
  project.provide('started', started)
  return () => {
    demo.stop()
    plain.stop()
    for (const pid of readFileSync(started, 'utf8').split('\n').filter(Boolean).map(Number)) endBrowser(pid)
    rmSync(folder, { recursive: true, force: true })
  }
}

/** The driver that started a browser, which ends the browser with it. */
function endBrowser(pid: number): void {
  try {
    const driver = Number(readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]!.split(' ')[1])
    process.kill(pid)
    if (driver > 1) process.kill(driver)
  } catch {
    // it is gone already
  }
}
