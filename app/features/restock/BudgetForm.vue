<script setup lang="ts">
import { figure } from '~/shared/words/figures'
import { type Budget, BUDGET_PERIODS, isDay } from '@juxtachrome/core/documents'
import { readMoney } from '@juxtachrome/core/paints'
import { reactive, ref, watch } from 'vue'
import { useRestockCommands } from './commands'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import { useSettings } from '~/stores/settings'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import FormField from '~/shared/ui/FormField.vue'
import TextField from '~/shared/ui/TextField.vue'
import DayField from '~/shared/ui/DayField.vue'

/** What may be spent: how much in which time, whether what is left stays, and how it is planned. */
const collection = useCollection()
const commands = useRestockCommands()
const today = useToday()
const settings = useSettings()
const ORDERS = [
  { id: 'best value', text: 'most needed soonest, whatever order serves that' },
  { id: 'in my order', text: 'strictly in my order' },
]
const amount = (minor: number) => figure(minor / 100, 2)
const filled = (b: Budget | undefined) => ({
  sum: b ? `${amount(b.minor)} ${b.currency}` : `${amount(2500)} ${settings.currency}`,
  period: b?.period ?? ('fortnight' as Budget['period']),
  from: b?.from ?? today.value,
  periods: String(b?.periods ?? 12),
  carries: b?.carries ?? true,
  over: b?.over ? amount(b.over) : '',
  order: (b?.order ?? 'best value') as string,
})
const form = reactive(filled(collection.budget))
watch(
  () => collection.budget,
  (budget) => Object.assign(form, filled(budget)),
)
const errors = ref<Record<string, string>>({})

function keep() {
  errors.value = {}
  const sum = readMoney(form.sum, settings.money)
  if (!sum.ok) errors.value.sum = sum.error.message
  const over = form.over.trim()
    ? readMoney(form.over, sum.ok ? { ...settings.money, currency: sum.value.price.currency } : settings.money)
    : undefined
  if (over && !over.ok) errors.value.over = over.error.message
  if (over?.ok && sum.ok && over.value.price.currency !== sum.value.price.currency)
    errors.value.over = `In ${sum.value.price.currency}, as the budget.`
  const periods = Number(form.periods)
  if (!Number.isInteger(periods) || periods < 1 || periods > 52) errors.value.periods = 'A number from 1 to 52.'
  if (!isDay(form.from)) errors.value.from = 'A day such as 2026-05-14.'
  if (Object.keys(errors.value).length || !sum.ok) return
  const { minor, currency } = sum.value.price
  commands.setBudget({
    id: 'budget',
    v: 1,
    minor,
    currency,
    period: form.period,
    from: form.from,
    periods,
    carries: form.carries,
    over: over?.ok ? over.value.price.minor : 0,
    order: form.order as Budget['order'],
  })
}
</script>

<template>
  <form aria-label="Budget" class="space-y-2" novalidate @submit.prevent="keep">
    <h2>Budget</h2>
    <div class="flex gap-2">
      <TextField v-model="form.sum" label="So much" :error="errors.sum" class="grow" />
      <ChoiceField v-model="form.period" label="every" :choices="BUDGET_PERIODS" class="w-32 shrink-0" />
    </div>
    <div class="flex gap-2">
      <FormField v-slot="{ field }" label="From" :error="errors.from">
        <DayField v-bind="field" v-model="form.from" class="w-full" />
      </FormField>
      <TextField v-model="form.periods" label="for how many" inputmode="numeric" :error="errors.periods" />
    </div>
    <label class="check"><input v-model="form.carries" type="checkbox" />What is left stays for the next</label>
    <TextField
      v-model="form.over"
      label="So much over is allowed where it fits"
      inputmode="decimal"
      :error="errors.over"
      hint="It is taken off the next."
    />
    <ChoiceField v-model="form.order" label="Planned" :choices="ORDERS" />
    <button class="btn" :class="collection.budget ? '' : 'btn-primary'">
      {{ collection.budget ? 'Keep the budget' : 'Set the budget' }}
    </button>
  </form>
</template>
