<script setup lang="ts">
import { toScreen } from '@juxtachrome/core/colour'
import type { SpectralFile } from '@juxtachrome/core/formats'
import { computed, ref, shallowRef } from 'vue'
import { useSwatchCommands } from './commands'
import { counted } from '@juxtachrome/core/units'
import { readTextFile } from '~/shared/files/readFile'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useCore } from '~/shared/questions/useCore'
import FileButton from '~/shared/ui/FileButton.vue'
import { figure } from '~/shared/words/figures'
import Refusal from '~/shared/ui/Refusal.vue'

const collection = useCollection()
const commands = useSwatchCommands()
const file = shallowRef<SpectralFile>()
const fileName = ref('')
const trouble = ref('')
const named = ref<string[]>([])
const kinds = ref<('masstone' | 'wash')[]>([])
const paints = computed(() => [...collection.paints].sort((p, q) => p.name.localeCompare(q.name)))
const samples = computed(() => (file.value?.samples ?? []).map((s) => ({ ...s, hex: toScreen(s.lab).hex })))
const count = computed(() => named.value.filter(Boolean).length)

const core = useCore()
async function choose(chosen: File) {
  const text = await readTextFile(chosen, 20)
  const read = text.ok ? await core.ask('readSpectra', { text: text.value }, { topic: 'spectra' }).result : text
  trouble.value = read.ok ? '' : read.error.message
  file.value = read.ok ? read.value : undefined
  fileName.value = chosen.name
  named.value = samples.value.map(
    ({ name }) => paints.value.find((p) => name.toLowerCase().includes(p.name.toLowerCase()))?.id ?? '',
  )
  kinds.value = samples.value.map(({ name }) => (/wash|tint|dilut|undertone/i.test(name) ? 'wash' : 'masstone'))
}
function save() {
  const records = samples.value.flatMap((s, i) =>
    named.value[i]
      ? [
          {
            paintId: named.value[i]!,
            kind: kinds.value[i]!,
            swatch: {
              L: Math.min(100, s.lab.L),
              a: s.lab.a,
              b: s.lab.b,
              source: 'spectrum' as const,
              spectrum: s.reflectance,
              note: `${fileName.value}: ${s.name}`.slice(0, 200),
            },
          },
        ]
      : [],
  )
  commands.recordSwatches(records, `recorded ${records.length} measured swatches from ${fileName.value}`)
  useNotices().say(`Recorded ${counted(records.length, 'swatch', 'swatches')}.`)
  file.value = undefined
}
</script>

<template>
  <section aria-label="Read a file of spectra" class="space-y-3">
    <p>
      CGATS.17 text, or a table with wavelengths as headings (380, 390, …). Other ranges and steps are brought to
      380–730 nm by 10 nm, and that is said.
    </p>
    <FileButton label="Choose a file" primary accept=".txt,.csv,.tsv,.cgats,.it8,text/*" @choose="choose" />
    <Refusal v-if="trouble" :says="trouble" />
    <template v-if="file">
      <p v-for="note in file.notes" :key="note" class="doubt">{{ note }}</p>
      <p>{{ file.samples.length }} spectra read{{ file.refused.length ? `, ${file.refused.length} refused` : '' }}.</p>
      <ul v-if="file.refused.length">
        <li v-for="r in file.refused" :key="r.line" class="text-trouble">
          Line {{ r.line }}, {{ r.name }}: {{ r.problem.message }}
        </li>
      </ul>
      <table v-if="samples.length" class="plain">
        <thead>
          <tr>
            <th>Name in the file</th>
            <th>Colour</th>
            <th>L* a* b*</th>
            <th>Paint</th>
            <th>Kind</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(s, i) in samples" :key="s.line">
            <td>{{ s.name }}</td>
            <td><span class="block h-7 w-14" :style="{ background: s.hex }" /></td>
            <td>{{ figure(s.lab.L) }} {{ figure(s.lab.a) }} {{ figure(s.lab.b) }}</td>
            <td>
              <select v-model="named[i]" class="input" :aria-label="`Paint of ${s.name}`">
                <option value="">none</option>
                <option v-for="p in paints" :key="p.id" :value="p.id">{{ p.name }}, {{ p.maker }}</option>
              </select>
            </td>
            <td>
              <select v-model="kinds[i]" class="input" :aria-label="`Kind of ${s.name}`">
                <option>masstone</option>
                <option>wash</option>
              </select>
            </td>
          </tr>
        </tbody>
      </table>
      <div class="flex gap-2">
        <button class="btn btn-primary" :disabled="count === 0" @click="save">Save {{ count }} swatches</button
        ><button class="btn" @click="file = undefined">Save none</button>
      </div>
    </template>
  </section>
</template>
