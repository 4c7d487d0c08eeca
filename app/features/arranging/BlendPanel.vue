<script setup lang="ts">
import { ARRANGE_WISHES, type WishScore } from '@juxtachrome/core/arranging'
import { computed, ref, watch } from 'vue'
import type { useBlend } from './useBlend'
import WishSlider from './WishSlider.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

/** Schools of arranging, alone or blended, with how well each wish is met. */
const props = defineProps<{ blending: ReturnType<typeof useBlend>; scores: readonly WishScore[] }>()
const { blend, orders, chosen, weigh, keep, forget, take } = props.blending
const scoreOf = computed(() => new Map(props.scores.map((s) => [s.wish, s.score])))
const name = ref('')
const trouble = ref('')
function keepIt() {
  trouble.value = name.value.trim() ? '' : 'A blend needs a name.'
  if (trouble.value) return
  keep(name.value.trim())
  name.value = ''
}
/** Wishes that counted when an order was taken up; the others stay behind a word, where they were, while they are weighed. */
const counted = ref(new Set<string>())
const note = () => (counted.value = new Set(ARRANGE_WISHES.filter((w) => blend.value[w.id]).map((w) => w.id)))
note()
watch(chosen, (now) => now && note())
const counting = computed(() => ARRANGE_WISHES.filter((w) => counted.value.has(w.id)))
const others = computed(() => ARRANGE_WISHES.filter((w) => !counted.value.has(w.id)))
</script>

<template>
  <section aria-label="What matters in arranging">
    <h2 tabindex="-1">How it should lie</h2>
    <ChoiceGroup label="Order" class="mt-1 flex flex-wrap gap-1">
      <button
        v-for="s in orders"
        :key="s.key"
        class="choice"
        :aria-pressed="chosen?.key === s.key"
        @click="take(s.blend)"
      >
        {{ s.label }}
      </button>
    </ChoiceGroup>
    <p class="hint mt-2 flex justify-between text-sm"><span>What counts</span><span>how well it is met</span></p>
    <WishSlider
      v-for="w in counting"
      :key="w.id"
      :wish="w"
      :weight="blend[w.id] ?? 0"
      :score="scoreOf.get(w.id)"
      @weigh="weigh(w.id, $event)"
    />
    <details v-if="others.length" class="border-t border-line">
      <summary class="link inline-flex min-h-8 items-center text-sm">More wishes</summary>
      <WishSlider
        v-for="w in others"
        :key="w.id"
        :wish="w"
        :weight="blend[w.id] ?? 0"
        :score="scoreOf.get(w.id)"
        @weigh="weigh(w.id, $event)"
      />
    </details>
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
