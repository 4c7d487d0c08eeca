<script setup lang="ts">
import { OWNED_MEANS } from '@juxtachrome/core/paints'
import { counted } from '@juxtachrome/core/units'
import { computed, nextTick, onMounted, ref } from 'vue'
import { LIST_FIELDS, usePastedList, type ListField } from './usePastedList'
import { priceInWords } from '~/shared/words/moneyWords'
import { leftInWords, spellingInWords } from './words'
import VariantAsk from '~/shared/swatch/VariantAsk.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** A pasted list, taken apart one row a paint. */
const props = defineProps<{ start: string }>()
const emit = defineEmits<{ added: [] }>()
const list = usePastedList(props.start)
const { text, found, rows, owned, otherCodes, makers, saidMakers, means, leftOut, wanted, refused, busy, trouble } =
  list
const { variants, correctSpellings, alike, takeAlike } = list
const misspelt = computed(() => rows.value.filter((r) => r.better).length)
const open = computed(() => rows.value.filter((r) => r.ask && !r.answer && !leftOut.has(r.line)).length)
const area = ref<HTMLTextAreaElement>()
onMounted(() => area.value?.focus())
const PORTION = 100
const shownRows = ref(PORTION)
const HEADS: Record<ListField, string> = {
  name: 'Name',
  maker: 'Maker',
  codes: 'Codes',
  millilitres: 'ml',
  count: 'How many',
}
const WIDTHS: Partial<Record<ListField, string>> = { name: 'min-w-44', maker: 'min-w-36', codes: 'min-w-36' }
const MEANS = { another: 'another one is added', nothing: 'nothing', update: 'what the list says of it is updated' }
function toggle<T>(set: Set<T>, key: T) {
  if (!set.delete(key)) set.add(key)
}
async function take() {
  if (!(await list.take())) return
  text.value = ''
  emit('added')
  await nextTick()
  area.value?.focus()
}
</script>

