<script setup lang="ts">
import * as z from 'zod/mini'
import { useExport } from '~/shared/files/useExport'
import { useCollection } from '~/stores/collection'
import { useKeeper } from '~/stores/keeper'
import { kept } from '~/stores/kept'

/** Told once, when there is something to lose: this browser may clear what is kept here. */
const keeper = useKeeper()
const collection = useCollection()
const { download } = useExport()
const told = kept('jx-told-not-lasting', z.boolean(), false)
</script>

<template>
  <section
    v-if="keeper.isLasting === false && !told && !collection.isEmpty"
    class="panel mb-4 flex flex-wrap items-center gap-x-3 gap-y-2 p-3"
  >
    <p class="min-w-64 grow basis-0">
      <strong>Keep a copy elsewhere.</strong> This browser has not promised to keep the collection: it may clear it when
      space runs short, and a private window forgets it when it is closed.
    </p>
    <button class="btn" @click="download">Export everything</button>
    <button class="btn" @click="told = true">Understood</button>
  </section>
</template>
