<script setup lang="ts">
import { isWet } from '@juxtachrome/core/ledger'
import { counted } from '@juxtachrome/core/units'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { usePaletteCommands } from './commands'
import { useSharing } from './sharing'
import { useAsk } from '~/shared/ui/useAsk'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import PlanAndPans from '~/shared/tray/PlanAndPans.vue'
import { oneScale } from '~/shared/tray/oneScale'
import PaletteThumb from '~/shared/tray/PaletteThumb.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import TakePalette from './TakePalette.vue'

const LazyNewPalette = defineAsyncComponent(() => import('./NewPalette.vue'))

useHead({ title: 'Palettes · Juxtachrome' })
const route = useRoute()
const router = useRouter()
const collection = useCollection()
const commands = usePaletteCommands()
const { ask } = useAsk()
const today = useToday()
const making = computed(() => route.query.new === '1')
const rows = computed(() =>
  collection.palettes.map((palette) => {
    const state = collection.ledger.places(palette.id)
    const contents = [...state.values()].flatMap((p) => p.content ?? [])
    const planned = Object.values(palette.plan).filter((p) => p.paintId).length
    return {
      palette,
      state,
      planned,
      filled: contents.length,
      wet: contents.filter((c) => isWet(c, today.value)).length,
    }
  }),
)
const sharing = useSharing()
const linkTrouble = ref('')
// a palette that somebody handed over by a link comes in once one has said so
watch(
  () => route.hash,
  async (hash) => {
    const handed = await sharing.fromLink(hash)
    if (!handed) return
    linkTrouble.value = handed.ok ? '' : handed.error.message
    await router.replace({ path: route.path, query: route.query })
    if (!handed.ok) return
    const { name, paints, text } = handed.value
    const title = `Take in the palette ${name}?`
    const about = `It holds ${counted(paints, 'paint')} and comes beside what is here. Nothing of yours is changed, and Undo takes it away again.`
    if (!(await ask({ title, text: about, yes: 'Take it in' }))) return
    const taken = sharing.takeIn(text)
    if (taken.ok) await router.push(`/palettes/${taken.value.id}/choose`)
    else linkTrouble.value = taken.error.message
  },
  { immediate: true },
)
/** All at one scale, pixels to a millimetre: the widest fits its card. */
const CARD = 330
const scale = computed(() => oneScale(collection.palettes, CARD))
async function remove(palette: (typeof rows.value)[number]['palette']) {
  const events = collection.ledger.eventsOf(palette.id).length || collection.ledger.sittingsOf(palette.id).length
  const text = events
    ? `Its ${events} journal entries stay readable from the tubes that filled it, and what was drawn stays drawn.`
    : 'Nothing was filled in it yet.'
  if (await ask({ title: `Remove ${palette.name}?`, text, yes: 'Remove it' })) commands.remove(palette, events > 0)
}
</script>

<template>
  <div class="mx-auto w-full max-w-7xl p-3">
    <div class="mb-3 flex flex-wrap items-center gap-2">
      <h1 class="grow">Palettes</h1>
      <NuxtLink v-if="rows.length > 1" class="btn" to="/palettes/beside">Two side by side</NuxtLink>
      <TakePalette @taken="(id: string) => router.push(`/palettes/${id}/choose`)" />
      <NuxtLink class="btn" to="/boxes">Boxes</NuxtLink>
      <NuxtLink class="btn" to="/pans">Pans</NuxtLink>
      <NuxtLink class="btn" to="/ledger">Ledger</NuxtLink>
      <NuxtLink class="btn btn-primary" to="/palettes?new=1">Make a palette</NuxtLink>
    </div>
    <Refusal v-if="linkTrouble" class="mb-3" :says="linkTrouble" />
    <LazyNewPalette
      v-if="making"
      @made="(id, isProposing) => router.push(`/palettes/${id}/choose${isProposing ? '?begin=1' : ''}`)"
      @cancel="router.push('/palettes')"
    />
    <section v-if="rows.length === 0" class="panel max-w-2xl p-5">
      <h2 class="mb-1">A palette is a box, tin, tray or plate</h2>
      <p>
        Choose its holder, drawn to scale, then bring paints from the drawer to its places.
        <NuxtLink class="link" to="/palettes?new=1">Make the first one.</NuxtLink>
      </p>
    </section>
    <ul class="grid gap-4 md:grid-cols-2 xl:grid-cols-3">
      <li v-for="{ palette, state, planned, filled, wet } in rows" :key="palette.id" class="panel flex flex-col p-3">
        <div class="mb-2 flex items-start gap-2">
          <div class="min-w-0 grow">
            <h2>
              <NuxtLink class="hover:underline" :to="`/palettes/${palette.id}/choose`">{{ palette.name }}</NuxtLink>
            </h2>
            <p class="hint">{{ palette.use }} · {{ palette.holder.name }}</p>
          </div>
          <button
            class="btn btn-quiet"
            :aria-label="`Copy ${palette.name}`"
            @click="router.push(`/palettes/${commands.copy(palette).id}/choose`)"
          >
            Copy
          </button>
          <button class="btn btn-quiet" :aria-label="`Remove ${palette.name}`" @click="remove(palette)">Remove</button>
        </div>
        <NuxtLink
          :to="`/palettes/${palette.id}/choose`"
          :aria-label="`Open ${palette.name}`"
          class="flex grow items-center justify-center"
          ><PaletteThumb :palette="palette" :state="state" :scale="scale"
        /></NuxtLink>
        <p class="mt-2 italic">{{ palette.purpose }}</p>
        <p class="hint">
          {{ planned }} of {{ palette.holder.places.length }} planned, {{ filled }} filled{{
            wet ? `, ${wet} wet` : ''
          }}
        </p>
        <PlanAndPans v-if="filled" :palette="palette" />
      </li>
    </ul>
  </div>
</template>
