<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { useAppCommands, useCommandPalette } from './useAppCommands'
import type { AppCommand } from './commands'
import ModalDialog from '~/shared/ui/ModalDialog.vue'

const { open } = useCommandPalette()
const commands = useAppCommands()
const text = ref('')
const shown = computed(() => {
  const words = text.value.toLowerCase().split(/\s+/).filter(Boolean)
  return commands.value.filter((c) => words.every((w) => c.name.toLowerCase().includes(w)))
})
watch(open, () => {
  text.value = ''
})

function run(command: AppCommand | null) {
  if (!command) return
  open.value = false
  void command.run()
}
</script>

<template>
  <ModalDialog :open="open" title="Commands" @close="open = false">
    <Combobox :model-value="null" nullable @update:model-value="run">
      <ComboboxInput
        class="input"
        aria-label="Search commands"
        placeholder="What would you like to do?"
        @change="text = $event.target.value"
      />
      <ComboboxOptions static class="mt-2 max-h-96 overflow-y-auto">
        <ComboboxOption v-for="command in shown" :key="command.name" v-slot="{ active }" :value="command">
          <div
            class="flex min-h-9 cursor-pointer items-center justify-between rounded-sm px-2"
            :class="active ? 'bg-sunken' : ''"
          >
            <span>{{ command.name }}</span><kbd v-if="command.keys" class="hint font-sans">{{ command.keys }}</kbd>
          </div>
        </ComboboxOption>
        <li v-if="shown.length === 0" class="hint p-2">No command of that name.</li>
      </ComboboxOptions>
    </Combobox>
  </ModalDialog>
</template>
