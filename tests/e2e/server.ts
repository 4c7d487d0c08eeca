import type { TestProject } from 'vitest/node'
import { serveBuilt } from '../../scripts/serve.mjs'

declare module 'vitest' {
  export interface ProvidedContext {
    url: string
    emptyUrl: string
  }
}

/** Serves the built application twice: started for the demo, and plain. */
export default async function setup(project: TestProject) {
  const [demo, plain] = await Promise.all([serveBuilt({ demo: true }), serveBuilt({ demo: false })])
  project.provide('url', demo.url)
  project.provide('emptyUrl', plain.url)
  return () => {
    demo.stop()
    plain.stop()
  }
}
