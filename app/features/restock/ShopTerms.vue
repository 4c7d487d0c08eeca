<script setup lang="ts">
import { figure } from '~/shared/words/figures'
import type { Shop } from '@juxtachrome/core/documents'
import { readPrice } from '@juxtachrome/core/paints'
import { ref } from 'vue'
import { useRestockCommands } from './commands'
import TextField from '~/shared/ui/TextField.vue'
import { useSettings } from '~/stores/settings'

/** What a shop asks for a delivery, and from which sum on it is free. */
const props = defineProps<{ shop: Shop }>()
const commands = useRestockCommands()
const settings = useSettings()
const isOpen = ref(false)
const amount = (minor: number | undefined) => (minor ? figure(minor / 100, 2) : '')
const delivery = ref(amount(props.shop.delivery))
const freeFrom = ref(amount(props.shop.freeFrom))
const trouble = ref('')

function keep() {
  const read = (text: string) =>
    text.trim() ? readPrice(text, { ...settings.money, currency: props.shop.currency }) : undefined
  const [one, other] = [read(delivery.value), read(freeFrom.value)]
  if ((delivery.value.trim() && !one) || (freeFrom.value.trim() && !other))
    return void (trouble.value = 'An amount such as 4.90.')
  if ([one, other].some((p) => p && p.currency !== props.shop.currency))
    return void (trouble.value = `This shop asks for ${props.shop.currency}.`)
  trouble.value = ''
  commands.termsOf(props.shop, {
    ...(one ? { delivery: one.minor } : {}),
    ...(other ? { freeFrom: other.minor } : {}),
  })
  isOpen.value = false
}
</script>

<template>
  <button
    class="link text-sm"
    :aria-expanded="isOpen"
    :aria-label="`Delivery of ${shop.name}`"
    @click="isOpen = !isOpen"
  >
    Delivery
  </button>
  <form v-if="isOpen" class="flex w-full flex-wrap items-end gap-2" @submit.prevent="keep">
    <TextField v-model="delivery" :label="`A delivery costs, ${shop.currency}`" inputmode="decimal" />
    <TextField v-model="freeFrom" label="Free from" inputmode="decimal" :error="trouble" />
    <button class="btn">Keep</button>
  </form>
</template>
