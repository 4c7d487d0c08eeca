<script setup lang="ts">
import type { Assessment, Finding, Remedy } from '@juxtachrome/core/choosing'
import type { Palette } from '@juxtachrome/core/documents'
import { costToFill } from '@juxtachrome/core/filling'
import { sumsOf } from '@juxtachrome/core/paints'
import { unknownInWords } from '@juxtachrome/core/pigments'
import { counted } from '@juxtachrome/core/units'
import { computed, defineAsyncComponent, ref } from 'vue'
import { usePaletteCommands } from '~/features/palettes'
import { sumsInWords } from '~/shared/words/moneyWords'
import type { Building } from '~/workers/mixtureIndexes'
import { targetInWords } from './briefWords'
import * as say from './words'
import { usePaintName } from '~/shared/words/paintName'
import { useCollection } from '~/stores/collection'
import BriefChips from './BriefChips.vue'
import ReachWheel from './ReachWheel.vue'
import VerdictGaps from './VerdictGaps.vue'
import VerdictLine from './VerdictLine.vue'
import { figure, inMl } from '~/shared/words/figures'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

const LazyReachMap = defineAsyncComponent(() => import('./ReachMap.vue'))

/** What the computation says about a palette now: each finding one line, its reason and one action a step away. */
const props = defineProps<{
  palette: Palette
  findings: Finding[]
  verdict?: Assessment
  trouble: string
  waiting: { key: string; building?: Building; stopped: boolean }[]
}>()
const emit = defineEmits<{
  act: [remedy: Remedy]
  look: [paintId: string]
  stop: [key: string]
  goOn: [key: string]
  byBrings: []
}>()
const collection = useCollection()
const commands = usePaletteCommands()
const nameOf = usePaintName()
const map = ref(false)
const v = computed(() => props.verdict)
const placeOf = (paintId: string) => v.value?.brings?.find((b) => b.paintId === paintId)?.placeId
const show = (placeId: string | undefined) =>
  placeId && emit('act', { kind: 'show-place', placeId, words: `Show ${placeId}` })
const widest = computed(() => Math.max(0.001, ...(v.value?.brings ?? []).map((b) => b.worth)))
const pressing = computed(() => props.findings.filter((f) => f.weight !== 'note'))
const notes = computed(() => props.findings.filter((f) => f.weight === 'note'))
const costInWords = computed(() => {
  const { sums, millilitres, unpriced } = costToFill(props.palette, collection.itemsOf)
  const worth = sumsInWords(sumsOf(sums))
  const open = unpriced ? `; ${counted(unpriced, 'place')} without a price` : ''
  return `${inMl(millilitres)}${worth ? `, worth ${worth}` : ''}${open}`
})
const handling = computed(() => {
  const h = v.value?.handling
  if (!h || !v.value?.planned) return []
  const lines: [string, string][] = [
    ['Lightfastness', say.tallyInWords(h.lightfastness)],
    ['Transparency', say.tallyInWords(h.transparency)],
    ['Staining', say.tallyInWords(h.staining)],
    ['Granulation', say.tallyInWords(h.granulation)],
    ['From a dry pan', say.tallyInWords(h.rewetting)],
    [
      'Caution',
      [
        h.cautions ? `${counted(h.cautions, 'paint')} need${h.cautions === 1 ? 's' : ''} it` : 'none needs it',
        unknownInWords(h.unknownCodes),
      ]
        .filter(Boolean)
        .join('. '),
    ],
    ['Pigments', `${h.pigments}${h.shared.length ? `; shared: ${h.shared.join(', ')}` : ''}`],
    ['To fill it', costInWords.value],
    ['Makers', h.makers.join(', ') || 'none recorded'],
  ]
  return lines
})
const misfits = computed(() => v.value?.misfits.filter((m) => m.fit.word !== 'not sure') ?? [])
</script>