<template>
  <form class="space-y-2" @submit.prevent="take">
    <label class="block text-sm font-medium"
      >Paste or type a list, one paint a line
      <textarea
        ref="area"
        v-model="text"
        class="input mt-0.5 font-normal"
        rows="5"
        maxlength="400000"
        placeholder="Burnt sienna PBr7 5 ml&#10;2 x Lemon yellow PY3, half pan"
      />
    </label>
    <fieldset v-if="makers.length" class="doubt">
      <legend class="float-left mr-3">Which of these are makers?</legend>
      <span class="flex flex-wrap gap-x-4 gap-y-1">
        <label v-for="m in makers" :key="m.name" class="check"
          ><input type="checkbox" :checked="saidMakers.has(m.name)" @change="toggle(saidMakers, m.name)" />{{
            m.name
          }}
          ({{ counted(m.lines, 'line') }})</label
        >
      </span>
    </fieldset>
    <label v-if="owned.some(Boolean)" class="flex flex-wrap items-center gap-2 text-sm"
      >{{ owned.filter(Boolean).length }} owned already; that means
      <select v-model="means" class="input w-auto">
        <option v-for="m in OWNED_MEANS" :key="m" :value="m">{{ MEANS[m] }}</option>
      </select></label
    >
    <p v-if="misspelt" class="doubt flex flex-wrap items-center gap-2">
      {{ counted(misspelt, 'name is', 'names are') }} spelt or shortened otherwise than the trade does.
      <button type="button" class="btn" @click="correctSpellings">Write them as the trade does</button>
    </p>
    <p v-if="open" class="doubt" role="status">
      {{ counted(open, 'paint has', 'paints have') }} a code that is sold as several colours: tap the one it is. Until
      then it says “not sure which”.
    </p>
    <div
      v-if="rows.length"
      class="max-h-[50dvh] overflow-auto"
      tabindex="0"
      role="region"
      aria-label="The list taken apart"
    >
      <table class="plain w-full">
        <thead>
          <tr>
            <th><span class="sr-only">Take in</span></th>
            <th v-for="f in LIST_FIELDS" :key="f">{{ HEADS[f] }}</th>
            <th>Also read, doubts</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(r, i) in rows.slice(0, shownRows)" :key="r.line" :class="leftOut.has(r.line) ? 'opacity-60' : ''">
            <td>
              <input
                type="checkbox"
                class="size-4.5"
                :checked="!leftOut.has(r.line)"
                :aria-label="`Take in line ${r.line}, ${r.shown.name}`"
                @change="toggle(leftOut, r.line)"
              />
            </td>
            <td v-for="f in LIST_FIELDS" :key="f" :class="WIDTHS[f]">
              <input
                class="input"
                :class="f === 'millilitres' || f === 'count' ? 'w-16' : ''"
                :value="r.shown[f]"
                :aria-label="`${HEADS[f]}, line ${r.line}`"
                @change="list.correct(r.line, f, ($event.target as HTMLInputElement).value)"
              />
            </td>
            <td class="min-w-48 text-[0.8125rem]">
              <span v-if="r.problem" class="text-trouble">{{ r.problem }} </span>
              <span v-if="owned[i]" class="chip mr-1">owned already</span>
              <span v-if="alike[i]" class="block"
                >You own {{ [alike[i]!.name, alike[i]!.maker].filter(Boolean).join(' of ') }}.
                <button type="button" class="link" @click="takeAlike(r.line, alike[i]!)">
                  It is the same paint
                </button></span
              >
              <span v-if="otherCodes[i]">The one you own has other codes ({{ otherCodes[i] }}). </span>
              <span class="hint">
                {{
                  [
                    r.row.kind === 'tube' ? '' : r.row.kind,
                    r.row.supply === 'open' ? '' : r.row.supply,
                    ...r.row.remarks,
                    r.row.left ? leftInWords(r.row.left) : '',
                    r.row.price ? priceInWords(r.row.price) : '',
                  ]
                    .filter(Boolean)
                    .join(', ')
                }}
                {{ r.doubts.join(' ') }}</span
              >
              <span v-if="r.better" class="block"
                >{{ spellingInWords(r.spelling) }}
                <button type="button" class="link" @click="list.correct(r.line, 'name', r.better)">
                  Write {{ r.better }}
                </button></span
              >
              <VariantAsk
                v-if="r.ask"
                small
                class="mt-1"
                :code="r.ask.code"
                :proposed="r.ask.proposed"
                :chosen="r.answer"
                @choose="variants.set(r.line, $event)"
              />
            </td>
          </tr>
        </tbody>
      </table>
      <button v-if="rows.length > shownRows" type="button" class="btn mt-1" @click="shownRows += PORTION">
        Show the next {{ Math.min(PORTION, rows.length - shownRows) }} of {{ rows.length }}
      </button>
    </div>
    <details v-if="found.skipped.length" class="text-sm">
      <summary class="py-1">
        {{ counted(found.skipped.length, 'line was', 'lines were') }} not taken for a paint
      </summary>
      <ul>
        <li v-for="s in found.skipped.slice(0, 100)" :key="s.line" class="wrap-anywhere">
          Line {{ s.line }}: “{{ s.text.slice(0, 120) }}”. {{ s.reason }}
        </li>
      </ul>
    </details>
    <Refusal v-if="trouble" :says="trouble" />
    <div class="flex flex-wrap items-center gap-2">
      <button class="btn btn-primary" :disabled="!wanted.length || Boolean(busy)">
        Take in {{ counted(wanted.length, 'paint') }}
      </button>
      <slot />
      <span v-if="busy" class="hint" role="status">{{ busy }}</span>
      <span v-else-if="refused" class="hint" role="status"
        >{{ refused }} cannot be taken in as they stand: see the reason in the row.</span
      >
    </div>
  </form>
</template>
