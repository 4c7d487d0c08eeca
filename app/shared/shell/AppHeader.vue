<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { CircleHelp, Eye, Redo2, Search, Undo2 } from '@lucide/vue'
import { useServed } from '~/shared/files/served'
import { usePreferences } from '~/stores/preferences'
import { useUndo } from '~/stores/undo'
import { isWithin, MAIN_PAGES } from './mainPages'
import { useDialogs } from './useAppCommands'
import SavingSign from './SavingSign.vue'

const undo = useUndo()
const preferences = usePreferences()
const served = useServed()
const { finding, about } = useDialogs()
const route = useRoute()
const options = () => [
  {
    label: preferences.ground === 'paper' ? 'Swatches on neutral grey' : 'Swatches on paper white',
    run: () => {
      preferences.ground = preferences.ground === 'paper' ? 'grey' : 'paper'
    },
  },
  {
    label: preferences.plainSwatches ? 'Swatches as brush strokes' : 'Plain swatches',
    run: () => {
      preferences.plainSwatches = !preferences.plainSwatches
    },
  },
  {
    label: preferences.dark ? 'Light theme' : 'Dark theme',
    run: () => {
      preferences.theme = preferences.dark ? 'light' : 'dark'
    },
  },
  {
    label: preferences.mirrored ? 'Drawer on the left' : 'Drawer on the right',
    run: () => {
      preferences.mirrored = !preferences.mirrored
    },
  },
]
</script>

<template>
  <header class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line bg-surface px-3 py-1.5">
    <NuxtLink to="/" class="flex items-center gap-2 font-semibold">
      <img :src="served.file('icon.svg')" alt="" width="26" height="26" />
      <span class="max-sm:sr-only">Juxtachrome</span>
    </NuxtLink>
    <nav aria-label="Main" class="flex gap-1 max-sm:hidden">
      <NuxtLink
        v-for="page in MAIN_PAGES"
        :key="page.to"
        :to="page.to"
        class="btn btn-quiet"
        :aria-current="isWithin(route.path, page.to) ? 'page' : undefined"
        :class="isWithin(route.path, page.to) ? 'here' : ''"
      >
        {{ page.label }}
      </NuxtLink>
    </nav>
    <div class="ml-auto flex items-center gap-1">
      <SavingSign />
      <button
        class="btn btn-quiet max-w-64"
        :disabled="!undo.undoLabel"
        :title="undo.undoLabel ? `Undo: ${undo.undoLabel} (Ctrl+Z)` : 'Nothing to undo'"
        :aria-label="undo.undoLabel ? `Undo: ${undo.undoLabel}` : 'Undo'"
        data-repeats
        @click="undo.undo()"
      >
        <Undo2 :size="18" /><span class="hidden truncate text-sm font-normal xl:inline">{{
          undo.undoLabel ? `Undo: ${undo.undoLabel}` : 'Undo'
        }}</span>
      </button>
      <button
        class="btn btn-quiet btn-icon"
        :disabled="!undo.redoLabel"
        :title="undo.redoLabel ? `Redo: ${undo.redoLabel} (Ctrl+Shift+Z)` : 'Nothing to redo'"
        :aria-label="undo.redoLabel ? `Redo: ${undo.redoLabel}` : 'Redo'"
        data-repeats
        @click="undo.redo()"
      >
        <Redo2 :size="18" />
      </button>
      <Menu as="div" class="relative">
        <MenuButton class="btn btn-quiet btn-icon" aria-label="How to look at it"><Eye :size="18" /></MenuButton>
        <MenuItems class="panel absolute right-0 z-30 mt-1 w-60 p-1 shadow-md">
          <MenuItem v-for="option in options()" :key="option.label" v-slot="{ active }">
            <button
              class="block w-full rounded-sm px-3 py-2 text-left"
              :class="active ? 'bg-sunken' : ''"
              @click="option.run"
            >
              {{ option.label }}
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
      <button
        class="btn btn-quiet btn-icon"
        title="About this screen"
        aria-label="About this screen"
        @click="about = true"
      >
        <CircleHelp :size="18" />
      </button>
      <button
        class="btn btn-quiet btn-icon"
        title="Find anything (Ctrl+K)"
        aria-label="Find anything"
        @click="finding = true"
      >
        <Search :size="18" />
      </button>
    </div>
  </header>
</template>
