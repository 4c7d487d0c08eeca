<script setup lang="ts">
import { parsePigmentCodes } from '@juxtachrome/core/pigments'
import type { Need } from '@juxtachrome/core/restocking'
import { ref } from 'vue'
import { useRestockCommands } from './commands'
import { useToday } from '~/shared/ui/useToday'

/** Which pigments a need of words means: any paint of them will do, whatever it is called. */
const props = defineProps<{ need: Need }>()
const commands = useRestockCommands()
const today = useToday()
const code = ref(props.need.pigments.join(' '))
const trouble = ref('')
function keep() {
  const { codes, unread } = parsePigmentCodes(code.value)
  trouble.value = unread[0]?.message ?? ''
  if (!trouble.value)
    commands.meaning(
      props.need,
      codes.map((c) => c.code),
      today.value,
    )
}
</script>

<template>
  <form class="flex items-center gap-1" @submit.prevent="keep">
    <input v-model="code" class="input w-28" maxlength="60" :aria-label="`Code of ${need.name}`" placeholder="a code" />
    <button class="link text-sm" :aria-label="`Any paint of this code will do for ${need.name}`">
      Any of this code
    </button>
    <span v-if="trouble" role="alert" class="refusal">{{ trouble }}</span>
  </form>
</template>
