<script setup lang="ts">
import type { Problem } from '@juxtachrome/core/result'
import { pigmentByCode } from '@juxtachrome/core/pigments'
import { PAINT_FIELDS, wordOf, type Field, type Paint, type PaintFieldKey } from '@juxtachrome/core/documents'
import {
  familyInWords,
  lightfastnessAtBest,
  propertiesOf,
  viewOfPaint,
  type Properties,
} from '@juxtachrome/core/paints'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { usePaintCommands } from './commands'
import { screenSwatch } from '~/shared/swatch/useSwatch'
import { useAsk } from '~/shared/ui/useAsk'
import { useBench } from '~/stores/bench'
import { usePaintName } from '~/shared/words/paintName'
import { useCollection } from '~/stores/collection'
import { useStrip } from '~/stores/strip'
import { LazyPaintSwatches } from '~/features/swatches'
import ItemCard from './ItemCard.vue'
import PhotoOf from '~/shared/ui/PhotoOf.vue'
import PaintCautions from './PaintCautions.vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'

const LazyPaintForm = defineAsyncComponent(() => import('./PaintForm.vue'))

const props = defineProps<{ paint: Paint }>()
const emit = defineEmits<{ close: [] }>()
const collection = useCollection()
const nameOf = usePaintName()
const commands = usePaintCommands()
const strip = useStrip()
const { ask } = useAsk()
const bench = useBench()
const route = useRoute()
const editing = ref(route.query.edit === '1')
function toBench() {
  bench.add(props.paint.id)
  void navigateTo('/bench')
}
watch(
  () => props.paint.id,
  () => {
    editing.value = route.query.edit === '1'
  },
)
const view = computed(() => viewOfPaint(props.paint))
const items = computed(() => collection.itemsOf(props.paint.id))
const palettes = computed(() => commands.palettesWith(props.paint.id))
const swatch = computed(() => screenSwatch(props.paint))
const family = computed(() => {
  if (!view.value.family) return 'unknown: record a swatch'
  const words = familyInWords(view.value)
  return {
    artist: `${words}, as you say`,
    trade: words,
    name: `${words}, by its name`,
    swatch: words,
    pigment: `${words}, assumed from the code`,
  }[view.value.familyFrom ?? 'swatch']
})
const atBest = computed(() => lightfastnessAtBest(props.paint))
function fact(field: Field<PaintFieldKey>): string | undefined {
  const property = field.assumed ? propertiesOf(props.paint)[field.key as keyof Properties] : undefined
  if (field.key === 'lightfastness' && atBest.value)
    return `at best ${atBest.value}: that of one of its pigments is not known`
  if (field.assumed)
    return property && (property.from === 'assumed' ? `${property.value}, assumed from the code` : property.value)
  return wordOf(field, props.paint[field.key]) || undefined
}
const DETAILS = PAINT_FIELDS.filter((f: Field) => f.detail) as Field<PaintFieldKey>[]
/** The parts of a mixture of one's own; it has no tube, and is squeezed from theirs. */
const mixedFrom = computed(() =>
  (props.paint.mixedFrom ?? []).map(({ paintId, parts }) => `${parts} ${nameOf(paintId)}`).join(', '),
)
const facts = computed(() =>
  [
    ['Family', family.value],
    ['Mixed from', mixedFrom.value],
    ...DETAILS.map((f) => [f.label, fact(f)]),
    ['Your marks', props.paint.marks?.join(', ')],
    ['On the screen', swatch.value.caution],
  ].filter(([, value]) => value),
)

function save(after: Paint): Problem | undefined {
  const kept = commands.changePaint(props.paint, after)
  if (!kept.ok) return kept.error
  editing.value = false
  return undefined
}
async function copy() {
  const made = commands.copyPaint(props.paint)
  await navigateTo(`/paints/${made.id}?edit=1`)
}
async function remove() {
  const used = palettes.value.length
    ? ` It is planned in ${palettes.value.map((p) => p.name).join(', ')} and goes from there.`
    : ''
  const held = items.value.length
    ? ` So ${items.value.length === 1 ? 'does the one tube or pan of it' : `do its ${items.value.length} tubes and pans`}.`
    : ''
  if (
    !(await ask({
      title: `Remove ${props.paint.name}?`,
      text: `It leaves the collection.${held}${used} What it filled stays readable.`,
      yes: 'Remove it',
    }))
  )
    return
  commands.removePaint(props.paint)
  emit('close')
}
</script>