<template>
  <section aria-label="Verdict" class="pr-2">
    <h2 class="mb-1 flex items-baseline justify-between gap-2">
      Verdict <NuxtLink class="link text-sm font-normal" to="/how">How it is worked out</NuxtLink>
    </h2>
    <BriefChips :palette="palette" :verdict="verdict" />
    <Refusal v-if="trouble" :says="trouble" />
    <template v-for="w in waiting" :key="w.key">
      <WorkingBar
        v-if="w.building"
        class="hint mt-1"
        :done="w.building.done"
        label="Working out mixtures of the collection"
        @cancel="emit('stop', w.key)"
        >working out {{ targetInWords(w.building.want.choice) }}</WorkingBar
      >
      <p v-else-if="w.stopped" class="hint mt-1">
        What the whole collection mixes was not worked out.
        <button class="link" @click="emit('goOn', w.key)">Work it out</button>
      </p>
    </template>
    <p v-if="v?.reach" class="sr-only" role="status">{{ say.summaryInWords(v) }}</p>
    <ul class="mt-1">
      <VerdictLine v-for="c in v?.conflicts ?? []" :key="c.message" :text="c.message" weighty>
        <template #action>
          <button
            v-for="r in c.relax"
            :key="r.words"
            class="link mr-3"
            @click="commands.setBrief(palette.id, r.brief, r.words.toLowerCase())"
          >
            {{ r.words }}
          </button>
        </template>
      </VerdictLine>
      <VerdictLine
        v-for="f in pressing"
        :key="f.code + f.message"
        :text="f.message"
        :weighty="f.weight === 'in the way'"
      >
        <template v-if="f.remedy" #action>
          <button class="link" @click="emit('act', f.remedy)">{{ f.remedy.words }}</button>
        </template>
      </VerdictLine>
      <template v-if="v">
        <VerdictLine :text="say.reachInWords(v)">
          <table
            v-if="v.tables.length"
            class="w-full [&_td:not(:first-child)]:pl-2 [&_td:not(:first-child)]:whitespace-nowrap"
          >
            <thead>
              <tr class="hint text-left">
                <th class="font-normal">with</th>
                <th class="text-right font-normal">one</th>
                <th class="text-right font-normal">two</th>
                <th class="text-right font-normal">three</th>
              </tr>
            </thead>
            <tbody>
              <template v-for="t in v.tables" :key="t.name">
                <tr>
                  <td>{{ t.name }}</td>
                  <td class="text-right">{{ say.percent(t.palette.one) }}</td>
                  <td class="text-right">{{ say.percent(t.palette.two) }}</td>
                  <td class="text-right">{{ say.percent(t.palette.three) }}</td>
                </tr>
                <tr v-if="t.collection" class="hint">
                  <td>the collection</td>
                  <td class="text-right">{{ say.percent(t.collection.one) }}</td>
                  <td class="text-right">{{ say.percent(t.collection.two) }}</td>
                  <td class="text-right">{{ say.percent(t.collection.three) }}</td>
                </tr>
              </template>
            </tbody>
          </table>
          <p class="hint mt-1">{{ say.surenessInWords(v) }}</p>
          <template v-if="v.map" #action>
            <button class="block w-full text-left" aria-label="Open the map of what is reached" @click="map = true">
              <span class="my-1 flex gap-1 bg-ground p-1 text-on-ground">
                <ReachWheel v-for="w in [1, 3, 6]" :key="w" :wheel="w" :map="v.map" still class="min-w-0 flex-1" />
              </span>
              <span class="link">Open the map</span>
            </button>
          </template>
        </VerdictLine>
        <VerdictLine :text="say.effortInWords(v)" />
        <VerdictGaps :palette="palette" :gaps="v.gaps ?? []" @look="emit('look', $event)" />
        <VerdictLine v-for="t in v.twins ?? []" :key="t.placeIds.join()" :text="say.twinsInWords(t, nameOf)">
          <template #action>
            <button class="link" @click="show(t.placeIds[1])">Show {{ t.placeIds[1] }}</button>
          </template>
        </VerdictLine>
        <VerdictLine v-if="v.spares?.length" :text="`${counted(v.spares.length, 'paint')} the rest mixes near enough.`">
          <ul class="space-y-1">
            <li v-for="s in v.spares" :key="s.placeId">
              {{ say.spareInWords(s, nameOf) }}
              <button class="link" @click="show(s.placeId)">Show {{ s.placeId }}</button>
            </li>
          </ul>
        </VerdictLine>
        <VerdictLine v-for="c in v.crowds ?? []" :key="c.family" :text="say.crowdInWords(c, nameOf)">
          <template #action>
            <button v-for="id in c.out" :key="id" class="link mr-3" @click="show(placeOf(id))">
              Show {{ placeOf(id) }}
            </button>
          </template>
        </VerdictLine>
        <VerdictLine v-if="v.neutrals" :text="say.neutralsInWords(v, nameOf)">
          <ul>
            <li v-for="n in v.neutrals" :key="n.paintId">
              <button class="link" @click="show(placeOf(n.paintId))">{{ nameOf(n.paintId) }}</button>:
              <template v-if="n.best"
                >{{ say.mixtureInWords(n.best.paints, nameOf) }}, C* {{ figure(n.best.C) }}, L* {{ figure(n.best.L)
                }}<template v-if="n.other">; or {{ say.mixtureInWords(n.other.paints, nameOf) }}</template></template
              ><template v-else>none here</template>
            </li>
          </ul>
        </VerdictLine>
        <VerdictLine v-if="v.values?.alone" :text="say.valuesInWords(v, nameOf)">
          <div
            class="flex h-6"
            role="img"
            :aria-label="`Masstones from dark to light: L* ${v.values.scale.map((s) => figure(s.L)).join(', ')}`"
          >
            <span
              v-for="s in v.values.scale"
              :key="s.paintId"
              class="min-w-0 flex-1"
              :style="{ background: `lab(${s.L}% 0 0)` }"
              :title="`${nameOf(s.paintId)}, L* ${figure(s.L)}`"
            />
          </div>
          <p class="hint">
            Masstones, from L* {{ figure(v.values.scale[0]!.L) }} to {{ figure(v.values.scale.at(-1)!.L) }}
          </p>
        </VerdictLine>
        <VerdictLine v-if="v.brings?.length" :text="say.bringsInWords(v, nameOf)">
          <ul>
            <li v-for="b in v.brings" :key="b.placeId" class="flex items-center gap-2">
              <button class="link min-w-0 flex-1 truncate text-left" @click="show(b.placeId)">
                {{ b.placeId }} {{ nameOf(b.paintId) }}
              </button>
              <span class="h-2 w-16 shrink-0 border border-line" aria-hidden="true"
                ><span class="block h-full bg-text" :style="{ width: `${(100 * b.worth) / widest}%` }"
              /></span>
              <span class="w-12 shrink-0 text-right">{{ say.points(b.reach) }}</span>
            </li>
          </ul>
          <p class="hint">What would no longer be reached if it went; the bar counts more mixing, too.</p>
          <template v-if="v.gains" #action>
            <button class="link" @click="emit('byBrings')">Order the drawer by what each would bring</button>
          </template>
        </VerdictLine>
        <VerdictLine v-if="misfits.length" :text="`${counted(misfits.length, 'paint')} against the brief.`">
          <ul>
            <li v-for="m in misfits" :key="m.placeId">
              <button class="link" @click="show(m.placeId)">{{ m.placeId }} {{ nameOf(m.paintId) }}</button>:
              {{ m.fit.word }}, {{ m.fit.reasons.join(', ') }}
            </li>
          </ul>
        </VerdictLine>
        <VerdictLine v-if="handling.length" text="How it handles and keeps.">
          <dl>
            <template v-for="[term, words] in handling" :key="term">
              <dt class="hint">{{ term }}</dt>
              <dd class="mb-0.5">{{ words }}</dd>
            </template>
          </dl>
        </VerdictLine>
        <VerdictLine v-if="v.left.length" :text="`${counted(v.left.length, 'paint')} left out of what is predicted.`">
          <ul>
            <li v-for="l in v.left" :key="l.paintId">{{ nameOf(l.paintId) }}: {{ l.message }}</li>
          </ul>
        </VerdictLine>
      </template>
      <VerdictLine v-for="f in notes" :key="f.code + f.message" :text="f.message">
        <template v-if="f.remedy" #action>
          <button class="link" @click="emit('act', f.remedy)">{{ f.remedy.words }}</button>
        </template>
      </VerdictLine>
    </ul>
    <LazyReachMap
      v-if="map && v?.map"
      :palette="palette"
      :map="v.map"
      :near="v.near"
      @close="map = false"
      @look="((map = false), emit('look', $event))"
    />
  </section>
</template>
