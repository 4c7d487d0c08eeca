<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import type { AddedOne, Blend } from '@juxtachrome/core/arranging'
import { differenceInWords } from '@juxtachrome/core/colour'
import { computed, ref, shallowRef, watch } from 'vue'
import { usePaintName } from '~/shared/words/paintName'
import { wishInWords } from './wishInWords'
import { usePaletteCommands } from '~/features/palettes'
import { useArrangeRequest } from './useArrangeRequest'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useCollection } from '~/stores/collection'
import Refusal from '~/shared/ui/Refusal.vue'

/** One more paint into a palette as it lies: where, what it costs, or instead of what; or a place kept for it. */
const props = defineProps<{ palette: Palette; blend: Blend }>()
const emit = defineEmits<{ select: [placeId: string] }>()
const collection = useCollection()
const commands = usePaletteCommands()
const nameOf = usePaintName()
const text = ref('')
const paintId = ref('')
const request = useArrangeRequest()
const question = useQuestion('addOne')
const { trouble } = question
const answer = shallowRef<AddedOne>()
const MOST = 6
const isPlanned = (id: string) => Object.values(props.palette.plan).some((p) => p.paintId === id)
const onOrder = computed(() => [
  ...new Set(collection.items.filter((i) => i.supply === 'on order' && !isPlanned(i.paintId)).map((i) => i.paintId)),
])
const found = computed(() =>
  text.value.trim() ? (collection.find(text.value) ?? []).filter((id) => !isPlanned(id)).slice(0, MOST) : [],
)
const label = (id: string) => {
  const paint = collection.paint(id)
  return paint ? [paint.name, paint.maker, paint.pigments.join(' ')].filter(Boolean).join(', ') : ''
}
watch([paintId, () => props.palette, () => props.blend] as const, async ([id, palette, blend]) => {
  answer.value = undefined
  if (!id) return
  answer.value = await question.ask({ ...request(palette.id, blend), paintId: id })
})
function choose(id: string) {
  paintId.value = id
  text.value = ''
}
const scoresInWords = (scores: AddedOne['places'][number]['scores']) =>
  scores.map((s) => `${wishInWords(s.wish)} ${Math.round(100 * s.score)} %`).join(', ')
function put(placeId: string, shift?: { from: string; to: string }) {
  const id = paintId.value
  if (!commands.place(props.palette.id, placeId, id)) return
  if (shift) commands.move(props.palette.id, shift.to, shift.from)
  paintId.value = ''
  emit('select', shift?.from ?? placeId)
}
function keep(placeId: string) {
  const paint = collection.paint(paintId.value)
  if (!paint || !commands.reserve(props.palette.id, placeId, paint.name.slice(0, 200))) return
  paintId.value = ''
  emit('select', placeId)
}
const like = computed(() => answer.value?.like)
</script>

<template>
  <section aria-label="One more paint">
    <h2>One more paint</h2>
    <label v-if="!paintId" class="mt-1 block text-sm"
      >Which<input v-model="text" type="search" class="input" maxlength="100" placeholder="Name, code or maker"
    /></label>
    <ul v-if="!paintId" class="text-sm">
      <li v-for="id in found" :key="id" class="border-t border-line py-0.5">
        <button class="text-left hover:underline" @click="choose(id)">{{ label(id) }}</button>
      </li>
      <li v-if="text.trim() && found.length === 0" class="hint py-0.5">None is called so that is not planned here.</li>
    </ul>
    <p v-if="!paintId && onOrder.length" class="mt-1 text-sm">
      <span class="hint">On order:</span>
      <button v-for="id in onOrder" :key="id" class="link ml-2" @click="choose(id)">{{ nameOf(id) }}</button>
    </p>
    <template v-if="paintId">
      <p class="mt-1 flex items-baseline gap-2">
        <span class="min-w-0 grow font-medium">{{ label(paintId) }}</span><button
          class="link text-sm"
          @click="paintId = ''"
        >
          Another
        </button>
      </p>
      <Refusal v-if="trouble" :says="trouble" />
      <template v-if="answer">
        <p v-if="like" class="mt-1 text-sm" role="status">
          <SaidPaints
            :text="`Most like it here is ${paintToken(like.paintId)}: the difference is ${differenceInWords(like.difference)}.`"
          />
          {{ like.difference < 5 ? 'It may well be left out.' : '' }}
        </p>
        <ul class="mt-1 text-sm">
          <li v-for="p in answer.places" :key="p.placeId" class="border-t border-line py-1">
            <p>
              <strong class="font-semibold">{{ p.placeId }}</strong><template v-if="p.keptFor !== undefined"
                >, kept free{{ p.keptFor ? ` for ${p.keptFor}` : '' }}</template
              >: <span class="hint">{{ scoresInWords(p.scores) }}</span>
            </p>
            <p class="flex flex-wrap gap-x-3">
              <button class="link" :aria-label="`Put it in ${p.placeId}`" @click="put(p.placeId)">Put it there</button>
              <button
                v-if="p.keptFor === undefined"
                class="link"
                :aria-label="`Keep ${p.placeId} for it`"
                @click="keep(p.placeId)"
              >
                Keep the place for it
              </button>
              <button v-if="p.shift" class="link" @click="put(p.placeId, p.shift)">
                Put it in {{ p.shift.from }}, what lies there into {{ p.placeId }}
              </button>
              <span v-if="p.shift" class="hint">{{ scoresInWords(p.shift.scores) }}</span>
            </p>
          </li>
        </ul>
        <template v-if="answer.instead.length">
          <p class="hint mt-1 text-sm">Every place is taken. Instead of:</p>
          <ul class="text-sm">
            <li v-for="l in answer.instead" :key="l.placeId" class="border-t border-line py-1">
              <button class="link" @click="put(l.placeId)">{{ l.placeId }}: {{ nameOf(l.paintId) }}</button>
              <span class="hint ml-1"
                >{{ l.difference === undefined ? '' : `the difference is ${differenceInWords(l.difference)}; ` }}then
                {{ scoresInWords(l.scores) }}</span
              >
            </li>
          </ul>
        </template>
        <p v-if="!answer.places.length && !answer.instead.length" class="hint text-sm">
          Every place is locked or kept. Unlock one first.
        </p>
      </template>
    </template>
  </section>
</template>
