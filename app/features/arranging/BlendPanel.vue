<script setup lang="ts">
import { ARRANGE_WISHES, type WishScore } from '@juxtachrome/core/arranging'
import { computed, ref } from 'vue'
import type { useBlend } from './useBlend'
import Refusal from '~/shared/ui/Refusal.vue'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

/** Schools of arranging, alone or blended, with how well each wish is met. */
const props = defineProps<{ blending: ReturnType<typeof useBlend>; scores: readonly WishScore[] }>()
const { blend, schools, chosen, weigh, keep, forget, take } = props.blending
const scoreOf = computed(() => new Map(props.scores.map((s) => [s.wish, s.score])))
const name = ref('')
const trouble = ref('')
function keepIt() {
  trouble.value = name.value.trim() ? '' : 'A blend needs a name.'
  if (trouble.value) return
  keep(name.value.trim())
  name.value = ''
}
const inWords = (wish: string) => {
  const score = scoreOf.value.get(wish)
  if (score === undefined) return ''
  return score < 0.05 ? 'as by chance' : `${Math.round(100 * Math.min(1, score))} %`
}
</script>

<template>
  <section aria-label="What matters in arranging">
    <h2 tabindex="-1">How it should lie</h2>
    <ChoiceGroup label="School" class="mt-1 flex flex-wrap gap-1">
      <button
        v-for="s in schools"
        :key="s.key"
        class="choice"
        :aria-pressed="chosen?.key === s.key"
        @click="take(s.blend)"
      >
        {{ s.label }}
      </button>
    </ChoiceGroup>
    <p class="hint mt-2 flex justify-between text-sm"><span>Blend them</span><span>how well it is met</span></p>
    <div v-for="w in ARRANGE_WISHES" :key="w.id" class="border-t border-line py-0.5" :title="w.about">
      <label class="grid grid-cols-[minmax(0,1fr)_4.5rem_4.5rem] items-center gap-2 text-[13px]"
        ><span>{{ w.label }}</span
        ><input
          type="range"
          min="0"
          max="1"
          step="0.1"
          class="h-6 w-full"
          :value="blend[w.id] ?? 0"
          :aria-valuetext="`${Math.round(100 * (blend[w.id] ?? 0))} %`"
          @input="weigh(w.id, Number(($event.target as HTMLInputElement).value))"
        /><span class="hint text-right text-[13px] tabular-nums">{{ inWords(w.id) }}</span></label
      >
    </div>
    <form class="mt-2 flex items-end gap-2" novalidate @submit.prevent="keepIt">
      <label class="min-w-0 grow text-sm"
        >Keep this blend as<input v-model="name" class="input" maxlength="60" :aria-invalid="Boolean(trouble)"
      /></label>
      <button class="btn">Keep</button>
    </form>
    <Refusal v-if="trouble" class="mt-1" :says="trouble" />
    <p v-if="chosen?.own" class="mt-1">
      <button class="link text-sm" @click="forget(chosen.own)">Forget {{ chosen.label }}</button>
    </p>
  </section>
</template>
