<script setup lang="ts">
import { viewOfPaint } from '@juxtachrome/core/paints'
import type { Paint } from '@juxtachrome/core/documents'
import {
  fadingIn,
  partsUnderLamp,
  recipeDifferenceInWords,
  underLights,
  unlikeTarget,
  type FoundRecipe,
  type RecipeTarget,
} from '@juxtachrome/core/mixing'
import { counted } from '@juxtachrome/core/units'
import { computed, onUnmounted, ref, shallowRef, watch } from 'vue'
import { useRecipeCommands } from './commands'
import { opticsOf } from '~/shared/swatch/opticsOf'
import { useMixtures, waterInWords } from '~/shared/swatch/useMixtures'
import { screenStops } from '~/shared/swatch/useSwatch'
import { useBench } from '~/stores/bench'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useSettings } from '~/stores/settings'
import { useStrip } from '~/stores/strip'
import { useCore } from '~/shared/questions/useCore'
import ColourRow from '~/shared/swatch/ColourRow.vue'
import TwoColours from '~/shared/swatch/TwoColours.vue'
import { figure } from '~/shared/words/figures'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

const bench = useBench()
const collection = useCollection()
const strip = useStrip()
const { predict, inWords } = useMixtures()
const commands = useRecipeCommands()
const most = ref<1 | 2 | 3>(3)
const settings = useSettings()
const mayBeIn = (which: 'white' | 'black') => settings.inMixtures.includes(which)
const found = shallowRef<FoundRecipe[]>([])
const left = shallowRef<{ id: string; message: string }[]>([])
const progress = ref<number>()
const trouble = ref('')
let asked: { cancel(): void } | undefined

const targetPaint = computed(() =>
  bench.target?.kind === 'paint' ? collection.paint(bench.target.paintId) : undefined,
)
const target = computed((): RecipeTarget | undefined => {
  const t = bench.target
  if (t?.kind === 'colour') return { kind: 'colour', lab: { white: 'D65', L: t.L, a: t.a, b: t.b } }
  const view = targetPaint.value && viewOfPaint(targetPaint.value)
  if (!view?.masstone) return undefined
  return view.wash
    ? { kind: 'paint', masstone: view.masstone, wash: view.wash }
    : { kind: 'colour', lab: view.masstone }
})
const paints = computed(() =>
  bench.paints.filter((p) => p.id !== targetPaint.value?.id && (mayBeIn('white') || viewOfPaint(p).family !== 'white')),
)

async function search() {
  asked?.cancel()
  if (!target.value) return
  found.value = []
  trouble.value = ''
  progress.value = 0
  const question = useCore().ask(
    'recipesFromPaints',
    {
      target: target.value,
      most: most.value,
      count: 8,
      white: mayBeIn('white'),
      black: mayBeIn('black'),
      ...(bench.scope ? { paletteId: bench.scope } : {}),
      ...(targetPaint.value ? { without: targetPaint.value.id } : {}),
    },
    {
      topic: 'recipes',
      progress: ({ done, of, best }) => {
        progress.value = done / Math.max(1, of)
        if (best.length) found.value = best
      },
    },
  )
  asked = question
  const answer = await question.result
  if (asked !== question) return
  progress.value = undefined
  if (answer.ok) [found.value, left.value] = [answer.value.best, answer.value.left]
  else if (answer.error.code !== 'cancelled') trouble.value = answer.error.message
}
watch([target, most, paints, () => settings.inMixtures.join()], () => void search(), { immediate: true })
onUnmounted(() => asked?.cancel())

/** That a recipe parts from its paint by a lamp, though it is near by daylight. */
function underLamp(mix: ReturnType<typeof predict>, water: number, paint: Paint): string[] {
  const target = opticsOf(paint)
  if (!mix.ok || !target.ok) return []
  const apart = underLights(mix.value.optics, target.value, [water, 6])
  return partsUnderLamp(apart) ? [`parts from it by an evening lamp, by ${figure(apart.lamp, 1)}`] : []
}
/** The differences behind the words, CIEDE2000. */
function figuresOf({ difference, differences: { masstone, wash } }: FoundRecipe): string {
  if (masstone === undefined || wash === undefined) return `Difference ${figure(difference, 1)}.`
  return `Difference at masstone ${figure(masstone, 1)}, in the wash ${figure(wash, 1)}.`
}
const rows = computed(() =>
  found.value.map((recipe) => {
    const parts = recipe.paints.map((p) => ({ paintId: p.id, parts: p.parts }))
    const own = parts.flatMap((p) => collection.paint(p.paintId) ?? [])
    const total = parts.reduce((s, p) => s + p.parts, 0)
    const shares = own.map((paint, i) => ({ paint, share: parts[i]!.parts / total }))
    const mix = predict(parts, recipe.water)
    return {
      key: inWords(parts) + recipe.water,
      recipe,
      parts,
      words: inWords(parts),
      stops: mix.ok
        ? recipe.differences.wash === undefined
          ? screenStops([mix.value.lab])
          : screenStops([mix.value.masstone, mix.value.wash])
        : [],
      sure: mix.ok ? mix.value.expected.median : undefined,
      fading: fadingIn(recipe, (id) => collection.paint(id)).map((p) => p.name),
      unlike: targetPaint.value
        ? [...unlikeTarget(shares, targetPaint.value), ...underLamp(mix, recipe.water, targetPaint.value)]
        : [],
    }
  }),
)
const targetStops = computed(() =>
  target.value?.kind === 'paint'
    ? screenStops([target.value.masstone, target.value.wash])
    : target.value
      ? screenStops([target.value.lab])
      : [],
)

