<script setup lang="ts">
import { decodeSrgb, encodeSrgb } from '@juxtachrome/core/colour'
import { onUnmounted, ref } from 'vue'
import { decodePhoto, usePhoto } from '~/shared/files/usePhoto'
import FileButton from '~/shared/ui/FileButton.vue'
import Refusal from '~/shared/ui/Refusal.vue'

/** A colour taken out of a photograph: the mean of a small patch, and white from a patch if the artist shows one. */
const emit = defineEmits<{ pick: [hex: string, name: string] }>()
const { photo, put } = usePhoto()
const trouble = ref('')
const white = ref<[number, number, number]>()
const settingWhite = ref(false)
const spot = ref({ x: 0.5, y: 0.5 })
const canvas = document.createElement('canvas')
onUnmounted(() => put(undefined))

async function choose(file: File) {
  const read = await decodePhoto(file, file.name)
  trouble.value = read.ok ? '' : read.error.message
  if (!read.ok) return
  put(read.value)
  white.value = undefined
  const scale = Math.min(1, 1600 / Math.max(read.value.width, read.value.height))
  canvas.width = Math.max(1, Math.round(read.value.width * scale))
  canvas.height = Math.max(1, Math.round(read.value.height * scale))
  canvas.getContext('2d', { willReadFrequently: true })!.drawImage(read.value.bitmap, 0, 0, canvas.width, canvas.height)
}
const toByte = (v: number) => Math.round(255 * Math.max(0, Math.min(1, encodeSrgb(v))))

function patch(): [number, number, number] {
  const half = 4
  const [x, y] = [Math.round(spot.value.x * canvas.width), Math.round(spot.value.y * canvas.height)]
  const { data } = canvas
    .getContext('2d')!
    .getImageData(Math.max(0, x - half), Math.max(0, y - half), half * 2 + 1, half * 2 + 1)
  const sum: [number, number, number] = [0, 0, 0]
  let count = 0
  for (let i = 0; i < data.length; i += 4) {
    if (data[i + 3] === 0) continue
    count += 1
    for (const c of [0, 1, 2] as const) sum[c] += decodeSrgb(data[i + c]! / 255)
  }
  return sum.map((s) => s / Math.max(1, count)) as [number, number, number]
}
function take() {
  const rgb = patch()
  if (settingWhite.value) {
    white.value = rgb
    settingWhite.value = false
    return
  }
  const balanced = rgb.map((v, i) => (white.value ? (0.9 * v) / Math.max(0.02, white.value[i]!) : v))
  const hex = `#${balanced.map((v) => toByte(v).toString(16).padStart(2, '0')).join('')}`
  emit(
    'pick',
    hex,
    `${photo.value!.name.slice(0, 60)} at ${Math.round(spot.value.x * 100)} %, ${Math.round(spot.value.y * 100)} %`,
  )
}
function click(event: MouseEvent) {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  if (event.detail > 0)
    spot.value = { x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height }
  take()
}
function step(event: KeyboardEvent) {
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
  if (!by) return
  event.preventDefault()
  const size = event.shiftKey ? 0.05 : 0.01
  spot.value = {
    x: Math.max(0, Math.min(1, spot.value.x + by[0]! * size)),
    y: Math.max(0, Math.min(1, spot.value.y + by[1]! * size)),
  }
}
</script>

<template>
  <div>
    <FileButton label="Choose a photograph" accept="image/*" @choose="choose" />
    <Refusal v-if="trouble" class="mt-1" :says="trouble" />
    <template v-if="photo">
      <button
        type="button"
        class="relative mt-2 block w-full cursor-crosshair bg-ground"
        :aria-label="
          settingWhite
            ? 'Choose something white in the photograph: arrows move, Enter takes'
            : 'Choose a colour in the photograph: arrows move, Enter takes'
        "
        @click="click"
        @keydown="step"
      >
        <img :src="photo.url" alt="" class="block max-h-80 w-full object-fill" />
        <span
          class="absolute size-5 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-white outline-1 outline-black"
          :style="{ left: `${spot.x * 100}%`, top: `${spot.y * 100}%` }"
        />
      </button>
      <p class="hint mt-1 text-sm">
        {{
          settingWhite
            ? 'Now choose something that is white: paper, foam, a label.'
            : 'Choose a colour. A photograph is not a measurement: light and camera tint it.'
        }}
        <button class="link" @click="settingWhite = !settingWhite">
          {{ settingWhite ? 'Leave white as it is' : white ? 'White is set; set it again' : 'Set what is white' }}
        </button>
      </p>
    </template>
  </div>
</template>
