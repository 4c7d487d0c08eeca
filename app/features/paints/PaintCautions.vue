<script setup lang="ts">
import type { Paint } from '@juxtachrome/core/documents'
import { referenceOf } from '@juxtachrome/core/film'
import { cautionsOfCodes, OF_EVERY_PIGMENT, unknownInWords } from '@juxtachrome/core/pigments'
import { computed } from 'vue'

/** What is usually said of the harm in a paint's pigments; `brief` in one line. */
const props = defineProps<{ paint: Paint; brief?: boolean }>()
const known = computed(() => cautionsOfCodes(props.paint.pigments, referenceOf(props.paint)))
const unknown = computed(() => unknownInWords(known.value.unknown) ?? '')
const about = computed(() => known.value.lines.map((l) => `${l.text.split(':')[0]} (${l.codes.join(', ')})`).join('; '))
</script>

<template>
  <p v-if="brief && (known.lines.length || unknown)" class="hint">
    {{ [about && `Caution: ${about}.`, unknown].filter(Boolean).join(' ') }}
  </p>
  <section v-else-if="!brief && (paint.pigments.length || known.lines.length)" class="mt-3">
    <h3>Cautions</h3>
    <ul class="list-disc pl-5 text-sm">
      <li v-for="line in known.lines" :key="line.text">{{ line.text }} ({{ line.codes.join(', ') }})</li>
      <li v-if="unknown">{{ unknown }}</li>
      <li v-if="!known.lines.length && !unknown">None usual for its pigments beyond what holds for all of them.</li>
      <li>
        {{ known.forChildren === 'no' ? 'Not for children.' : 'For children only where the label says so.' }}
        {{ OF_EVERY_PIGMENT }}
      </li>
    </ul>
  </section>
</template>
