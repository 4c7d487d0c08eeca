<script setup lang="ts">
import { planAt, plannedPaints, type Palette } from '@juxtachrome/core/documents'
import { paletteAt } from '@juxtachrome/core/choosing'
import { counted } from '@juxtachrome/core/units'
import { computed, ref, type Ref } from 'vue'
import { useVerdict } from './useVerdict'
import { targetInWords } from './briefWords'
import * as say from './words'
import { letterOf } from './words'
import { usePaintName } from '~/shared/words/paintName'
import { useCollection } from '~/stores/collection'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import PaletteThumb from '~/shared/tray/PaletteThumb.vue'
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import { listed } from '~/shared/words/figures'
import { usePreferences } from '~/stores/preferences'
import { besideRows } from './besideRows'
import ReachTogether from './ReachTogether.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

useHead({ title: 'Two palettes side by side · Juxtachrome' })
const route = useRoute()
const router = useRouter()
const collection = useCollection()
const preferences = usePreferences()
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

const rows = computed(() =>
  besideRows(
    sides.map((one) => one.verdict.value),
    preferences.figures,
  ),
)
/** Both maps, when both are known. */
const maps = computed(() =>
  sides.flatMap((one, i) => {
    const map = one.verdict.value?.map
    return map ? [{ label: palettes.value[i]?.name ?? '', map }] : []
  }),
)
const movedInWords = computed(() =>
  listed(moved.value.map((m) => `${paintToken(m.id)} (${m.one} in ${letterOf(0)}, ${m.other} in ${letterOf(1)})`)),
)

// on a narrow screen one of them is seen at a time, at the same place, swiped or chosen by its name
const swiped = ref<HTMLElement>()
const here = ref(0)
const show = (i: number) => {
  const row = swiped.value
  row?.scrollTo({ left: i * row.clientWidth, behavior: 'smooth' })
  here.value = i
}
const swipe = () => {
  const row = swiped.value
  if (row) here.value = Math.round(row.scrollLeft / row.clientWidth)
}
</script>

<template>
  <div class="mx-auto w-full max-w-7xl p-3">
    <h1 class="mb-3">Two palettes side by side</h1>
    <p v-if="collection.palettes.length + versions.length < 2">
      There must be two palettes to lay beside each other.
      <NuxtLink class="link" to="/palettes?new=1">Make a palette.</NuxtLink>
    </p>
    <template v-else>
      <div class="mb-3 flex gap-3">
        <label v-for="(s, i) in sides" :key="i" class="min-w-0 flex-1">
          <span class="mb-1 block text-sm font-medium">{{ letterOf(i) }}</span>
          <select
            class="input w-full"
            :aria-label="i ? 'The other palette' : 'The one palette'"
            :value="s.id.value"
            @change="choose(i ? 'other' : 'one', $event)"
          >
            <option v-for="p in collection.palettes" :key="p.id" :value="p.id">{{ p.name }}</option>
            <option v-for="v in versions" :key="v.id" :value="v.id">{{ v.words }}</option>
          </select>
        </label>
      </div>
      <ReachTogether v-if="maps.length === 2" class="mb-3" :sides="maps" />
      <div role="group" aria-label="Which of them is shown" class="pair-choice mb-2 flex gap-2">
        <button
          v-for="(p, i) in palettes"
          :key="i"
          class="btn min-w-0 flex-1"
          :aria-pressed="here === i"
          @click="show(i)"
        >
          <span class="truncate">{{ letterOf(i) }} {{ p?.name }}</span>
        </button>
      </div>
      <div ref="swiped" class="pair gap-3" @scrollend="swipe">
        <section v-for="(s, i) in sides" :key="i" class="panel min-w-0 p-3" :aria-label="i ? 'The other' : 'The one'">
          <template v-if="s.palette.value">
            <h2 class="mb-2 text-base">
              <span class="mr-1 font-normal text-muted">{{ letterOf(i) }}</span>{{ s.palette.value.name }}
            </h2>
            <PaletteThumb :palette="s.palette.value" :state="collection.ledger.places(s.id.value)" />
            <p class="mt-2">
              {{ s.verdict.value ? say.reachInWords(s.verdict.value) : s.trouble.value || 'Being worked out …' }}
            </p>
            <template v-for="w in s.waiting.value" :key="w.key">
              <WorkingBar v-if="w.building" class="hint" :done="w.building.done" label="Working out"
                >working out {{ targetInWords(w.building.want.choice) }}</WorkingBar
              >
            </template>
            <h3 class="mt-3">Only here</h3>
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
      <div class="panel mt-3 overflow-x-auto p-3" tabindex="0" role="region" aria-label="Both compared">
        <table class="w-full">
          <thead>
            <tr class="text-left">
              <th class="pr-3"><span class="sr-only">What</span></th>
              <th v-for="(p, i) in palettes" :key="i" class="w-2/5 pr-3">
                <span class="mr-1 font-normal text-muted">{{ letterOf(i) }}</span>{{ p?.name }}
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="{ term, words } in rows" :key="term" class="border-t border-line align-top">
              <th class="hint py-1 pr-3 text-left font-normal">{{ term }}</th>
              <td v-for="(said, i) in words" :key="i" class="py-1 pr-3"><SaidPaints :text="said" /></td>
            </tr>
          </tbody>
        </table>
        <p class="hint mt-2">
          {{ counted(shared.length, 'paint') }} in both<template v-if="moved.length"
            >; in another place: <SaidPaints :text="movedInWords" /></template
          >. Each is judged for its own purpose.
          <button class="link" :aria-pressed="preferences.figures" @click="preferences.figures = !preferences.figures">
            {{ preferences.figures ? 'Without the figures' : 'The figures' }}
          </button>
        </p>
      </div>
    </template>
  </div>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.pair-choice {
  display: none;
}
@media (width < 56.25rem) {
  .pair-choice {
    display: flex;
  }
  .pair {
    display: flex;
    overflow-x: auto;
    scroll-snap-type: x mandatory;
    overscroll-behavior-x: contain;
  }
  .pair > * {
    flex: 0 0 100%;
    scroll-snap-align: start;
  }
}
</style>
