<script setup lang="ts">
import { colourDifference, differenceInWords, parseColour } from '@juxtachrome/core/colour'
import { labOfSwatch } from '@juxtachrome/core/film'
import type { Recipe, Swatch } from '@juxtachrome/core/documents'
import type { LabD65 } from '@juxtachrome/core/units'
import { computed, reactive, ref } from 'vue'
import { useRecipeCommands } from './commands'
import { useMixtures } from '~/shared/swatch/useMixtures'
import { swatchText, toSwatch } from '~/shared/swatch/swatchText'
import { screenStops } from '~/shared/swatch/useSwatch'
import { useBench } from '~/stores/bench'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import SwatchBand from '~/shared/swatch/SwatchBand.vue'
import SwatchField from '~/shared/swatch/SwatchField.vue'
import TextField from '~/shared/ui/TextField.vue'
import { figure } from '~/shared/words/figures'

/** `narrow` where there is room for one beside another only. */
defineProps<{ narrow?: boolean }>()
const collection = useCollection()
const bench = useBench()
const commands = useRecipeCommands()
const notices = useNotices()
const { predict, inWords } = useMixtures()
const noting = ref<string>()
const seen = reactive({ masstone: '', wash: '', note: '' })
const errors = reactive({ masstone: '', wash: '' })

const rows = computed(() =>
  collection.recipes.map((recipe) => {
    const parts = recipe.paints.map(({ paintId, parts: p }) => ({ paintId, parts: p }))
    const mix = predict(parts, recipe.water)
    const plain = predict(parts, recipe.water, [])
    const off = (['masstone', 'wash'] as const).flatMap((which) => {
      const lab = labOfSwatch(recipe[which])
      if (!lab || !plain.ok) return []
      const d = colourDifference(lab, plain.value[which])
      return [`${which}: ${differenceInWords(d)}, ${figure(d, 1)}`]
    })
    return {
      recipe,
      parts,
      words: inWords(parts),
      mix: mix.ok ? mix.value : undefined,
      filled: collection.paints.find((p) => p.formula === 'own mixture' && p.name === recipe.name),
      stops: mix.ok ? screenStops(mix.value.ramp.map((r) => r.lab)) : [],
      real: screenStops([labOfSwatch(recipe.masstone), labOfSwatch(recipe.wash)].filter((l) => l !== undefined)),
      off,
      trouble: mix.ok ? '' : mix.error.message,
    }
  }),
)
const asPredicted = ({ L, a, b }: LabD65): Swatch => ({
  L,
  a,
  b,
  source: 'memory',
  simulated: true,
  note: 'predicted from its parts',
})
function fillPans({ recipe, mix }: (typeof rows.value)[number]) {
  if (!mix) return
  commands.toFillPans(recipe, { masstone: asPredicted(mix.masstone), wash: asPredicted(mix.wash) })
  notices.say(`${recipe.name} is among your paints now: plan it for a place, and fill it from the tubes of its parts.`)
}
function begin(recipe: Recipe) {
  noting.value = noting.value === recipe.id ? undefined : recipe.id
  Object.assign(seen, { masstone: swatchText(recipe.masstone), wash: swatchText(recipe.wash), note: recipe.note ?? '' })
  Object.assign(errors, { masstone: '', wash: '' })
}
function save(recipe: Recipe) {
  for (const which of ['masstone', 'wash'] as const) {
    const colour = seen[which].trim() ? parseColour(seen[which]) : undefined
    errors[which] = colour && !colour.ok ? colour.error.message : ''
  }
  if (errors.masstone || errors.wash) return
  const note: { masstone?: Swatch; wash?: Swatch; note?: string } = {
    note: seen.note.trim() || undefined,
    masstone: toSwatch(seen.masstone, recipe.masstone),
    wash: toSwatch(seen.wash, recipe.wash),
  }
  commands.note(recipe, note)
  noting.value = undefined
}
</script>

<template>
  <section v-if="rows.length" aria-label="Kept recipes">
    <h2 class="mb-1">Kept recipes</h2>
    <ul class="grid gap-2" :class="narrow ? '' : 'lg:grid-cols-2'">
      <li v-for="row in rows" :key="row.recipe.id" class="panel p-2">
        <div class="flex gap-3">
          <div class="w-28 shrink-0 bg-ground">
            <SwatchBand :stops="row.stops" class="h-7" /><SwatchBand
              v-if="row.real.length"
              :stops="row.real"
              class="h-7"
            />
          </div>
          <div class="min-w-0 grow">
            <p class="truncate font-medium">{{ row.recipe.name }}</p>
            <p class="hint text-sm">{{ row.words }}</p>
            <p v-if="row.off.length" class="text-sm">Prediction against the real one, {{ row.off.join('; ') }}</p>
            <p v-if="row.recipe.note" class="text-sm italic">{{ row.recipe.note }}</p>
            <p v-if="row.trouble" class="refusal">{{ row.trouble }}</p>
          </div>
        </div>
        <div class="mt-1 flex flex-wrap gap-2">
          <button class="btn" @click="bench.lay(row.parts, row.recipe.water)">To the bench</button
          ><button class="btn btn-quiet" :aria-expanded="noting === row.recipe.id" @click="begin(row.recipe)">
            Note what it looked like</button
          ><button
            v-if="row.mix && row.parts.length > 1 && !row.filled"
            class="btn btn-quiet"
            :aria-label="`Fill pans with ${row.recipe.name}`"
            @click="fillPans(row)"
          >
            Fill pans with it</button
          ><NuxtLink v-if="row.filled" class="link self-center" :to="`/paints/${row.filled.id}`">fills pans</NuxtLink
          ><button class="btn btn-quiet" :aria-label="`Remove ${row.recipe.name}`" @click="commands.remove(row.recipe)">
            Remove
          </button>
        </div>
        <form
          v-if="noting === row.recipe.id"
          class="mt-2 grid grid-cols-2 gap-2"
          novalidate
          @submit.prevent="save(row.recipe)"
        >
          <SwatchField
            v-model="seen.masstone"
            label="Masstone of the real mixture"
            :error="errors.masstone"
          /><SwatchField v-model="seen.wash" label="Its wash, 1:6" :error="errors.wash" />
          <TextField
            v-model="seen.note"
            label="In words"
            maxlength="2000"
            class="col-span-2"
            placeholder="a shade greener than it looked wet"
          />
          <p class="hint col-span-2 text-sm">Painted out and dry. Later predictions of these paints lean on it.</p>
          <div class="col-span-2 flex justify-end gap-2">
            <button type="button" class="btn" @click="noting = undefined">Cancel</button
            ><button class="btn btn-primary">Save the note</button>
          </div>
        </form>
      </li>
    </ul>
  </section>
</template>
