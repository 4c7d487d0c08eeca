<script setup lang="ts">
import { useAppCommands, useDialogs } from './useAppCommands'
import { BOX_KEYS } from '~/shared/keys/boxKeys'
import { TRAY_KEYS } from '~/shared/keys/trayKeys'
import ModalDialog from '~/shared/ui/ModalDialog.vue'

const { keys: shown } = useDialogs()
const commands = useAppCommands()
const KEYS = [
  { title: 'On the tray and in the drawer', keys: TRAY_KEYS.flatMap((k) => ('words' in k ? [k] : [])) },
  { title: 'In the drawing of a box', keys: BOX_KEYS.flatMap((k) => ('words' in k ? [k] : [])) },
]
</script>

<template>
  <ModalDialog :open="shown" title="Keyboard" @close="shown = false">
    <h3 class="mb-1">Everywhere</h3>
    <dl class="mb-3 grid grid-cols-[8rem_1fr] gap-y-1">
      <template v-for="command in commands.filter((c) => c.keys)" :key="command.name">
        <dt>{{ command.keys }}</dt>
        <dd>{{ command.name }}</dd>
      </template>
    </dl>
    <template v-for="{ title, keys } in KEYS" :key="title">
      <h3 class="mb-1">{{ title }}</h3>
      <dl class="mb-4 grid grid-cols-[8rem_1fr] gap-y-1">
        <template v-for="key in keys" :key="key.act">
          <dt>{{ key.shown }}</dt>
          <dd>{{ key.words }}</dd>
        </template>
      </dl>
    </template>
    <button class="btn" @click="shown = false">Close</button>
  </ModalDialog>
</template>
