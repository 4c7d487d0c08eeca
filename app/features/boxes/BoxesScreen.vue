<script setup lang="ts">
import { counted } from '@juxtachrome/core/units'
import { emptyHolder } from '@juxtachrome/core/drawing'
import { computed, ref } from 'vue'
import { useBoxCommands } from './commands'
import { readBoxes, saveBoxes } from './boxFiles'
import { readTextFile } from '~/shared/files/readFile'
import { useHolders } from './useHolders'
import { useAsk } from '~/shared/ui/useAsk'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import HolderGallery from './HolderGallery.vue'
import PanSizes from './PanSizes.vue'
import FileButton from '~/shared/ui/FileButton.vue'
import HolderSketch from '~/shared/tray/HolderSketch.vue'
import Refusal from '~/shared/ui/Refusal.vue'

useHead({ title: 'Boxes · Juxtachrome' })
const router = useRouter()
const collection = useCollection()
const commands = useBoxCommands()
const notices = useNotices()
const { ask } = useAsk()
const { byId } = useHolders()
const likeId = ref('')
const trouble = ref('')

function open(id: string | undefined) {
  if (id) void router.push(`/boxes/${id}`)
}
const drawNew = () => open(commands.draw(emptyHolder('new', 'A box of my own')))
const like = computed(() => byId(likeId.value))
function drawLike() {
  if (like.value) open(commands.draw({ ...like.value, name: `${like.value.name}, mine`.slice(0, 120) }))
}
async function take(file: File) {
  const text = await readTextFile(file, 5)
  const read = text.ok ? readBoxes(text.value) : text
  trouble.value = read.ok ? '' : read.error.message
  if (!read.ok) return
  if (commands.take(read.value)) notices.say(`${counted(read.value.length, 'box', 'boxes')} taken in.`)
}
async function remove(box: (typeof collection.holders)[number]) {
  const text = 'Palettes that were made in it keep a copy of their own.'
  if (await ask({ title: `Remove ${box.name}?`, text, yes: 'Remove it' })) commands.remove(box)
}
</script>

<template>
  <div class="mx-auto w-full max-w-7xl p-3">
    <div class="mb-3 flex flex-wrap items-center gap-2">
      <h1 class="grow">Boxes</h1>
      <NuxtLink class="btn" to="/boxes/fit">How many pans fit?</NuxtLink>
      <FileButton label="Take in a file of boxes" accept=".json,application/json" @choose="take" />
      <button v-if="collection.holders.length" class="btn" @click="saveBoxes(collection.holders)">
        Save them as a file
      </button>
      <button class="btn btn-primary" @click="drawNew">Draw a box</button>
    </div>
    <Refusal v-if="trouble" class="mb-3" :says="trouble" />
    <p v-if="collection.holders.length === 0" class="hint">None is drawn yet.</p>
    <ul class="grid gap-4 md:grid-cols-2 xl:grid-cols-3">
      <li v-for="box in collection.holders" :key="box.id" class="panel flex flex-col p-3">
        <div class="mb-2 flex items-start gap-2">
          <div class="min-w-0 grow">
            <h2>
              <NuxtLink class="hover:underline" :to="`/boxes/${box.id}`">{{ box.name }}</NuxtLink>
            </h2>
            <p class="hint">{{ counted(box.places.length, 'place') }} · {{ box.width }} × {{ box.height }} mm</p>
          </div>
          <button class="btn btn-quiet" :aria-label="`Copy ${box.name}`" @click="open(commands.duplicate(box))">
            Copy
          </button>
          <button class="btn btn-quiet" :aria-label="`Save ${box.name} as a file`" @click="saveBoxes([box])">
            File
          </button>
          <button class="btn btn-quiet" :aria-label="`Remove ${box.name}`" @click="remove(box)">Remove</button>
        </div>
        <NuxtLink
          :to="`/boxes/${box.id}`"
          :aria-label="`Open ${box.name}`"
          class="flex grow items-center justify-center"
          ><HolderSketch :holder="box" class="max-h-44 w-full"
        /></NuxtLink>
        <p class="mt-2">
          <NuxtLink class="link" :to="`/palettes?new=1&box=${box.id}`">Make a palette in it</NuxtLink>
        </p>
      </li>
    </ul>
    <section aria-label="Boxes that come with it" class="panel mt-4 p-3">
      <div class="mb-2 flex flex-wrap items-center gap-2">
        <h2 class="grow">Boxes that come with it</h2>
        <button class="btn" :disabled="!like" @click="drawLike">Draw from it</button>
        <NuxtLink v-if="like" class="btn" :to="`/palettes?new=1&box=${like.id}`">Make a palette in it</NuxtLink>
      </div>
      <HolderGallery v-model="likeId" ready-only />
      <p class="hint mt-2 text-sm">
        Draw your own where none is like yours, with a ruler beside it, in millimetres; one that is much like it is a
        good beginning.
      </p>
    </section>
    <PanSizes />
  </div>
</template>