const targetName = computed(
  () => targetPaint.value?.name ?? (bench.target?.kind === 'colour' ? bench.target.name : 'the target'),
)
function lay(row: (typeof rows.value)[number]) {
  bench.lay(row.parts, row.recipe.water)
  void navigateTo('/bench?view=mix')
}
function keep(row: (typeof rows.value)[number]) {
  commands.keep(`Like ${targetName.value}`.slice(0, 120), row.parts, row.recipe.water)
  useNotices().say('Kept the recipe.')
}
</script>

<template>
  <section aria-label="Recipes">
    <h2 class="sr-only">Recipes</h2>
    <div class="mb-2 flex flex-wrap items-center gap-3">
      <label class="flex items-center gap-2 text-sm"
        >Paints in it, at most
        <select v-model.number="most" class="input w-auto">
          <option :value="1">1</option>
          <option :value="2">2</option>
          <option :value="3">3</option>
        </select></label
      ><label class="flex items-center gap-1 text-sm"
        ><input type="checkbox" :checked="mayBeIn('white')" @change="settings.letIn('white', !mayBeIn('white'))" />White
        may be in it</label
      ><label class="flex items-center gap-1 text-sm"
        ><input type="checkbox" :checked="mayBeIn('black')" @change="settings.letIn('black', !mayBeIn('black'))" />Black
        may be in it</label
      >
      <WorkingBar
        v-if="progress !== undefined"
        class="text-sm"
        :done="progress"
        label="Searching"
        @cancel="asked?.cancel()"
        >searching</WorkingBar
      >
    </div>
    <p v-if="!bench.target" class="hint">
      Choose what to match: a paint you miss, a colour, or a spot in a photograph. The best mixtures of the paints at
      hand come up here, simple ones first.
    </p>
    <Refusal v-if="trouble" :says="trouble" />
    <ol>
      <ColourRow v-for="row in rows" :key="row.key" :name="row.words">
        <template #colours><TwoColours :above="targetStops" :below="row.stops" /></template>
        <p>
          {{ recipeDifferenceInWords(row.recipe)
          }}{{ row.recipe.differences.wash === undefined ? `; ${waterInWords(row.recipe.water)}` : '' }}
        </p>
        <p v-if="row.unlike.length" class="hint text-[0.8125rem]">Unlike it: {{ row.unlike.join('; ') }}</p>
        <template #actions>
          <button class="btn" @click="lay(row)">To the bench</button
          ><button
            class="btn btn-quiet"
            @click="strip.put({ kind: 'mix', name: row.words, parts: row.parts, water: row.recipe.water })"
          >
            To the strip</button
          ><button class="btn btn-quiet" @click="keep(row)">Save it</button>
        </template>
        <template v-if="row.fading.length" #mind>
          <p class="mt-0.5 text-[0.8125rem] leading-tight">
            <span class="hint text-[0.8125rem]">Mind:</span> {{ row.fading.join(' and ') }}
            {{ row.fading.length === 1 ? 'fades' : 'fade' }}.
          </p>
        </template>
        <template v-if="row.sure !== undefined" #more>
          <p class="hint text-[0.8125rem]">{{ figuresOf(row.recipe) }}</p>
          <p class="hint text-[0.8125rem]">
            So the model says; half of such predictions lie within {{ figure(row.sure, 1) }} of the real mixture.
          </p>
        </template>
      </ColourRow>
    </ol>
    <p v-if="rows.length" class="hint mt-2 text-sm">
      Above: what to match. Below: predicted. Parts are a start; your eye has the last word.
    </p>
    <details v-if="left.length" class="mt-1 text-sm">
      <summary class="py-1">{{ counted(left.length, 'paint takes', 'paints take') }} no part</summary>
      <ul>
        <li v-for="l in left" :key="l.id">
          {{ collection.paint(l.id)?.name ?? 'a paint no longer here' }}: {{ l.message }}
        </li>
      </ul>
    </details>
  </section>
</template>
