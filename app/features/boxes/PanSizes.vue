<script setup lang="ts">
import { PAN_SIZES, type PanSize } from '@juxtachrome/core/documents'
import { ref } from 'vue'
import { useSettings } from '~/stores/settings'
import { atMost } from '~/shared/words/figures'
import { numberIn } from '~/shared/words/numberIn'
import Refusal from '~/shared/ui/Refusal.vue'

/** How large one's own pans are: measured once, used wherever a pan is drawn, packed or labelled. */
const settings = useSettings()
const FIELDS = [
  ['width', 'Width'],
  ['height', 'Length'],
  ['depth', 'Depth of paint'],
] as const
const trouble = ref('')
function set(size: PanSize, field: (typeof FIELDS)[number][0], event: Event) {
  const typed = numberIn((event.target as HTMLInputElement).value)
  const [least, most] = field === 'depth' ? [0.5, 30] : [4, 80]
  trouble.value = typed >= least && typed <= most ? '' : `A number of millimetres, from ${least} to ${most}.`
  if (!trouble.value) settings.setPan(size, { ...settings.pans[size], [field]: typed })
}
</script>

<template>
  <details class="panel mt-4 p-3">
    <summary class="font-medium">Sizes of your pans</summary>
    <p class="hint mt-1">
      Makers differ by a millimetre or more. What you enter here is used for new places and for fitting pans into a tin;
      boxes that are drawn already stay as they are.
    </p>
    <table class="plain mt-2">
      <thead>
        <tr>
          <th>Pan</th>
          <th v-for="[field, label] in FIELDS" :key="field">{{ label }}, mm</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="size in PAN_SIZES" :key="size">
          <th scope="row" class="text-left font-normal">{{ size }}</th>
          <td v-for="[field, label] in FIELDS" :key="field">
            <input
              class="input w-20"
              inputmode="decimal"
              :value="atMost(settings.pans[size][field], 2)"
              :aria-label="`${label} of a ${size}, mm`"
              @change="set(size, field, $event)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <Refusal v-if="trouble" :says="trouble" />
  </details>
</template>
