<script setup lang="ts">
import type { Guide, GuideCall, GuideState, Palette } from '@juxtachrome/core/documents'
import { READY_METHODS, METHODS } from '@juxtachrome/core/choosing'
import { nameOfSubject } from '@juxtachrome/core/reach'
import { counted } from '@juxtachrome/core/units'
import { computed, ref } from 'vue'
import { copied } from '~/shared/words/copied'
import type { ChoosePanel } from './choosePanels'
import { useGuideCommands } from './commands'
import { readMethods, saveMethods } from './methodFiles'
import { useEvidence } from './useEvidence'
import MethodPicture from './MethodPicture.vue'
import { useAsk } from '~/shared/ui/useAsk'
import { useCollection } from '~/stores/collection'
import FileButton from '~/shared/ui/FileButton.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** What ways there are, each with what it is good for and what it costs. */
const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{
  pick: [panel: ChoosePanel]
  begun: []
}>()
const collection = useCollection()
const commands = useGuideCommands()
const { ask } = useAsk()
const places = computed(() => props.palette.holder.places.length)
/** By what all the pictures are made: worked out once for all cards. */
const evidence = useEvidence(() => props.palette)
const context = computed(() => ({ evidence, ...(props.palette.brief ? { brief: props.palette.brief } : {}) }))
const opened = ref<string>()

type Start = Pick<GuideState, 'way' | 'name' | 'calls'> & { subject?: string | undefined }
async function begin({ subject, ...guide }: Start) {
  if (
    props.palette.guide?.said.length &&
    !(await ask({
      title: `Leave ${props.palette.guide.name}?`,
      text: 'What was taken stays in the palette. Which paints were passed and what was left open is forgotten; undo brings it back.',
      yes: `Begin ${guide.name}`,
      no: 'Stay with it',
    }))
  )
    return
  const calls = copied(guide.calls)
  commands.start(props.palette.id, { ...guide, calls, said: [] }, subject)
  emit('begun')
}
const ways = computed(() =>
  METHODS.map((way) => {
    const calls = way.calls({ places: places.value })
    return { ...way, made: calls, begin: () => begin({ way: way.id, name: way.name, calls }) }
  }),
)
const PANELS = [
  {
    id: 'best',
    name: 'Fill the remaining places best',
    goodFor:
      'What is in stays; the free places go to the paints that together mix most of what it is for, with how much better any other choice could be.',
    costs: 'It knows colours and what you wish for, not what you love. Take all, some or none of it.',
  },
  {
    id: 'reduce',
    name: 'Reduce',
    goodFor:
      'From everything you own, or from this palette: which paint is missed least goes first, near twins before others. Good for deciding what to give up.',
    costs:
      'What goes first is only what the rest can mix; a favourite may be among it. Stop anywhere, put anything back.',
  },
  {
    id: 'list',
    name: 'From a list',
    goodFor:
      'Somebody’s set, a bought set, a teacher’s list: line by line what you own of it, what you can mix, what is missing.',
    costs: 'Names and codes say less than a swatch: what is only listed is known by its pigments.',
  },
  {
    id: 'master',
    name: 'From a larger palette',
    goodFor: 'For one trip, pick from the paints of a larger palette instead of the whole drawer.',
    costs: 'It plans which paints come along; moving the pans is done under Fill.',
  },
  {
    id: 'together',
    name: 'Head to head',
    goodFor: 'Two to six candidates of a family side by side: alone, and in the same mixtures with the same partners.',
    costs: 'It decides nothing for you.',
  },
  {
    id: 'few',
    name: 'A limited few',
    goodFor:
      'For one painting: the best two to six of this palette, by subject or by the photographs of its purpose, with the harmony they allow.',
    costs: 'What they do not reach, the painting does without; that is what makes it hold together.',
  },
  {
    id: 'versions',
    name: 'Versions',
    goodFor:
      'Keep the palette as it is under a name before you change it; compare, go back, or branch: the earths only, the same paints in a larger box.',
    costs: 'Only the plan is kept: what lies in the pans is in the journal.',
  },
] as const
const ready = computed(() =>
  [...READY_METHODS].sort((p, q) => Math.abs(p.places - places.value) - Math.abs(q.places - places.value)),
)
const howMany = (calls: readonly GuideCall[]) => {
  const sum = calls.reduce((n, c) => n + c.quota, 0)
  return `${counted(calls.length, 'call')} for ${counted(sum, 'paint')}`
}
const beginOwn = (guide: Guide) => begin({ way: 'own', name: guide.name, calls: guide.calls })
const trouble = ref('')
async function take(file: File) {
  const read = readMethods(await file.text())
  trouble.value = read.ok ? '' : read.error.message
  if (read.ok) commands.add(read.value)
}
</script>

