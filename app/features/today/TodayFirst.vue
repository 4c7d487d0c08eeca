<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'

/** What is to be done first: one or two things, each a sentence and a way there. */
defineProps<{ todo: readonly { key: string; text: string; act: string; to: string }[] }>()
</script>

<template>
  <section class="panel p-4 lg:col-span-2" aria-labelledby="today-first">
    <h2 id="today-first">First</h2>
    <ul>
      <li
        v-for="one in todo"
        :key="one.key"
        class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-2 first:border-t-0"
      >
        <p class="min-w-0 grow basis-60 text-base"><SaidPaints :text="one.text" /></p>
        <NuxtLink class="btn" :to="one.to">{{ one.act }}</NuxtLink>
      </li>
    </ul>
  </section>
</template>
