<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { CalendarDays, Ellipsis, FlaskConical, Grid2x2, ShoppingBasket, SwatchBook } from '@lucide/vue'
import { computed } from 'vue'
import { isWithin, MAIN_PAGES, MORE_PAGES } from './mainPages'

/** The main screens within the thumb's reach, on a phone only. */
const ICONS = [CalendarDays, SwatchBook, Grid2x2, FlaskConical, ShoppingBasket]
const pages = MAIN_PAGES.slice(0, ICONS.length).map((page, i) => ({ ...page, icon: ICONS[i] }))
const route = useRoute()
const isMore = computed(() => MORE_PAGES.some((p) => isWithin(route.path, p.to)))
</script>

<template>
  <nav
    aria-label="Main, within reach"
    class="sticky bottom-0 z-30 grid h-(--bar) grid-cols-6 border-t border-line bg-surface sm:hidden print:hidden"
  >
    <NuxtLink
      v-for="page in pages"
      :key="page.to"
      :to="page.to"
      class="reach"
      :aria-current="isWithin(route.path, page.to) ? 'page' : undefined"
    >
      <component :is="page.icon" :size="20" aria-hidden="true" />{{ page.label }}
    </NuxtLink>
    <Menu as="div" class="relative grid">
      <MenuButton class="reach" :data-here="isMore ? '' : undefined">
        <Ellipsis :size="20" aria-hidden="true" />More
      </MenuButton>
      <MenuItems class="panel absolute right-1 bottom-full z-30 mb-1 w-48 p-1 shadow-md">
        <MenuItem v-for="page in MORE_PAGES" :key="page.to" v-slot="{ active }">
          <NuxtLink :to="page.to" class="block min-h-11 rounded-sm px-3 py-2.5" :class="active ? 'bg-sunken' : ''">
            {{ page.label }}
          </NuxtLink>
        </MenuItem>
      </MenuItems>
    </Menu>
  </nav>
</template>

<style scoped>
.reach {
  display: flex;
  min-width: 0;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  font-size: 0.75rem;
  line-height: 1.1;
}
.reach[aria-current],
.reach[data-here] {
  box-shadow: inset 0 3px 0 var(--text);
  font-weight: 600;
}
</style>
