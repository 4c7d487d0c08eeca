<script setup lang="ts">
import { ref, watch } from 'vue'
import { useSeen } from '~/shared/ui/useSeen'
import { useKeeper } from '~/stores/keeper'

/** A picture that is kept with the collection, read off the disk when it comes into sight. */
const props = defineProps<{ id: string; title: string }>()
const keeper = useKeeper()
const place = ref<HTMLElement>()
const isSeen = useSeen(place)
const image = ref('')
watch(
  [isSeen, () => props.id],
  async ([seen, id]) => {
    if (!seen) return
    const [picture] = (await keeper.apart('pictures', [id])) as { image?: string }[]
    if (id === props.id) image.value = picture?.image ?? ''
  },
  { immediate: true },
)
</script>

<template>
  <span ref="place" class="size-14 shrink-0 border border-line">
    <img v-if="image" :src="image" :alt="`Picture of ${title}`" class="size-full object-cover" />
  </span>
</template>
