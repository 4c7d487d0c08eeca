<script setup lang="ts">
import { countInWords, WISHES } from '@juxtachrome/core/choosing'
import type { Brief, BriefCount, Palette, TargetChoice } from '@juxtachrome/core/documents'
import { isSameTarget, NEAR_ENOUGH, namesOfTargets, targetsOf, targetsOfPurpose } from '@juxtachrome/core/reach'
import { computed, defineAsyncComponent, ref } from 'vue'
import { usePaletteCommands } from '~/features/palettes'
import {
  LISTS,
  NEARNESS,
  nearInWords,
  targetsInWords,
  countSpoken,
  wishInWords,
  withCount,
  withPaint,
  withWish,
  type ListName,
} from './briefWords'
import { usePaintName } from '~/shared/words/paintName'
import { useCollection } from '~/stores/collection'
import CountWish from './CountWish.vue'
import BriefChip from './BriefChip.vue'

const LazyTargetsDialog = defineAsyncComponent(() => import('./TargetsDialog.vue'))

/** What the palette is for, as one line of chips, each changed where it stands. */
const props = defineProps<{ palette: Palette }>()
const commands = usePaletteCommands()
const collection = useCollection()
const targets = ref(false)
const brief = computed(() => props.palette.brief)
const set = (next: Brief, words: string) => commands.setBrief(props.palette.id, next, words)
const near = computed(() => brief.value?.near ?? NEAR_ENOUGH)
const most = computed(() => brief.value?.most ?? 3)
/** What was typed as its purpose speaks of these subjects and colours, and they are not among what is to be mixed. */
const spokenOf = computed(() => {
  const have = brief.value?.targets ?? []
  return targetsOfPurpose(props.palette.purpose).filter((t) => !have.some((own) => isSameTarget(own, t)))
})
function reckonWith(more: readonly TargetChoice[]) {
  const isOld = (own: TargetChoice) =>
    own.kind === 'everything' || more.some((t) => 'id' in t && 'id' in own && t.id === own.id)
  const kept = brief.value?.targets?.filter((t) => !isOld(t)) ?? []
  set({ ...brief.value, targets: [...kept, ...more] }, `to mix ${namesOfTargets(more).join(', ')}`)
}
const chosen = computed(() =>
  (brief.value?.wishes ?? []).map((w) => ({
    own: w,
    wish: WISHES.find((k) => k.id === w.wish),
    words: wishInWords(w),
  })),
)
const open = computed(() => WISHES.filter((w) => !chosen.value.some((c) => c.own.wish === w.id)))
const lists = computed(() =>
  LISTS.map(([name, label]) => ({ name, label, ids: brief.value?.[name] ?? [] })).filter((l) => l.ids.length),
)
/** The same is not wished for twice. */
function addCount(count: BriefCount) {
  const words = countInWords(count)
  const known = brief.value?.counts?.find((c) => countInWords(c) === words)
  if (!known) set(withCount(brief.value, undefined, count), `wished for ${words}`)
}
const nameOf = usePaintName()
const listToAdd = ref<ListName>('mustIn')
function addPaint(event: Event) {
  const select = event.target as HTMLSelectElement
  if (select.value)
    set(
      withPaint(brief.value, listToAdd.value, select.value, true),
      `${labelOf(listToAdd.value)} ${nameOf(select.value)}`,
    )
  select.value = ''
}
const labelOf = (list: ListName) => LISTS.find(([name]) => name === list)![1].toLowerCase()
</script>

