<script setup lang="ts">
import { useExport } from '~/shared/files/useExport'
import { useLasting } from './useLasting'

/** Told once, when there is something to lose: this browser may clear what is kept here. */
const { download } = useExport()
const { told, isToSay, isPlain } = useLasting()
</script>

<template>
  <section v-if="isToSay" class="panel mb-4 flex flex-wrap items-center gap-x-3 gap-y-2 p-3">
    <p v-if="isPlain" class="min-w-64 grow basis-0">
      <strong>Keep a copy elsewhere.</strong> This page came over plain http, so the browser does not let it work
      offline, write copies by itself, or keep the order of two windows at once. Work in one window, and save a copy
      when you are done.
    </p>
    <p v-else class="min-w-64 grow basis-0">
      <strong>Keep a copy elsewhere.</strong> This browser has not promised to keep the collection: it may clear it when
      space runs short, and a private window forgets it when it is closed.
    </p>
    <button class="btn" @click="download">Save a copy</button>
    <button class="btn" @click="told = true">Understood</button>
  </section>
</template>