<template>
  <section aria-label="Methods of choosing">
    <h2 class="mb-1">Choose with a method</h2>
    <p class="hint mb-2 text-sm">
      Every method starts from the palette as it is. You can leave it and take it up again.
    </p>
    <ul class="space-y-2">
      <li v-for="way in [...ways, ...PANELS]" :key="way.id" class="panel px-2 py-1.5">
        <button
          class="flex min-h-9 w-full flex-col justify-center text-left"
          :aria-expanded="opened === way.id"
          :aria-label="way.name"
          @click="opened = opened === way.id ? undefined : way.id"
        >
          <span class="font-medium">{{ way.name }}</span>
          <template v-if="'made' in way">
            <MethodPicture :calls="way.made" :context="context" />
            <span class="hint text-[0.8125rem]">{{ howMany(way.made) }}</span>
          </template>
          <span v-if="opened !== way.id" class="hint line-clamp-2 text-sm leading-snug">{{ way.goodFor }}</span>
        </button>
        <div v-if="opened === way.id" class="pb-1 text-sm">
          <p>{{ way.goodFor }}</p>
          <p class="hint mt-1">{{ way.costs }}</p>
          <button
            class="btn btn-primary mt-2"
            :aria-label="`Begin: ${way.name}`"
            @click="'begin' in way ? way.begin() : emit('pick', way.id)"
          >
            Begin
          </button>
        </div>
      </li>
    </ul>
    <h3 class="mt-4">Methods by number of places</h3>
    <p class="hint mb-1 text-sm">
      In families and leans; those nearest to this palette’s {{ counted(places, 'place') }} first. Each picture is made
      from your paints.
    </p>
    <ul class="space-y-2">
      <li
        v-for="guide in ready"
        :key="guide.id"
        class="panel px-2 py-1.5"
        :title="guide.calls.map((c) => `${c.quota > 1 ? `${c.quota} × ` : ''}${c.words}`).join('; ')"
      >
        <span class="flex min-h-9 items-center gap-2">
          <span class="min-w-0 grow leading-tight font-medium">{{ guide.name }}</span>
          <button
            class="btn btn-quiet"
            :aria-label="`Begin: ${guide.name}`"
            @click="begin({ way: 'ready', name: guide.name, calls: guide.calls, subject: guide.subject })"
          >
            Begin
          </button>
        </span>
        <MethodPicture :calls="guide.calls" :context="context" />
        <span class="hint block text-[0.8125rem]"
          >{{ counted(guide.places, 'paint') }}{{ guide.subject ? `, for ${nameOfSubject(guide.subject)}` : '' }}</span
        >
      </li>
    </ul>
    <h3 class="mt-4">Methods of your own</h3>
    <p v-if="collection.guides.length === 0" class="hint text-sm">
      Begin any method, change its calls, and keep it under a name.
    </p>
    <ul v-else>
      <li
        v-for="guide in collection.guides"
        :key="guide.id"
        class="flex min-h-9 items-center gap-1 border-t border-line"
      >
        <span class="min-w-0 grow truncate">{{ guide.name }}</span>
        <button class="btn btn-quiet" :aria-label="`Begin: ${guide.name}`" @click="beginOwn(guide)">Begin</button>
        <button class="btn btn-quiet" :aria-label="`Remove ${guide.name}`" @click="commands.remove(guide)">
          Remove
        </button>
      </li>
    </ul>
    <div class="mt-2 flex flex-wrap gap-2">
      <button v-if="collection.guides.length" class="btn" @click="saveMethods(collection.guides)">Export them</button>
      <FileButton label="Import methods" accept=".json,application/json" @choose="take" />
    </div>
    <Refusal v-if="trouble" class="mt-1" :says="trouble" />
  </section>
</template>
