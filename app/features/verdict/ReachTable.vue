<script setup lang="ts">
import type { Assessment } from '@juxtachrome/core/choosing'
import * as say from './words'

/** The figures of what is reached: shares with one, two and three paints, of the palette and of the collection. */
defineProps<{ verdict: Assessment }>()
const SIZES = ['one', 'two', 'three'] as const
</script>

<template>
  <p v-if="verdict.reach" class="hint text-sm">
    Reaches {{ say.percent(verdict.reach.reach)
    }}<template v-if="verdict.whole">; the whole collection {{ say.percent(verdict.whole.reach) }}</template
    >. A predicted mixture is off by about 3, one in twenty by 10; shares are sturdier than single colours.
  </p>
  <table
    v-if="verdict.tables.length"
    class="w-full text-sm [&_td:not(:first-child)]:pl-2 [&_td:not(:first-child)]:text-right [&_td:not(:first-child)]:whitespace-nowrap"
  >
    <thead>
      <tr class="hint text-left">
        <th class="font-normal">reached with</th>
        <th v-for="size in SIZES" :key="size" class="text-right font-normal">{{ size }}</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="t in verdict.tables" :key="t.name">
        <tr>
          <td>{{ t.name }}</td>
          <td v-for="size in SIZES" :key="size">{{ say.percent(t.palette[size]) }}</td>
        </tr>
        <tr v-if="t.collection" class="hint">
          <td>the collection</td>
          <td v-for="size in SIZES" :key="size">{{ say.percent(t.collection[size]) }}</td>
        </tr>
      </template>
    </tbody>
  </table>
</template>
