<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { useMixtures } from '~/shared/swatch/useMixtures'
import { BENCH_VIEWS, useBench, type BenchView } from '~/stores/bench'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import BenchDrawer from './BenchDrawer.vue'
import MixParts from './MixParts.vue'
import ViewNav from '~/shared/ui/ViewNav.vue'
import Refusal from '~/shared/ui/Refusal.vue'

const LazyEmptyCollection = defineAsyncComponent(() => import('~/shared/shell/EmptyCollection.vue'))
const LazyTargetChooser = defineAsyncComponent(() => import('./TargetChooser.vue'))
const LazyKeptRecipes = defineAsyncComponent(() => import('./KeptRecipes.vue'))
const LazyMixResult = defineAsyncComponent(() => import('./MixResult.vue'))
const LazyRowBetween = defineAsyncComponent(() => import('./RowBetween.vue'))
const LazyTriangleOfThree = defineAsyncComponent(() => import('./TriangleOfThree.vue'))
const LazyGlazeOver = defineAsyncComponent(() => import('./GlazeOver.vue'))
const LazyRecipeFinder = defineAsyncComponent(() => import('./RecipeFinder.vue'))

useHead({ title: 'Mixing bench · Juxtachrome' })
const route = useRoute()
const bench = useBench()
const collection = useCollection()
const { predict } = useMixtures()
const LABELS: Record<BenchView, string> = {
  mix: 'Mix',
  row: 'Between two',
  triangle: 'Three as a triangle',
  glaze: 'One over another',
  recipe: 'Find a recipe',
}
const VIEWS = BENCH_VIEWS.map((id) => ({ id, label: LABELS[id], to: `/bench?view=${id}` }))
const view = computed(() => BENCH_VIEWS.find((v) => v === route.query.view) ?? 'mix')
const mix = computed(() => (bench.parts.length ? predict(bench.parts, bench.water) : undefined))
function pick(paintId: string) {
  if (bench.parts.some((p) => p.paintId === paintId)) bench.take(paintId)
  else if (!bench.add(paintId)) useNotices().trouble('Five paints lie on the bench already: take one off first.')
}
</script>

<template>
  <div class="mx-auto w-full max-w-7xl p-3">
    <div class="mb-2 flex flex-wrap items-center gap-x-4 gap-y-1">
      <h1>Mixing bench</h1>
      <ViewNav label="Ways to mix" :views="VIEWS" :here="view" />
    </div>
    <LazyEmptyCollection v-if="collection.paints.length === 0" />
    <div v-else class="grid grid-cols-1 gap-4 lg:grid-cols-[20rem_minmax(0,1fr)]">
      <BenchDrawer v-if="view !== 'recipe'" :chosen="bench.parts.map((p) => p.paintId)" @pick="pick" />
      <div v-else>
        <LazyTargetChooser /><label class="mt-3 flex items-center gap-2 text-sm"
          >Mixed from
          <select v-model="bench.scope" class="input">
            <option value="">the whole collection</option>
            <option v-for="p in collection.palettes" :key="p.id" :value="p.id">{{ p.name }}</option>
          </select></label
        >
      </div>
      <div class="min-w-0 space-y-4">
        <div v-if="view === 'mix'" class="grid grid-cols-1 gap-4 md:grid-cols-2">
          <div class="min-w-0 space-y-4 max-md:contents">
            <section class="panel min-w-0 p-3" aria-label="Parts">
              <p v-if="bench.parts.length === 0" class="hint">
                Choose two to five paints from the drawer. Slide the parts and the water; the mixture is predicted from
                masstone to wash as a film on white paper.
              </p>
              <MixParts />
            </section>
            <LazyKeptRecipes narrow class="max-md:order-3" />
          </div>
          <section class="panel min-w-0 self-start p-3">
            <LazyMixResult v-if="mix?.ok" :parts="bench.parts" :water="bench.water" :mix="mix.value" />
            <Refusal v-else-if="mix" :says="mix.error.message" />
            <p v-else class="hint">
              The mixture appears here, with its lean, value, chroma, and how sure the prediction is.
            </p>
          </section>
        </div>
        <template v-else-if="view === 'row'"
          ><LazyRowBetween class="panel p-3" /><MixParts class="panel p-3"
        /></template>
        <template v-else-if="view === 'triangle'"
          ><LazyTriangleOfThree class="panel p-3" /><MixParts class="panel p-3"
        /></template>
        <LazyGlazeOver v-else-if="view === 'glaze'" class="panel p-3" />
        <LazyRecipeFinder v-else />
        <LazyKeptRecipes v-if="view === 'row' || view === 'triangle'" />
      </div>
    </div>
  </div>
</template>
