<script setup lang="ts">
import { shallowRef, watch } from 'vue'
import { useExport } from '~/shared/files/useExport'
import { useDayWords } from '~/shared/words/dayWords'
import { useCopies, type RestorePoint } from '~/stores/copies'
import Refusal from '~/shared/ui/Refusal.vue'
import CopyLook from './CopyLook.vue'
import { useCopyLook } from './useCopyLook'

/** Copies that make themselves in a folder, what was here before something replaced it, and the way back to either. */
const copies = useCopies()
const { download } = useExport()
const { agoInWords, momentInWords } = useDayWords()
const look = useCopyLook()
const inFolder = shallowRef<{ name: string; day: string }[]>([])
const points = shallowRef<RestorePoint[]>([])
const MOST = 12

watch(
  [() => copies.made, () => copies.copying],
  async () => {
    inFolder.value = await copies.list()
    points.value = await copies.points()
  },
  { immediate: true },
)

const lookAtCopy = (name: string, day: string) =>
  look.look({
    title: `The copy of ${agoInWords(day)}`,
    file: async () => {
      const file = await copies.open(name)
      if (!file.ok) throw new Error(file.error.message)
      return file.value
    },
  })
const lookAtPoint = (point: RestorePoint) =>
  look.look({ title: `As it was before ${point.before}`, file: () => copies.openPoint(point) })
</script>

<template>
  <section id="copies" class="panel p-4">
    <h2 class="mb-1">Copies</h2>
    <template v-if="copies.folder">
      <p class="mb-2">
        After changes a copy is written into <strong>{{ copies.folder }}</strong>: one a day, older ones thinned to one
        a week, then one a month.
        <template v-if="copies.last">Last copy: {{ momentInWords(copies.last.made) }}.</template>
      </p>
      <Refusal
        v-if="copies.copying === 'failed'"
        class="mb-2"
        :says="`The last copy was not written. ${copies.trouble}`"
      />
      <p v-if="copies.copying === 'asks'" class="mb-2" role="status">
        The browser wants to be asked before it lets copies into this folder again.
      </p>
      <div class="flex flex-wrap gap-2">
        <button class="btn btn-primary" :disabled="copies.copying === 'writing'" @click="copies.copyNow()">
          {{ copies.copying === 'asks' ? 'Allow copies again' : 'Make a copy now' }}
        </button>
        <button class="btn" @click="copies.choose()">Choose another folder …</button>
        <button class="btn btn-quiet" @click="copies.forget()">Stop making copies</button>
      </div>
    </template>
    <template v-else-if="copies.canChoose">
      <p class="mb-2">
        Choose a folder, best one that is backed up or shared with another device: after changes a copy is written there
        by itself.
      </p>
      <button class="btn btn-primary" @click="copies.choose()">Choose a folder …</button>
    </template>
    <template v-else>
      <p class="mb-2">
        This browser does not let a folder be chosen, so a copy takes one press now and then; Today reminds you.
        <template v-if="copies.last">Last copy: {{ momentInWords(copies.last.made) }}.</template>
      </p>
      <button class="btn btn-primary" @click="download">Save a copy</button>
    </template>

    <template v-if="inFolder.length">
      <h3 class="mt-4">In the folder</h3>
      <ul>
        <li
          v-for="{ name, day } in inFolder.slice(0, MOST)"
          :key="name"
          class="flex min-h-10 flex-wrap items-center gap-2 border-t border-line py-1"
        >
          <span class="inline-block grow first-letter:uppercase"
            >{{ agoInWords(day) }} <span class="hint">{{ name }}</span></span
          >
          <button class="btn" :aria-label="`Look at the copy of ${agoInWords(day)}`" @click="lookAtCopy(name, day)">
            Look at it
          </button>
        </li>
      </ul>
      <p v-if="inFolder.length > MOST" class="hint">
        and {{ inFolder.length - MOST }} older ones; any of them can be imported below
      </p>
    </template>
    <template v-if="points.length">
      <h3 class="mt-4">On this device, from before it was replaced</h3>
      <ul>
        <li
          v-for="point in points"
          :key="point.id"
          class="flex min-h-10 flex-wrap items-center gap-2 border-t border-line py-1"
        >
          <span class="grow"
            >Before {{ point.before }} <span class="hint">{{ momentInWords(point.made) }}</span></span
          >
          <button class="btn" :aria-label="`Look at it as it was before ${point.before}`" @click="lookAtPoint(point)">
            Look at it
          </button>
        </li>
      </ul>
    </template>
    <CopyLook v-if="look.looked.value" :look="look" />
  </section>
</template>
