<script setup lang="ts">
import { useAppCommands, useCommandPalette } from '~/composables/useAppCommands'

const { help } = useCommandPalette()
const commands = useAppCommands()
const ON_THE_TRAY = [
  ['Space', 'Pick up a paint or what is planned in a place; drop it'],
  ['Arrows', 'Go from place to place'],
  ['Enter', 'Open a place'],
  ['Escape', 'Put back what you carry'],
  ['Delete', 'Take the paint out of the plan'],
  ['L', 'Lock or unlock a place'],
]
</script>

<template>
  <ModalDialog :open="help" title="Keyboard" @close="help = false">
    <h3 class="mb-1">Everywhere</h3>
    <dl class="mb-3 grid grid-cols-[8rem_1fr] gap-y-1">
      <dt>Ctrl K</dt>
      <dd>Commands by name</dd>
      <dt>/</dt>
      <dd>Search</dd>
      <template v-for="command in commands.filter((c) => c.keys)" :key="command.name"
        ><dt>{{ command.keys }}</dt>
        <dd>{{ command.name }}</dd></template
      >
    </dl>
    <h3 class="mb-1">On the tray and in the drawer</h3>
    <dl class="mb-4 grid grid-cols-[8rem_1fr] gap-y-1">
      <template v-for="[keys, what] in ON_THE_TRAY" :key="keys"
        ><dt>{{ keys }}</dt>
        <dd>{{ what }}</dd></template
      >
    </dl>
    <button class="btn" @click="help = false">Close</button>
  </ModalDialog>
</template>
