<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import { presentVersion } from '@juxtachrome/core/choosing'
import { counted, daysBetween } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { lifeOf } from '@juxtachrome/core/using'
import { computed } from 'vue'
import { useToday } from '~/shared/ui/useToday'
import { listed } from '~/shared/words/figures'
import { useCollection } from '~/stores/collection'
import { VersionLinks } from '~/features/palettes'

/** A palette's versions and their reasons along a line of time, and the way back to any of them. */
const props = defineProps<{ palette: Palette }>()
const collection = useCollection()
const today = useToday()
const versions = computed(() => collection.versions.filter((v) => v.paletteId === props.palette.id))
const present = computed(() => presentVersion(props.palette, versions.value))
const points = computed(() => lifeOf(props.palette, versions.value, today.value))
const WIDE = 280
/** Days after the first point, drawn so that points of one day still lie apart. */
const marks = computed(() => {
  const first = points.value[0]?.day ?? today.value
  const whole = Math.max(1, daysBetween(first, today.value))
  let last = -14
  return points.value.map((p) => {
    const x = Math.max(last + 14, 8 + (daysBetween(first, p.day) / whole) * (WIDE - 16))
    last = x
    return { ...p, x }
  })
})
const wide = computed(() => Math.max(WIDE, (marks.value.at(-1)?.x ?? 0) + 10))
const changes = (p: (typeof points.value)[number]) =>
  [
    p.came.length ? `came: ${listed(p.came.map(paintToken))}` : '',
    p.went.length ? `went: ${listed(p.went.map(paintToken))}` : '',
    p.moved.length ? `${counted(p.moved.length, 'paint')} moved` : '',
  ]
    .filter(Boolean)
    .join('; ')
</script>

<template>
  <section aria-label="Life of the palette">
    <p v-if="versions.length === 0" class="hint">
      No version is kept yet. Taking a proposal keeps one by itself; others are kept under
      <NuxtLink class="link" :to="`/palettes/${palette.id}/choose`">Choose, Versions</NuxtLink>.
    </p>
    <template v-else>
      <p class="mb-1">
        {{ counted(versions.length, 'version') }} since {{ dayInWords(points[0]!.day) }}.
        {{ present ? `It is as in “${present.name}”.` : 'Now it is as in none of them.' }}
      </p>
      <svg
        :viewBox="`0 0 ${wide} 26`"
        class="mb-2 w-full"
        role="img"
        :aria-label="points.map((p) => `${dayInWords(p.day)}: ${p.version?.name ?? 'as it is now'}`).join('; ')"
      >
        <line x1="4" :x2="wide - 4" y1="13" y2="13" class="stroke-edge" />
        <g v-for="(m, i) in marks" :key="i">
          <title>{{ m.version?.name ?? 'as it is now' }}</title>
          <circle
            :cx="m.x"
            cy="13"
            :r="m.version ? 5 : 3.5"
            class="stroke-text"
            :class="m.version?.id === present?.id ? 'fill-text' : 'fill-surface'"
          />
          <text :x="m.x" y="25" text-anchor="middle" class="fill-text text-[0.5rem]">{{ i + 1 }}</text>
        </g>
      </svg>
      <ol>
        <li v-for="(p, i) in points" :key="i" class="border-t border-line py-2">
          <p>
            <span class="hint mr-1.5">{{ i + 1 }}</span>
            <span class="font-medium">{{ p.version?.name ?? 'As it is now' }}</span>
            <span class="hint">, {{ dayInWords(p.day) }}, {{ counted(p.paints, 'paint') }}</span>
          </p>
          <p v-if="p.version?.reason" class="text-sm italic">{{ p.version.reason }}</p>
          <p v-if="i > 0 && changes(p)" class="text-sm"><SaidPaints :text="changes(p)" /></p>
          <VersionLinks
            v-if="p.version && p.version.id !== present?.id"
            :palette="palette"
            :version="p.version"
            :present="present"
          />
        </li>
      </ol>
    </template>
  </section>
</template>
