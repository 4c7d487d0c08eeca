<script setup lang="ts">
import { useSettings } from '~/stores/settings'
import { perMlInWords } from '~/shared/words/moneyWords'
import type { Palette } from '@juxtachrome/core/documents'
import { readPrice } from '@juxtachrome/core/paints'
import { type Matters, SCOPES, type Scope } from '@juxtachrome/core/standins'
import { counted } from '@juxtachrome/core/units'
import type { ValueOf } from '~/workers/client'
import { computed, ref, shallowRef } from 'vue'
import { useStandInCommands } from './commands'
import { points } from '~/shared/words/figures'
import { usePaintName } from '~/shared/words/paintName'
import { useQuestion } from '~/shared/questions/useQuestion'
import { standInListFile } from './standInFiles'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import SubstituteLine from './SubstituteLine.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

/** The best stand-in for every paint of a palette, or for every line of somebody's list, at one or two levels of price. */
const props = defineProps<{ palette: Palette; matters: Matters }>()
const emit = defineEmits<{ wantPaint: [paintId: string] }>()
type Answer = ValueOf<'substitutePalette'>
const commands = useStandInCommands()
const nameOf = usePaintName()
const { ask, cancel, isWorking, trouble } = useQuestion('substitutePalette')
const isList = ref(false)
const text = ref('')
const scope = ref<Scope>('what is owned')
const settings = useSettings()
const prices = ref(['', ''])
const levels = shallowRef<{ title: string; answer: Answer }[]>([])
/** The lines of a level that is still being worked out. */
const onTheWay = shallowRef<Answer['lines']>()
const shown = ref(0)
const progress = ref(0)
const lines = computed(() => levels.value[shown.value]?.answer.lines ?? onTheWay.value ?? [])
const reach = computed(() => levels.value[shown.value]?.answer.reach)
const near = computed(() => lines.value.filter((l) => l.isNear).length)

async function begin() {
  trouble.value = ''
  levels.value = []
  onTheWay.value = undefined
  shown.value = 0
  if (isList.value && !text.value.trim())
    return void (trouble.value = 'Paste or type the list first, one paint a line.')
  const caps = prices.value.map((p) => p.trim()).filter(Boolean)
  const read = caps.map((p) => readPrice(p, settings.money))
  const odd = caps.find((_, i) => !read[i])
  if (odd) return void (trouble.value = `“${odd}” is no price. Write it with its currency: 0.80 EUR.`)
  const asked = read.length ? read.flatMap((p) => p ?? []) : [undefined]
  for (const mostPerMl of asked) {
    progress.value = 0
    onTheWay.value = undefined
    const title = mostPerMl ? `up to ${perMlInWords(mostPerMl)}` : `from ${scope.value}`
    const answer = await ask(
      {
        paletteId: props.palette.id,
        scope: scope.value,
        matters: props.matters,
        ...(isList.value ? { text: text.value } : {}),
        ...(mostPerMl ? { mostPerMl } : {}),
      },
      ({ done, of, soFar }) => {
        progress.value = done / of
        if (soFar.length > (onTheWay.value?.length ?? 0)) onTheWay.value = soFar
      },
    )
    if (!answer) return
    levels.value = [...levels.value, { title, answer }]
  }
}
const label = (l: Answer['lines'][number]) => (isList.value ? l.words : `${l.id}: ${l.words}`)
/** Those that are near, and something else than what is there. */
const takes = computed(() =>
  isList.value
    ? []
    : lines.value.flatMap((l) =>
        l.best && l.isNear && l.best.kind !== 'another item' && l.best.kind !== 'to buy'
          ? [{ placeId: l.id, standIn: l.best }]
          : [],
      ),
)
const takeAll = () =>
  commands.takeAll(props.palette.id, takes.value, `planned ${counted(takes.value.length, 'stand-in')}`)
const save = () => standInListFile(props.palette.name, levels.value, nameOf)
</script>

<template>
  <section class="flex min-h-0 flex-col" aria-label="Stand-ins for all">
    <h2 tabindex="-1">A stand-in for every paint</h2>
    <ChoiceGroup label="For what" class="mt-1 flex gap-1">
      <button class="choice" :aria-pressed="!isList" @click="((isList = false), (levels = []))">this palette</button>
      <button class="choice" :aria-pressed="isList" @click="((isList = true), (levels = []))">a list</button>
    </ChoiceGroup>
    <textarea
      v-if="isList"
      v-model="text"
      class="input mt-1"
      rows="4"
      spellcheck="false"
      aria-label="The list, one paint a line"
    />
    <ChoiceField v-model="scope" label="From" :choices="SCOPES" class="mt-1" />
    <details class="mt-1 text-sm">
      <summary>At a price</summary>
      <div class="flex gap-2">
        <label v-for="(_, i) in prices" :key="i" class="min-w-0 grow"
          >{{ i ? 'and at' : 'At most, a ml'
          }}<input v-model="prices[i]" class="input" placeholder="0.80 EUR" maxlength="20"
        /></label>
      </div>
    </details>
    <p class="mt-2 flex gap-2">
      <button v-if="!isWorking" class="btn btn-primary" @click="begin">Find them</button>
      <button v-else class="btn" @click="cancel">Cancel</button>
    </p>
    <WorkingBar v-if="isWorking" class="mt-1" :done="progress" label="Looking for stand-ins" />
    <Refusal v-if="trouble" class="mt-1" :says="trouble" />
    <template v-if="lines.length">
      <ChoiceGroup v-if="levels.length > 1" label="Price" class="mt-2 flex flex-wrap gap-1">
        <button v-for="(l, i) in levels" :key="l.title" class="choice" :aria-pressed="shown === i" @click="shown = i">
          {{ l.title }}
        </button>
      </ChoiceGroup>
      <p class="mt-1 text-sm" role="status">
        {{ near }} of {{ counted(lines.length, 'line') }} have a near stand-in.
        <template v-if="reach"
          >What is reached would go from {{ points(reach.before) }} to {{ points(reach.after) }}.</template
        >
      </p>
      <ul class="min-h-0 grow overflow-y-auto" aria-label="Lines">
        <SubstituteLine
          v-for="l in lines"
          :key="l.id"
          :line="l"
          :label="label(l)"
          @look="l.paintId && emit('wantPaint', l.paintId)"
        />
      </ul>
      <p v-if="levels.length" class="mt-2 flex flex-wrap gap-2">
        <button v-if="takes.length" class="btn" @click="takeAll">Take the {{ takes.length }} near ones</button>
        <button class="btn" @click="save">Save as CSV</button>
      </p>
    </template>
  </section>
</template>
