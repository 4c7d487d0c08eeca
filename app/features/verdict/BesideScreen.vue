<script setup lang="ts">
import { SHOWN_WHEELS } from '@juxtachrome/core/reach'
import { planAt, plannedPaints, type Palette } from '@juxtachrome/core/documents'
import { paletteAt } from '@juxtachrome/core/choosing'
import { computed, type Ref } from 'vue'
import { useVerdict } from './useVerdict'
import { targetInWords } from './briefWords'
import * as say from './words'
import { usePaintName } from '~/shared/words/paintName'
import { useCollection } from '~/stores/collection'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import PaletteThumb from '~/shared/tray/PaletteThumb.vue'
import ReachWheel from './ReachWheel.vue'
import { figure as inFigures } from '~/shared/words/figures'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

useHead({ title: 'Two palettes side by side · Juxtachrome' })
const route = useRoute()
const router = useRouter()
const collection = useCollection()
const nameOf = usePaintName()

const idAt = (key: 'one' | 'other', fallback: number) =>
  computed(() => {
    const asked = String(route.query[key] ?? '')
    const isThere = collection.palettes.some((p) => p.id === asked) || collection.version(asked)
    return isThere ? asked : (collection.palettes[fallback]?.id ?? '')
  })
const ids = [idAt('one', 0), idAt('other', 1)] as const
const versions = computed(() =>
  collection.versions.flatMap((v) => {
    const palette = collection.palette(v.paletteId)
    return palette ? [{ id: v.id, words: `${palette.name}: ${v.name}` }] : []
  }),
)
const choose = (key: 'one' | 'other', event: Event) =>
  router.replace({ query: { ...route.query, [key]: (event.target as HTMLSelectElement).value } })

function side(id: Readonly<Ref<string>>) {
  const palette = computed(() => {
    // asked for by name, so that it is followed
    const [now, version] = [collection.palette(id.value), collection.version(id.value)]
    return (
      now ?? (version && collection.palette(version.paletteId) ? paletteAt(collection.reading, id.value) : undefined)
    )
  })
  const { verdict, trouble, waiting } = useVerdict(id)
  return { id, palette, verdict, trouble, waiting }
}
const sides = ids.map(side) as [ReturnType<typeof side>, ReturnType<typeof side>]
const palettes = computed(() => sides.map((s) => s.palette.value) as [Palette | undefined, Palette | undefined])

const only = (own: Palette | undefined, other: Palette | undefined) => {
  const there = other ? plannedPaints(other) : new Set<string>()
  return own ? [...plannedPaints(own)].filter((id) => !there.has(id)) : []
}
const onlyIn = computed(() => [only(...palettes.value), only(palettes.value[1], palettes.value[0])])
const placesOf = (palette: Palette, paintId: string) =>
  palette.holder.places.filter((p) => planAt(palette, p.id)?.paintId === paintId).map((p) => p.id)
const shared = computed(() => {
  const [one, other] = palettes.value
  if (!one || !other) return []
  const there = plannedPaints(other)
  return [...plannedPaints(one)]
    .filter((id) => there.has(id))
    .map((id) => ({ id, one: placesOf(one, id).join(', '), other: placesOf(other, id).join(', ') }))
})
const moved = computed(() => shared.value.filter((s) => s.one !== s.other))

const figure = (pick: (v: NonNullable<(typeof sides)[0]['verdict']['value']>) => string | undefined) =>
  sides.map((s) => (s.verdict.value && pick(s.verdict.value)) ?? '…')
const rows = computed(() => [
  ['Counted against', figure((v) => v.tables.map((t) => t.name).join(', ') || undefined)],
  ['Reach', figure((v) => v.reach && say.percent(v.reach.reach))],
  ['Straight from the pan', figure((v) => v.reach && say.percent(v.reach.one))],
  ['With two paints', figure((v) => v.reach && say.percent(v.reach.two))],
  [
    'Gaps',
    figure(
      (v) =>
        v.gaps &&
        (v.gaps
          .filter((g) => !g.quiet)
          .map((g) => g.kind)
          .join(', ') ||
          'none named'),
    ),
  ],
  ['Near twins', figure((v) => v.twins && String(v.twins.length))],
  ['The rest mixes', figure((v) => v.spares && (v.spares.map((s) => nameOf(s.paintId)).join(', ') || 'none'))],
  [
    'Without a neutraliser',
    figure(
      (v) =>
        v.neutrals &&
        (v.neutrals
          .filter((n) => !n.best)
          .map((n) => nameOf(n.paintId))
          .join(', ') ||
          'none'),
    ),
  ],
  [
    'Deepest dark',
    figure(
      (v) =>
        v.values &&
        (v.values.mixed ?? v.values.alone) &&
        `L* ${inFigures(Math.min(v.values.mixed?.L ?? 100, v.values.alone?.L ?? 100))}`,
    ),
  ],
  ['Lightfastness', figure((v) => v.handling && say.tallyInWords(v.handling.lightfastness))],
  ['Pigments', figure((v) => v.handling && String(v.handling.pigments))],
])
</script>

