import { capital } from '~/shared/words/capital'
import { againstChild } from '@juxtachrome/core/paints'
import { fail, ok } from '@juxtachrome/core/result'
import { added, type Brief, removed, updated, lackingPlaces, type Palette, planAt } from '@juxtachrome/core/documents'
import { clearPlan, lockPlace, movePlan, placePaint, reservePlace } from '@juxtachrome/core/arranging'
import { dayOf } from '@juxtachrome/core/units'
import { nanoid } from 'nanoid'
import { keptPicture } from '~/shared/files/keptPicture'
import { useChangePalette } from '~/shared/tray/changePalette'
import { asHolder } from '~/features/boxes'
import { useCollection } from '~/stores/collection'
import { useUndo } from '~/stores/undo'

/** A palette as it begins. */
type Begun = Pick<Palette, 'name' | 'use' | 'purpose' | 'holder'> & { brief?: Brief }

/** A brief without its empty lists; none where nothing is said. */
function saidOf(brief: Brief): Brief | undefined {
  const said = Object.entries(brief).filter(([, v]) => !Array.isArray(v) || v.length > 0)
  return said.length ? Object.fromEntries(said) : undefined
}

/** As many letters as a name takes that was not typed. */
const SHORT = 40
/** What a palette is called that has no name of its own: the first words of what it is for. */
export function nameFor(purpose: string): string {
  const [first = ''] = purpose.trim().split(/[,;.]/)
  const short = first.length <= SHORT ? first : first.slice(0, SHORT).replace(/\s\S*$/, '')
  return capital(short)
}

/** What a person does to palettes. Each is one entry of the undo list, in words. */
export function usePaletteCommands() {
  const collection = useCollection()
  const undo = useUndo()
  const paintName = (id: string | undefined) => collection.paint(id)?.name ?? 'a paint'

  const { attempt: change } = useChangePalette()

  const inPlace = (palette: Palette | undefined, placeId: string) => {
    const plan = palette && planAt(palette, placeId)
    return plan?.paintId ? paintName(plan.paintId) : plan?.reserved !== undefined ? 'a reservation' : 'nothing'
  }

  return {
    create({ holder, brief, ...said }: Begun): Palette {
      const known = saidOf(brief ?? {})
      const palette: Palette = {
        ...{ id: nanoid(12), v: 1, ...said, holder: asHolder(holder), plan: {} },
        ...(known ? { brief: known } : {}),
      }
      undo.commit(`made the palette ${said.name}`, [added('palettes', palette)])
      return palette
    },
    /** Another palette with the same box and plan; what was filled stays with the first. */
    copy(palette: Palette): Palette {
      const name = `${palette.name}, copy`.slice(0, 120)
      const copy: Palette = { ...palette, id: nanoid(12), name }
      undo.commit(`copied the palette ${palette.name}`, [added('palettes', copy)])
      return copy
    },
    rename: (palette: Palette, details: Pick<Palette, 'name' | 'use' | 'purpose' | 'forChild'>) =>
      undo.commit(`changed the details of ${details.name}`, [updated('palettes', palette, { ...palette, ...details })]),
    /** A photograph of the tin, kept with the pictures, as one step. */
    keepPhoto(palette: Palette, image: string) {
      const { id, changes } = keptPicture(image, dayOf(new Date()))
      const after = { ...palette, pictureId: id }
      return undo.commit(`kept a photograph of ${palette.name}`, [...changes, updated('palettes', palette, after)])
    },
    removePhoto: (palette: Palette) =>
      undo.commit(`removed the photograph of ${palette.name}`, [
        updated('palettes', palette, { ...palette, pictureId: undefined }),
      ]),
    /** What a palette is for; `words` say what of it was changed. */
    setBrief: (paletteId: string, brief: Brief, words: string) =>
      change(paletteId, `brief: ${words}`, (palette) => {
        const said = saidOf(brief)
        const { brief: _old, ...rest } = palette
        return ok(said ? { ...rest, brief: said } : rest)
      }),
    /** Takes a palette away; one with a history keeps it. */
    remove(palette: Palette, hasHistory: boolean) {
      undo.commit(`removed the palette ${palette.name}`, [
        hasHistory ? updated('palettes', palette, { ...palette, removed: true }) : removed('palettes', palette),
      ])
    },
    place: (paletteId: string, placeId: string, paintId: string) =>
      change(paletteId, `placed ${paintName(paintId)} in ${placeId}`, (p) => {
        const paint = p.forChild && collection.paint(paintId)
        const against = paint && againstChild(paint)
        return against
          ? fail('not-for-children', `${p.name} is for a child: ${paint.name} stays out, since ${against}`)
          : placePaint(p, placeId, paintId)
      }),
    move: (paletteId: string, from: string, to: string) =>
      change(paletteId, `moved ${inPlace(collection.palette(paletteId), from)} to ${to}`, (p) => movePlan(p, from, to)),
    clear: (paletteId: string, placeId: string) =>
      change(paletteId, `took ${inPlace(collection.palette(paletteId), placeId)} out of ${placeId}`, (p) =>
        clearPlan(p, placeId),
      ),
    reserve: (paletteId: string, placeId: string, note: string) =>
      change(paletteId, `kept ${placeId} free${note ? ` for ${note}` : ''}`, (p) => reservePlace(p, placeId, note)),
    lock: (paletteId: string, placeId: string, locked: boolean) =>
      change(paletteId, `${locked ? 'locked' : 'unlocked'} ${placeId}`, (p) => lockPlace(p, placeId, locked)),
    /** Two paints that are never to lie side by side, or may again. */
    keepApart(paletteId: string, one: string, other: string, apart: boolean) {
      const words = `${paintName(one)} and ${paintName(other)}`
      return change(paletteId, apart ? `keeps ${words} apart` : `lets ${words} lie together`, (palette) => {
        const rest = (palette.apart ?? []).filter((pair) => !(pair.includes(one) && pair.includes(other)))
        const { apart: _was, ...bare } = palette
        const pairs = apart ? [...rest, [one, other] as [string, string]] : rest
        return ok(pairs.length ? { ...bare, apart: pairs } : bare)
      })
    },
    takeArrangement(palette: Palette, { plan }: Pick<Palette, 'plan'>, order: string) {
      // what is planned for places that the box lacks has no place in any order, and stays
      const lacking = lackingPlaces(palette).map((id) => [id, palette.plan[id]!] as const)
      const after = { ...palette, plan: { ...Object.fromEntries(lacking), ...plan } }
      undo.commit(`ordered ${palette.name}: ${order}`, [updated('palettes', palette, after)])
    },
  }
}
