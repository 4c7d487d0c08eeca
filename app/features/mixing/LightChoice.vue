<script setup lang="ts">
import { LIGHTS, type Light } from '@juxtachrome/core/colour'
import { useBench } from '~/stores/bench'
import { LIGHTS_IN_WORDS } from './words'

/** By which light the colours on the bench are shown. */
const bench = useBench()
const words = (light: Light) => LIGHTS_IN_WORDS[light]
</script>

<template>
  <fieldset class="flex flex-wrap items-center gap-x-3 text-sm">
    <legend class="sr-only">Seen by</legend>
    <label v-for="light in LIGHTS" :key="light" class="flex items-center gap-1"
      ><input v-model="bench.light" type="radio" name="light" :value="light" />{{ words(light) }}</label
    >
  </fieldset>
</template>
