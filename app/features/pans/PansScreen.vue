<script setup lang="ts">
import { isGone, PAN_SIZES, type PanSize, type Whereabouts } from '@juxtachrome/core/documents'
import { mainPaintOf } from '@juxtachrome/core/ledger'
import { byWheel, viewOfPaint } from '@juxtachrome/core/paints'
import { counted } from '@juxtachrome/core/units'
import { computed, ref } from 'vue'
import { useFillCommands } from '~/features/filling'
import { toggled } from '~/shared/ui/toggled'
import { WHERE_CHOICES, whereHeading } from './words'
import { type PanRow, usePans } from '~/shared/items/usePans'
import { useDayDone } from '~/shared/ui/useDayDone'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import PanLine from './PanLine.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import DayField from '~/shared/ui/DayField.vue'

useHead({ title: 'Pans · Juxtachrome' })
const collection = useCollection()
const filling = useFillCommands()
const today = useToday()
const { typed: doneOn, day } = useDayDone(today)
const { loose, inPalettes } = usePans()
const chosen = ref<string[]>([])
const present = computed(() => chosen.value.filter((id) => loose.value.some((p) => p.vesselId === id)))

const hueOf = (p: PanRow) => {
  const paint = collection.paint(p.vessel.content && mainPaintOf(p.vessel.content))
  return paint && viewOfPaint(paint)
}
/** Pans that lie together, in the order of the wheel; what is gone comes last. */
const groups = computed(() => {
  const byPlace = new Map<string, { where?: Whereabouts; pans: PanRow[] }>()
  for (const pan of loose.value) {
    const heading = whereHeading(pan.whereabouts)
    const group = byPlace.get(heading) ?? { ...(pan.whereabouts ? { where: pan.whereabouts } : {}), pans: [] }
    byPlace.set(heading, group)
    group.pans.push(pan)
  }
  const rank = (w: Whereabouts | undefined) => (w ? WHERE_CHOICES.findIndex((c) => c.id === w.kind) : -1)
  for (const { pans } of byPlace.values())
    pans.sort((p, q) => {
      const [one, other] = [hueOf(p), hueOf(q)]
      return one && other ? byWheel(one, other) : Number(!one) - Number(!other)
    })
  return [...byPlace].sort(([, p], [, q]) => rank(p.where) - rank(q.where)).map(([heading, g]) => ({ heading, ...g }))
})

const kind = ref<Whereabouts['kind']>('master set')
const words = ref('')
const asks = computed(() => WHERE_CHOICES.find((c) => c.id === kind.value)?.asks)
function lay() {
  const where: Whereabouts = {
    kind: kind.value,
    ...(asks.value && words.value.trim() ? { words: words.value.trim().slice(0, 60) } : {}),
  }
  if (
    !filling.stow(
      present.value.map((vesselId) => ({ vesselId })),
      where,
      day.value,
    )
  )
    chosen.value = []
}
const size = ref<PanSize>('half pan')
const count = ref('6')
const prefix = ref('')
const trouble = ref('')
function add() {
  const n = Number(count.value)
  trouble.value = Number.isInteger(n) && n >= 1 && n <= 100 ? '' : 'Between 1 and 100 pans.'
  if (trouble.value) return
  const labels = Array.from({ length: n }, (_, i) =>
    prefix.value.trim() ? `${prefix.value.trim().slice(0, 50)} ${i + 1}` : '',
  )
  filling.addLoose(size.value, labels, day.value)
}
</script>

<template>
  <div class="mx-auto w-full max-w-6xl p-3">
    <div class="mb-3 flex flex-wrap items-center gap-2">
      <h1 class="grow">Pans</h1>
      <NuxtLink class="btn" to="/pans/labels">Labels for their undersides</NuxtLink>
      <NuxtLink class="btn" to="/ledger">Ledger</NuxtLink>
    </div>
    <div class="grid gap-5 lg:grid-cols-[minmax(0,1fr)_19rem]">
      <div>
        <form
          v-if="loose.length"
          class="panel sticky top-0 z-10 mb-3 flex flex-wrap items-end gap-2 p-2"
          @submit.prevent="lay"
        >
          <span class="self-center" role="status">{{ counted(present.length, 'pan') }} chosen:</span>
          <label class="text-sm"
            >into<select v-model="kind" class="input">
              <option v-for="c in WHERE_CHOICES" :key="c.id" :value="c.id">{{ c.text }}</option>
            </select></label
          >
          <label v-if="asks" class="text-sm"
            >{{ asks }}<input v-model="words" class="input w-36" maxlength="60"
          /></label>
          <label class="text-sm">on<DayField aria-label="on" v-model="doneOn" class="w-40" :max="today" /></label>
          <button class="btn btn-primary" :disabled="present.length === 0">Lay them there</button>
        </form>
        <p v-if="loose.length === 0" class="hint mb-3">
          No pan lies loose. Take one out of its place in a palette, put a trip’s pans back among the loose ones, or add
          new ones.
        </p>
        <section v-for="g in groups" :key="g.heading" class="mb-4" :aria-label="g.heading">
          <div class="flex items-baseline gap-3">
            <h2>{{ g.heading }}</h2>
            <span class="hint">{{ counted(g.pans.length, 'pan') }}</span>
            <button
              v-if="!g.where || !isGone(g.where)"
              class="link text-sm"
              :aria-label="`Choose all of ${g.heading}`"
              @click="chosen = [...new Set([...chosen, ...g.pans.map((p) => p.vesselId)])]"
            >
              Choose all
            </button>
          </div>
          <ul>
            <PanLine
              v-for="p in g.pans"
              :key="p.vesselId"
              :pan="p"
              :today="today"
              :chosen="chosen.includes(p.vesselId)"
              @toggle="chosen = toggled(chosen, p.vesselId)"
            />
          </ul>
        </section>
      </div>
      <aside>
        <section class="panel p-3" aria-label="In palettes">
          <h2>In palettes</h2>
          <ul>
            <li v-for="{ palette, places, filled } in inPalettes" :key="palette.id" class="border-t border-line py-1">
              <NuxtLink class="link" :to="`/palettes/${palette.id}/fill`">{{ palette.name }}</NuxtLink><span
                class="hint"
              >
                {{ filled }} of {{ counted(places, 'place') }} with paint</span
              >
            </li>
          </ul>
        </section>
        <form class="panel mt-4 space-y-2 p-3" novalidate aria-label="New pans" @submit.prevent="add">
          <h2>New pans</h2>
          <div class="grid grid-cols-2 gap-2">
            <label class="text-sm">How many<input v-model="count" class="input" inputmode="numeric" /></label>
            <ChoiceField v-model="size" label="Size" :choices="PAN_SIZES" />
          </div>
          <label class="block text-sm"
            >Written under them, and a number<input v-model="prefix" class="input" maxlength="50" placeholder="M"
          /></label>
          <button class="btn">Add them to the loose pans</button>
          <Refusal v-if="trouble" :says="trouble" />
        </form>
      </aside>
    </div>
  </div>
</template>
