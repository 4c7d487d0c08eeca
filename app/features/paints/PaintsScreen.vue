<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { usePaintList } from './usePaintList'
import { useCollection } from '~/stores/collection'
import PaintRow from './PaintRow.vue'
import SearchBox from './SearchBox.vue'
import VirtualList from '~/shared/ui/VirtualList.vue'

const LazyEmptyCollection = defineAsyncComponent(() => import('~/shared/shell/EmptyCollection.vue'))
const LazyAddByLine = defineAsyncComponent(() => import('./AddByLine.vue'))
const LazyAddMany = defineAsyncComponent(() => import('./AddMany.vue'))
const LazyChangeMany = defineAsyncComponent(() => import('./ChangeMany.vue'))
const LazyPaintDetail = defineAsyncComponent(() => import('./PaintDetail.vue'))

// one page for list and paint, so that search, scroll and focus stay
useHead({ title: 'Paints · Juxtachrome' })
const route = useRoute()
const router = useRouter()
const collection = useCollection()
const { filter, shown, isFiltered, clear, total, understood, forget } = usePaintList()
const list = ref<{ focusRow(id: string): void }>()
const open = computed(() => collection.paint(route.params.id as string | undefined))
const adding = computed(() => route.query.add === '1')
const listing = computed(() => route.query.add === 'list')
/** Paints that are chosen to be changed together; undefined while nobody chooses. */
const chosen = ref<Set<string>>()
function toggle(id: string) {
  const next = new Set(chosen.value)
  if (!next.delete(id)) next.add(id)
  chosen.value = next
}
const press = (id: string) => (chosen.value ? toggle(id) : void show(id))
const pasted = ref('')
function many(text: string) {
  pasted.value = text
  void router.push('/paints?add=list')
}
const show = (id: string) => router.push(`/paints/${id}`)
async function close() {
  const id = open.value?.id
  await router.push('/paints')
  if (id) list.value?.focusRow(id)
}
</script>

<template>
  <div class="flex grow flex-col">
    <h1 class="sr-only">Paints</h1>
    <div
      class="mx-auto grid w-full max-w-7xl grow grid-cols-1 gap-4 p-3"
      :class="listing && !open ? '' : 'lg:grid-cols-[minmax(0,1fr)_26rem]'"
    >
      <section class="flex min-h-0 flex-col" :class="open ? 'max-lg:hidden' : ''" aria-label="Collection">
        <div class="mb-2 flex flex-wrap items-center gap-2">
          <p class="grow text-xl font-semibold" aria-hidden="true">Paints</p>
          <button
            v-if="total"
            class="btn"
            :aria-pressed="Boolean(chosen)"
            @click="chosen = chosen ? undefined : new Set()"
          >
            {{ chosen ? 'Done choosing' : 'Change several' }}
          </button>
          <NuxtLink to="/swatches" class="btn">Record swatches</NuxtLink>
          <NuxtLink to="/charts" class="btn">Charts and cards</NuxtLink>
          <NuxtLink to="/import" class="btn">Import a table</NuxtLink>
          <NuxtLink :to="listing ? '/paints' : '/paints?add=list'" class="btn">{{
            listing ? 'Done with the list' : 'Paste a list'
          }}</NuxtLink>
          <NuxtLink :to="adding ? '/paints' : '/paints?add=1'" class="btn btn-primary">{{
            adding ? 'Done adding' : 'Add a paint'
          }}</NuxtLink>
        </div>
        <LazyAddByLine v-if="adding" class="panel mb-3 p-3" @many="many" />
        <LazyAddMany v-if="listing" :key="pasted" :start="pasted" class="panel mb-3 p-3" @added="pasted = ''" />
        <p v-if="collection.leftovers.length" class="panel mb-2 p-2 text-sm">
          {{ collection.leftovers.length }} imported rows could not be read and wait to be corrected.
          <NuxtLink class="link" to="/import">Look at them</NuxtLink>
        </p>
        <LazyEmptyCollection v-if="total === 0 && !adding && !listing" />
        <template v-else-if="total">
          <SearchBox
            v-model="filter"
            :shown="shown.length"
            :total="total"
            :is-filtered="isFiltered"
            @clear="clear"
            :understood="understood"
            @forget="forget"
          />
          <LazyChangeMany
            v-if="chosen"
            :chosen="[...chosen]"
            @all="chosen = new Set(shown.map((v) => v.paint.id))"
            @none="chosen = new Set()"
            @leave="chosen = undefined"
          />
          <VirtualList
            ref="list"
            v-slot="{ row, bind }"
            :rows="shown"
            :row-height="48"
            :key-of="(v) => v.paint.id"
            label="Paints by hue"
            class="panel mt-2 h-[calc(100dvh-14rem)] min-h-72 lg:h-[calc(100dvh-11.5rem-var(--strip))]"
          >
            <button
              v-bind="bind"
              class="list-row px-1.5"
              :class="chosen ? 'flex items-center gap-2' : ''"
              :role="chosen ? 'checkbox' : undefined"
              :aria-checked="chosen ? chosen.has(row.paint.id) : undefined"
              :aria-current="open?.id === row.paint.id || undefined"
              @click="press(row.paint.id)"
            >
              <span v-if="chosen" class="tick" :class="chosen.has(row.paint.id) ? 'on' : ''" aria-hidden="true" />
              <PaintRow :view="row" :class="chosen ? 'grow' : ''" />
            </button>
          </VirtualList>
          <p v-if="shown.length === 0" class="hint mt-2">
            Nothing like that in the collection. Try fewer words, or show all.
          </p>
        </template>
      </section>
      <aside
        v-if="open"
        class="panel min-w-0 self-start overflow-y-auto lg:sticky lg:top-3 lg:max-h-[calc(100dvh-5rem-var(--strip))]"
        tabindex="0"
        aria-label="Paint"
      >
        <LazyPaintDetail :paint="open" @close="close" />
      </aside>
      <p v-else-if="total && !listing" class="hint hidden self-start p-4 lg:block">
        Choose a paint to see its swatch, its behaviour and every tube and pan you own of it.
      </p>
    </div>
  </div>
</template>

<style scoped>
.tick {
  width: 1.15rem;
  height: 1.15rem;
  flex: none;
  border: 1.5px solid var(--edge);
  background: var(--surface);
}
.tick.on {
  background: var(--accent);
  box-shadow: inset 0 0 0 3px var(--surface);
}
</style>
