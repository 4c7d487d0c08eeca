<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { ref, watch } from 'vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import ModalDialog from '~/shared/ui/ModalDialog.vue'
import { useCollection } from '~/stores/collection'
import { useDialogs } from './useAppCommands'
import { useFinding, type Hit } from './useFinding'

/** One search over everything: paints, tubes, pans, palettes, paintings, recipes, notes, pigments and commands. */
const { finding: open } = useDialogs()
const collection = useCollection()
const text = ref('')
const { groups } = useFinding(text)
watch(open, () => {
  text.value = ''
})

function go(hit: Hit | null) {
  if (!hit) return
  open.value = false
  void hit.run()
}
</script>

<template>
  <ModalDialog :open="open" title="Find anything" @close="open = false">
    <Combobox :model-value="null" nullable @update:model-value="go">
      <ComboboxInput
        class="input"
        aria-label="Find anything"
        placeholder="A paint, code, palette, painting, note; or what you would like to do"
        maxlength="200"
        autocomplete="off"
        @change="text = $event.target.value"
        @keydown.esc="open = false"
      />
      <ComboboxOptions static class="mt-2 max-h-[60vh] overflow-y-auto">
        <template v-for="group in groups" :key="group.title">
          <li class="hint sticky top-0 bg-surface px-2 pt-2 pb-0.5 text-sm" role="presentation">
            {{ group.title
            }}<template v-if="group.more"
              >, the first {{ group.hits.length }} of {{ group.hits.length + group.more }}</template
            >
          </li>
          <ComboboxOption v-for="hit in group.hits" :key="hit.key" v-slot="{ active }" :value="hit">
            <div
              class="flex min-h-10 cursor-pointer items-center gap-2 rounded-sm px-2 py-1"
              :class="active ? 'bg-sunken' : ''"
            >
              <span v-if="hit.paintIds.length" class="flex shrink-0" aria-hidden="true">
                <template v-for="id in hit.paintIds" :key="id"
                  ><PaintSwatch v-if="collection.paint(id)" :paint="collection.paint(id)!" class="h-6 w-8"
                /></template>
              </span>
              <span class="min-w-0 grow">
                <span class="block">{{ hit.name }}</span>
                <span v-if="hit.detail" class="hint block truncate text-sm">{{ hit.detail }}</span>
                <span v-if="hit.excerpt" class="block text-sm italic">{{ hit.excerpt }}</span>
              </span>
              <kbd v-if="hit.keys" class="hint shrink-0 font-sans">{{ hit.keys }}</kbd>
            </div>
          </ComboboxOption>
        </template>
        <li v-if="groups.length === 0" class="p-2">
          Nothing here is called “{{ text.trim() }}”. Fewer words, or the beginning of one, find more.
        </li>
      </ComboboxOptions>
    </Combobox>
  </ModalDialog>
</template>
