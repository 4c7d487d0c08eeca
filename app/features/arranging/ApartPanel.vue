<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import { planAt, type Palette, plannedPaints } from '@juxtachrome/core/documents'
import { computed, ref } from 'vue'
import { usePaintName } from '~/shared/words/paintName'
import { usePaletteCommands } from '~/features/palettes'
import ChoiceField from '~/shared/ui/ChoiceField.vue'

/** Paints of a palette that are never to lie side by side. */
const props = defineProps<{ palette: Palette; place?: string; broken: readonly [string, string][] }>()
const commands = usePaletteCommands()
const nameOf = usePaintName()
const here = computed(() => (props.place ? planAt(props.palette, props.place)?.paintId : undefined))
const other = ref('')
const others = computed(() =>
  [...plannedPaints(props.palette)].filter((id) => id !== here.value).map((id) => ({ id, text: nameOf(id) })),
)
const isBroken = (pair: readonly string[]) => props.broken.some((b) => b.every((id) => pair.includes(id)))
function keepApart() {
  if (here.value && other.value) commands.keepApart(props.palette.id, here.value, other.value, true)
  other.value = ''
}
</script>

<template>
  <section v-if="here || palette.apart?.length" aria-label="Never side by side">
    <h3>Never side by side</h3>
    <ul class="text-sm">
      <li v-for="[p, q] in palette.apart ?? []" :key="`${p} ${q}`" class="border-t border-line py-0.5">
        <SaidPaints :text="`${paintToken(p)} and ${paintToken(q)} `" />
        <strong v-if="isBroken([p, q])" class="font-semibold">lie together</strong>
        <button
          class="link ml-1"
          :aria-label="`Let ${nameOf(p)} and ${nameOf(q)} lie together`"
          @click="commands.keepApart(palette.id, p, q, false)"
        >
          Let them
        </button>
      </li>
    </ul>
    <form v-if="here" class="mt-1 flex items-end gap-2" @submit.prevent="keepApart">
      <ChoiceField
        v-model="other"
        class="min-w-0 grow"
        :label="`${nameOf(here)}, never beside`"
        none="choose a paint"
        :choices="others"
      />
      <button class="btn whitespace-nowrap" :disabled="!other">Keep apart</button>
    </form>
  </section>
</template>