<template>
  <article class="p-4" :aria-label="paint.name">
    <div class="mb-2 flex items-start gap-2">
      <div class="min-w-0 grow">
        <h2 class="text-lg wrap-anywhere">
          {{ paint.name }} <span v-if="paint.formula" class="hint ml-1 italic">{{ paint.formula }}</span>
        </h2>
        <p class="hint wrap-anywhere">{{ paint.maker || 'no maker' }}</p>
      </div>
      <button class="btn" @click="strip.lay(paint.id)">To the strip</button>
      <button class="btn btn-quiet" @click="emit('close')">Close</button>
    </div>
    <div class="mb-3 bg-ground p-3"><PaintSwatch :paint="paint" film brushed class="h-20" /></div>
    <LazyPaintForm v-if="editing" :key="paint.id" :paint="paint" :save="save" @cancel="editing = false" />
    <template v-else>
      <p class="mb-1">
        <template v-for="(code, i) in paint.pigments" :key="code"
          ><template v-if="i">, </template
          ><NuxtLink class="link" :to="`/pigments/${encodeURIComponent(pigmentByCode(code)?.id ?? code)}`">{{
            code
          }}</NuxtLink></template
        ><span v-if="!paint.pigments.length" class="hint">no code on the label</span
        ><span v-if="view.unsure" class="hint">: not sure which, see below</span>
      </p>
      <dl class="grid grid-cols-[7.5rem_1fr] gap-x-3 gap-y-0.5">
        <template v-for="[term, value] in facts" :key="term"
          ><dt class="hint">{{ term }}</dt>
          <dd class="wrap-anywhere">{{ value }}</dd></template
        >
      </dl>
      <p v-if="palettes.length" class="mt-2">
        In
        <template v-for="(p, i) in palettes" :key="p.id"
          ><template v-if="i">, </template
          ><NuxtLink class="link" :to="`/palettes/${p.id}/choose`">{{ p.name }}</NuxtLink></template
        >
      </p>
      <PaintCautions :paint="paint" />
      <LazyPaintSwatches :paint="paint" />
      <PhotoOf
        :picture-id="paint.pictureId"
        :title="paint.name"
        @keep="commands.keepPhoto(paint, $event)"
        @remove="commands.removePhoto(paint)"
      />
      <div class="mt-3 flex flex-wrap gap-2">
        <button class="btn" @click="toBench">To the mixing bench</button
        ><button class="btn" @click="editing = true">Change the paint</button
        ><button class="btn" @click="copy">Copy it</button><button class="btn btn-quiet" @click="remove">Remove</button>
      </div>
    </template>
    <section class="mt-4">
      <div class="flex items-center justify-between">
        <h3>Tubes, pans and other items</h3>
        <button class="btn" @click="commands.addItem(paint)">Add a tube</button>
      </div>
      <ul v-if="items.length" class="mt-1">
        <ItemCard v-for="item in items" :key="item.id" :item="item" :paint="paint" />
      </ul>
      <p v-else-if="collection.wished.has(paint.id)" class="mt-1 flex flex-wrap items-center gap-2">
        <span class="hint">You wish for it: it stands on the list of what to buy.</span>
        <NuxtLink class="link" to="/restock">What to buy</NuxtLink>
        <button class="btn btn-quiet" @click="commands.unwish(paint)">No longer</button>
      </p>
      <p v-else class="mt-1 flex flex-wrap items-center gap-2">
        <span class="hint">You own none of it at the moment. Add a tube to fill pans from.</span>
        <button class="btn" @click="commands.wish(paint)">Wish for it</button>
      </p>
    </section>
  </article>
</template>