<template>
  <div role="group" aria-label="What this palette is for" class="relative flex flex-wrap gap-1.5">
    <button
      class="choice max-w-full text-left text-[0.8125rem] leading-tight"
      :aria-label="`To mix: ${targetsInWords(targetsOf(brief))}. Change it`"
      @click="targets = true"
    >
      {{ targetsInWords(targetsOf(brief)) }}
    </button>
    <button
      v-if="spokenOf.length"
      class="choice max-w-full text-left text-[0.8125rem] leading-tight italic"
      :aria-label="`Your words speak of ${namesOfTargets(spokenOf).join(', ')}. Plan for it, too`"
      @click="reckonWith(spokenOf)"
    >
      + {{ namesOfTargets(spokenOf).join(', ') }}?
    </button>
    <BriefChip label="Near enough and how many paints" :words="`${nearInWords(near)}, ${most} in a mixture`">
      <fieldset>
        <legend class="text-sm font-medium">Near enough, as a colour difference</legend>
        <label v-for="n in NEARNESS" :key="n.value" class="flex min-h-8 items-center gap-2">
          <input
            type="radio"
            name="near"
            :checked="near === n.value"
            @change="set({ ...brief, near: n.value }, nearInWords(n.value))"
          />{{ n.label }} ({{ n.value }})
        </label>
      </fieldset>
      <fieldset class="mt-2">
        <legend class="text-sm font-medium">Paints in a mixture, at most</legend>
        <label v-for="n in [1, 2, 3] as const" :key="n" class="flex min-h-8 items-center gap-2">
          <input
            type="radio"
            name="most"
            :checked="most === n"
            @change="set({ ...brief, most: n }, `at most ${n} in a mixture`)"
          />{{ n }}
        </label>
      </fieldset>
    </BriefChip>
    <BriefChip v-for="{ own, wish, words } in chosen" :key="own.wish" :label="wish?.label ?? own.wish" :words="words">
      <template v-if="wish">
        <fieldset>
          <legend class="text-sm font-medium">{{ wish.label }}</legend>
          <label v-for="o in wish.options" :key="o.value" class="flex min-h-8 items-center gap-2">
            <input
              type="radio"
              :name="`wish-${wish.id}`"
              :checked="own.value === o.value"
              @change="set(withWish(brief, wish.id, { ...own, value: o.value }), `${wish.label}: ${o.label}`)"
            />{{ o.label }}
          </label>
        </fieldset>
        <label v-if="!wish.softOnly" class="mt-1 flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            :checked="own.hard"
            @change="set(withWish(brief, wish.id, { ...own, hard: !own.hard }), own.hard ? 'a wish only' : 'a must')"
          />a must: rules paints out
        </label>
      </template>
      <button
        class="btn mt-2"
        @click="set(withWish(brief, own.wish, undefined), `no wish of ${wish?.label.toLowerCase() ?? own.wish}`)"
      >
        Remove this wish
      </button>
    </BriefChip>
    <BriefChip v-for="c in brief?.counts ?? []" :key="countInWords(c)" label="How many" :words="countSpoken(c)">
      <p class="text-sm font-medium first-letter:uppercase">{{ countInWords(c) }}</p>
      <label class="mt-1 flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          :checked="c.hard"
          @change="set(withCount(brief, c, { ...c, hard: !c.hard }), c.hard ? 'a wish only' : 'a must')"
        />a must
      </label>
      <button class="btn mt-2" @click="set(withCount(brief, c, undefined), `no wish for ${countInWords(c)}`)">
        Remove this wish
      </button>
    </BriefChip>
    <BriefChip
      v-for="l in lists"
      :key="l.name"
      :label="l.label"
      :words="`${l.label}: ${l.ids.length === 1 ? nameOf(l.ids[0]!) : l.ids.length}`"
    >
      <ul>
        <li v-for="id in l.ids" :key="id" class="flex items-center gap-2">
          <span class="grow">{{ nameOf(id) }}</span>
          <button
            class="btn btn-quiet"
            :aria-label="`No longer ${l.label.toLowerCase()}: ${nameOf(id)}`"
            @click="set(withPaint(brief, l.name, id, false), `no longer ${l.label.toLowerCase()}: ${nameOf(id)}`)"
          >
            ×
          </button>
        </li>
      </ul>
    </BriefChip>
    <BriefChip v-slot="{ close }" label="Add a wish or a paint" words="+ wish" faint>
      <p class="text-sm font-medium">Wishes for its paints</p>
      <ul>
        <li v-for="wish in open" :key="wish.id">
          <button
            class="btn btn-quiet w-full justify-start text-left"
            @click="
              (set(
                withWish(brief, wish.id, { wish: wish.id, value: wish.options[0]!.value, hard: false }),
                `${wish.label}: ${wish.options[0]!.label}`,
              ),
              close())
            "
          >
            {{ wish.label }}: {{ wish.options[0]!.label }}
          </button>
        </li>
      </ul>
      <p class="mt-2 text-sm font-medium">How many of a kind</p>
      <CountWish @add="(count) => (addCount(count), close())" />
      <p class="mt-2 text-sm font-medium">A paint that</p>
      <select v-model="listToAdd" class="input" aria-label="What about the paint">
        <option v-for="[name, label] in LISTS" :key="name" :value="name">
          {{ label.toLowerCase().replace('to be', 'is to be') }}
        </option>
      </select>
      <select class="input mt-1" aria-label="Which paint" @change="addPaint">
        <option value="">Which paint …</option>
        <option v-for="p in collection.paints" :key="p.id" :value="p.id">
          {{ p.name }}, {{ p.maker || 'no maker' }}
        </option>
      </select>
    </BriefChip>
    <LazyTargetsDialog v-if="targets" :palette="palette" @close="targets = false" />
  </div>
</template>
