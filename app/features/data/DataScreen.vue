<script setup lang="ts">
import { inventoryOf, wordOf } from '@juxtachrome/core/collection'
import { CURRENCY_CODES } from '@juxtachrome/core/paints'
import { computed } from 'vue'
import { useServed } from '~/shared/files/served'
import { useExport } from '~/shared/files/useExport'
import { useCollection } from '~/stores/collection'
import { useStart } from '~/shared/shell/useStart'
import { useKeeper } from '~/stores/keeper'
import { useSettings } from '~/stores/settings'
import { useNotices } from '~/stores/notices'
import { DevicesPanel } from '~/features/devices'
import CopiesPanel from './CopiesPanel.vue'
import ImportCollection from './ImportCollection.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'
import WipeCollection from './WipeCollection.vue'

useHead({ title: 'Data · Juxtachrome' })
const collection = useCollection()
const keeper = useKeeper()
const { exporting, download, downloadCsv, downloadXlsx } = useExport()
const settings = useSettings()
const served = useServed()
const NAMES = new Intl.DisplayNames('en', { type: 'currency' })
const CURRENCIES = CURRENCY_CODES.map((code) => ({ code, words: `${code}, ${NAMES.of(code)}` }))
const counts = computed(() => inventoryOf(collection.reading))
const NOT_PROMISED =
  'The browser has not promised to keep it: it may clear it when space runs short, and a private window ' +
  'forgets it when it is closed. Export from time to time.'
async function setAside() {
  const done = await keeper.setUnreadableAside()
  if (done.ok) useNotices().say('Set aside. They still go along in every export.')
  else useNotices().trouble(done.error.message)
}
const keeping = computed(
  () =>
    ({ opening: 'opening', saved: 'everything is saved', saving: 'saving', failed: 'not saved', stopped: 'not saved' })[
      keeper.state
    ],
)
</script>

<template>
  <div class="mx-auto w-full max-w-4xl space-y-4 p-3">
    <h1>Data</h1>
    <section class="panel p-4">
      <h2 class="mb-1">What is kept here</h2>
      <p class="mb-2">
        Everything lives in this browser, on this device; nothing is sent anywhere. At present {{ keeping }}.
      </p>
      <p v-if="keeper.isLasting !== undefined" class="hint mb-2">
        {{ keeper.isLasting ? 'The browser has promised not to clear it when space runs short.' : NOT_PROMISED }}
      </p>
      <ul class="mb-3">
        <li v-for="{ kind, many, count } in counts" :key="kind">
          <span class="inline-block min-w-12 pr-2 text-right font-semibold">{{ count }}</span>{{ many }}
        </li>
      </ul>
      <WorkingBar v-if="exporting" label="Writing the file" :done="exporting.done" :on-cancel="exporting.cancel"
        >Writing the file …</WorkingBar
      >
      <button v-else class="btn btn-primary" @click="download">Export everything</button>
      <p class="hint mt-1">
        One JSON file with all of it, also what a newer version wrote. Keep a copy elsewhere from time to time.
      </p>
    </section>
    <section class="panel p-4">
      <h2 class="mb-1">The paints as a list</h2>
      <p class="mb-2">
        A table of paints, tubes and pans that a spreadsheet opens and an import reads again; palettes, the journal and
        notes of tubes are not in it.
      </p>
      <div class="flex flex-wrap gap-2">
        <button class="btn" :disabled="!collection.paints.length" @click="downloadCsv">Save as CSV</button>
        <button class="btn" :disabled="!collection.paints.length" @click="downloadXlsx">Save as XLSX</button>
        <NuxtLink class="btn" to="/list">Print with swatches</NuxtLink>
      </div>
    </section>
    <CopiesPanel />
    <DevicesPanel />
    <ImportCollection />
    <section v-if="collection.unreadable.length" class="panel p-4">
      <h2>Could not be read</h2>
      <p>These are left as they were found, and go along in every export.</p>
      <ul class="mt-1">
        <li v-for="(u, i) in collection.unreadable" :key="i" class="border-t border-line py-1">
          {{ wordOf(u.kind) }}: {{ u.problem.message }}
        </li>
      </ul>
      <p class="mt-2"><button class="btn" @click="setAside">Set them aside</button></p>
      <p class="hint mt-1">
        They are then not tried again at every opening, but stay in this browser and in every export. What a newer
        version wrote stays where that version looks for it.
      </p>
    </section>
    <section class="panel p-4">
      <h2 class="mb-1">Money</h2>
      <label class="flex flex-wrap items-center gap-2"
        >A price without a currency is in
        <select v-model="settings.currency" class="input w-auto">
          <option v-for="c in CURRENCIES" :key="c.code" :value="c.code">{{ c.words }}</option>
        </select></label
      >
      <p class="hint mt-1">
        A sign that several currencies share, such as $ or kr, is read as this one where it can be. Prices that are
        recorded keep the currency they have.
      </p>
    </section>
    <section class="panel p-4">
      <h2 class="mb-1">The demo</h2>
      <p class="mb-2">
        A painter’s season on a seabird island, added beside what is here. All makers in it are invented.
      </p>
      <button class="btn" @click="useStart().openDemo()">Add the demo</button>
    </section>
    <WipeCollection />
    <p class="hint px-4">
      <a class="link" :href="served.file('licences.txt')">What Juxtachrome is made of, and the licences</a>
    </p>
  </div>
</template>
