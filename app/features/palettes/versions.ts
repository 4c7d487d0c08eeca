import { added, atVersion, type Palette, removed, updated, type Version, versionOf } from '@juxtachrome/core/documents'
import { intoHolder, keepingOnly } from '@juxtachrome/core/choosing'
import { counted } from '@juxtachrome/core/units'
import { nanoid } from 'nanoid'
import { copied } from '~/shared/words/copied'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useUndo } from '~/stores/undo'

type Details = Pick<Version, 'name' | 'day'> & { reason?: string }

/** A palette as it is now, to be kept as a version. */
export const madeVersion = (palette: Palette, { name, day, reason }: Details): Version => ({
  id: nanoid(12),
  v: 1,
  paletteId: palette.id,
  name: name.slice(0, 120),
  day,
  ...(reason ? { reason: reason.slice(0, 300) } : {}),
  ...copied(versionOf(palette)),
})

/** What a person does with versions of a palette. Nothing of them is ever changed; what comes after is another. */
export function useVersionCommands() {
  const collection = useCollection()
  const undo = useUndo()
  const notices = useNotices()

  /** A palette of its own, with what a plan has; what was filled stays with the first. */
  function branch(palette: Palette, name: string, plan: Palette['plan'], words: string): Palette {
    const { guide: _left, ...rest } = palette
    const copy: Palette = { ...copied(rest), id: nanoid(12), name: name.slice(0, 120), plan: copied(plan) }
    undo.commit(words, [added('palettes', copy)])
    return copy
  }

  return {
    keep(palette: Palette, details: Details) {
      undo.commit(`kept the version ${details.name} of ${palette.name}`, [
        added('versions', madeVersion(palette, details)),
      ])
    },
    /** Plans the palette as it was; what it is now is kept as a version first, unless it is one. */
    goBack(palette: Palette, version: Version, day: string, isKept: boolean) {
      const before = collection.palette(palette.id)
      if (!before) return
      const present = isKept
        ? []
        : [added('versions', madeVersion(before, { name: `before going back to ${version.name}`, day }))]
      undo.commit(`went back to ${version.name}`, [
        ...present,
        updated('palettes', before, atVersion(before, copied(version))),
      ])
    },
    remove: (version: Version) => undo.commit(`removed the version ${version.name}`, [removed('versions', version)]),
    branch: (palette: Palette, version: Version) =>
      branch(
        atVersion(palette, version),
        `${palette.name}: ${version.name}`,
        version.plan,
        `branched from ${version.name}`,
      ),
    /** Only some paints stay; the other places are free for something else. */
    branchWith: (palette: Palette, name: string, stays: (paintId: string) => boolean) =>
      branch(palette, name, keepingOnly(palette, stays), `branched ${name}`),
    branchInto(palette: Palette, holder: Palette['holder']) {
      const { plan, left } = intoHolder(palette, holder)
      if (left.length)
        notices.trouble(`${counted(left.length, 'paint')} found no place in ${holder.name} and stay behind.`)
      return branch(
        { ...palette, holder },
        `${palette.name}, ${holder.places.length}`,
        plan,
        `branched into ${holder.name}`,
      )
    },
  }
}
