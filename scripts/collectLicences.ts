import { mkdirSync, writeFileSync } from 'node:fs'
import license, { type Dependency } from 'rollup-plugin-license'

const COLLECTED = new URL('../.nuxt/licences/', import.meta.url)
const found = new Map<string, Map<string, object>>()

/**
 * A plugin of the build that notes which packages went into one part of what is shipped, with their licences;
 * `scripts/licences.mjs` makes the pages of them.
 */
export function collectLicences(part: 'page' | 'workers' | 'server') {
  const output = (packages: Dependency[]) => {
    // a part may be built in several pieces
    const all = found.get(part) ?? new Map<string, object>()
    found.set(part, all)
    for (const { name, version, license: licence, licenseText: text } of packages)
      all.set(`${name} ${version}`, { name, version, licence, text })
    mkdirSync(COLLECTED, { recursive: true })
    writeFileSync(new URL(`${part}.json`, COLLECTED), JSON.stringify([...all.values()], null, 1))
  }
  const plugin = license({ thirdParty: { includePrivate: false, output } })
  return part === 'page' ? { ...plugin, applyToEnvironment: ({ name }: { name: string }) => name === 'client' } : plugin
}