<template>
  <div class="mx-auto w-full max-w-7xl p-3">
    <h1 class="mb-3">Two palettes side by side</h1>
    <p v-if="collection.palettes.length + versions.length < 2">
      There must be two palettes to lay beside each other.
      <NuxtLink class="link" to="/palettes?new=1">Make a palette.</NuxtLink>
    </p>
    <template v-else>
      <div class="grid gap-4 md:grid-cols-2">
        <section v-for="(s, i) in sides" :key="i" class="panel min-w-0 p-3" :aria-label="i ? 'The other' : 'The one'">
          <select
            class="input mb-2"
            :aria-label="i ? 'The other palette' : 'The one palette'"
            :value="s.id.value"
            @change="choose(i ? 'other' : 'one', $event)"
          >
            <option v-for="p in collection.palettes" :key="p.id" :value="p.id">{{ p.name }}</option>
            <option v-for="v in versions" :key="v.id" :value="v.id">{{ v.words }}</option>
          </select>
          <template v-if="s.palette.value">
            <PaletteThumb :palette="s.palette.value" :state="collection.ledger.places(s.id.value)" />
            <span v-if="s.verdict.value?.map" class="mt-2 flex gap-1 bg-ground p-1 text-on-ground">
              <ReachWheel
                v-for="w in SHOWN_WHEELS"
                :key="w"
                :wheel="w"
                :map="s.verdict.value.map"
                still
                class="min-w-0 flex-1"
              />
            </span>
            <p class="mt-2">
              {{ s.verdict.value ? say.reachInWords(s.verdict.value) : s.trouble.value || 'Being worked out …' }}
            </p>
            <template v-for="w in s.waiting.value" :key="w.key">
              <WorkingBar v-if="w.building" class="hint" :done="w.building.done" label="Working out"
                >working out {{ targetInWords(w.building.want.choice) }}</WorkingBar
              >
            </template>
            <h2 class="mt-3">Only here</h2>
            <ul v-if="onlyIn[i]!.length" class="mt-1 grid gap-1 sm:grid-cols-2">
              <li v-for="id in onlyIn[i]" :key="id" class="flex h-9 items-center gap-2">
                <span class="h-8 w-12 shrink-0 bg-ground"
                  ><PaintSwatch v-if="collection.paint(id)" :paint="collection.paint(id)!" class="h-full"
                /></span>
                <NuxtLink class="link min-w-0 truncate" :to="`/paints/${id}`">{{ nameOf(id) }}</NuxtLink>
              </li>
            </ul>
            <p v-else class="hint">Every paint of it is in the other, too.</p>
          </template>
        </section>
      </div>
      <div class="panel mt-4 overflow-x-auto p-3" tabindex="0" role="region" aria-label="Figures of both">
        <table class="w-full">
          <thead>
            <tr class="text-left">
              <th class="pr-3"><span class="sr-only">What</span></th>
              <th v-for="(p, i) in palettes" :key="i" class="pr-3">{{ p?.name }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="[term, both] in rows" :key="term as string" class="border-t border-line align-top">
              <th class="hint py-1 pr-3 text-left font-normal">{{ term }}</th>
              <td v-for="(words, i) in both as string[]" :key="i" class="py-1 pr-3">{{ words }}</td>
            </tr>
          </tbody>
        </table>
        <p class="hint mt-2">
          {{ shared.length }} in both{{
            moved.length
              ? `; in another place: ${moved.map((m) => `${nameOf(m.id)} (${m.one} here, ${m.other} there)`).join(', ')}`
              : ''
          }}. Each is counted against its own brief.
        </p>
      </div>
    </template>
  </div>
</template>
