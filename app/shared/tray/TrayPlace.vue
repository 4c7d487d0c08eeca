<script setup lang="ts">
import { dayInWords } from '~/shared/words/days'
import type { Holder, Paint, Place, PlacePlan } from '@juxtachrome/core/documents'
import { isWet, type Content } from '@juxtachrome/core/ledger'
import { boxOf } from '@juxtachrome/core/arranging'
import { dryingStage, STAGE_WORDS } from '@juxtachrome/core/filling'
import { Lock } from '@lucide/vue'
import { computed } from 'vue'
import { useItemWords } from '~/shared/words/itemWords'
import { gradient } from '~/shared/swatch/useSwatch'
import type { LensCell } from './lens'
import { standingInWords } from '~/shared/words/standing'
import { usePaintName } from '~/shared/words/paintName'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'

const props = defineProps<{
  holder: Holder
  place: Place
  plan?: PlacePlan
  planned?: Paint
  lying?: Paint
  content?: Content
  /** What lies on top and what below it, where more than one paint was poured. */
  over?: { top?: Paint; below?: Paint }
  /** Its pan was taken out. */
  bare?: boolean
  today: string
  marked: boolean
  selected: boolean
  changed?: boolean
  /** How it looks through a lens; the paint itself without one. */
  seen?: LensCell
}>()

const { contentWords } = useItemWords()
const nameOf = usePaintName()
const box = computed(() => {
  const { x, y, width, height } = boxOf(props.place.shape)
  const percent = (n: number, of: number) => `${(n / of) * 100}%`
  return {
    left: percent(x, props.holder.width),
    top: percent(y, props.holder.height),
    width: percent(width, props.holder.width),
    height: percent(height, props.holder.height),
  }
})
const round = computed(() => props.place.shape.kind === 'circle')
const shown = computed(() => props.lying ?? props.planned)
const wet = computed(() => Boolean(props.content && isWet(props.content, props.today)))
/** Wet, with a skin, or dry, as far as is known. */
const stage = computed(() => (props.content ? dryingStage(props.content, props.today) : 'dry'))
const differs = computed(() => Boolean(props.content && props.planned && props.lying?.id !== props.planned.id))
const codes = computed(() => shown.value?.pigments ?? [])
const short = computed(() =>
  codes.value.length > 1 ? `${codes.value[0]} +${codes.value.length - 1}` : (codes.value[0] ?? shown.value?.name ?? ''),
)

const words = computed(() => {
  const { place, plan, planned, lying, content } = props
  const parts: string[] = []
  if (planned) parts.push([planned.name, planned.maker, planned.pigments.join(' ')].filter(Boolean).join(', '))
  else if (plan?.reserved !== undefined && !plan.standsFor)
    parts.push(`kept free${plan.reserved ? ` for ${plan.reserved}` : ''}`)
  else if (!content && !plan?.standsFor) parts.push('empty')
  if (content && props.over) parts.push(`${contentWords(content)} lies in it`)
  else if (content && differs.value) parts.push(`${lying ? nameOf(lying.id) : 'another paint'} lies in it`)
  else if (content && !planned) parts.push(`${lying ? nameOf(lying.id) : 'a paint'} lies in it, nothing planned`)
  if (content)
    parts.push(
      wet.value
        ? `${STAGE_WORDS[stage.value]}, dry about ${dayInWords(content.dryFrom)}`
        : `filled ${dayInWords(content.layers[0]!.day)}, dry`,
    )
  else if (props.bare) parts.push('its pan is out')
  else if (planned) parts.push('not filled yet')
  if (plan?.standsFor) parts.push(standingInWords(plan.standsFor, nameOf))
  if (plan?.locked) parts.push('locked')
  if (props.seen) parts.push(props.seen.words)
  return `${place.id}: ${parts.join('; ')}`
})
const lensStyle = computed(() => {
  const { grey, hatch, stops } = props.seen ?? {}
  if (stops) return { background: gradient(stops, 'to bottom') }
  if (grey === undefined) return undefined
  const gap = hatch ? 13 - 3 * hatch : 0
  const lines = hatch
    ? `repeating-linear-gradient(45deg, transparent 0 ${gap - 1}px, rgb(0 0 0 / 0.55) ${gap - 1}px ${gap}px), `
    : ''
  const ground = `lab(${grey}% 0 0)`
  return { background: `${lines}linear-gradient(${ground}, ${ground})`, color: grey > 55 ? '#111' : '#fff' }
})
</script>

<template>
  <div
    role="button"
    :data-place="place.id"
    :aria-label="words"
    :title="words"
    :style="box"
    :aria-pressed="selected"
    class="place @container absolute flex cursor-pointer select-none flex-col overflow-hidden border bg-ground text-on-ground"
    :class="[
      round ? 'rounded-full' : 'rounded-[3px]',
      content ? 'border-edge' : plan?.reserved !== undefined ? 'border-dashed border-edge' : 'border-line',
      marked ? 'marked' : '',
      selected ? 'selected' : '',
      changed ? 'changed' : '',
    ]"
  >
    <template v-if="shown">
      <span class="relative min-h-0 grow" :class="content ? '' : 'm-[10%] mb-[4%]'">
        <span class="absolute inset-0"
          ><PaintSwatch :paint="over?.below ?? shown" direction="to bottom" brushed class="h-full"
        /></span>
        <span v-if="over?.top" class="absolute inset-0 [clip-path:polygon(0_0,100%_0,0_100%)]"
          ><PaintSwatch :paint="over.top" direction="to bottom" brushed class="h-full"
        /></span>
        <span v-if="lensStyle" class="absolute inset-0" :style="lensStyle" />
        <span
          v-if="seen?.bar !== undefined"
          class="absolute inset-x-1 bottom-1 h-1.5 border border-black bg-white"
          aria-hidden="true"
          ><span class="block h-full bg-black" :style="{ width: `${100 * seen.bar}%` }"
        /></span>
        <span v-if="wet && !lensStyle" class="gloss absolute inset-0" aria-hidden="true" />
        <span v-if="plan?.standsFor && !lensStyle" class="stands-in @max-[40px]:hidden" aria-hidden="true"
          >stand-in</span
        >
        <span v-if="seen?.tag" class="seen-tag" aria-hidden="true">{{ seen.tag }}</span>
        <span v-if="wet" class="absolute left-0.5 top-0.5 bg-white px-1 text-[0.625rem] leading-tight text-black">{{
          stage
        }}</span>
      </span>
      <span
        class="shrink-0 bg-ground px-0.5 pb-px text-center @max-[33px]:hidden text-[0.625rem] leading-[1.1]"
        :class="round ? 'pb-2' : ''"
      >
        <span v-if="seen && !seen.tag" class="line-clamp-2 overflow-hidden text-[0.6875rem]">{{ seen.words }}</span>
        <span v-else class="hidden overflow-hidden @min-[62px]:line-clamp-2 text-[0.6875rem]">{{ shown.name }}</span>
        <span class="block truncate">{{ short }}</span>
      </span>
    </template>
    <span v-else class="m-auto line-clamp-3 px-0.5 text-center text-[0.625rem] leading-tight">
      <template v-if="plan?.reserved !== undefined"
        ><span class="italic @max-[40px]:hidden">{{ plan.reserved || 'kept free' }}</span
        ><span class="hidden @max-[40px]:inline">kept</span></template
      >
      <template v-else>{{ place.id }}</template>
    </span>
    <span
      v-if="differs || bare"
      class="absolute right-0.5 top-0.5 bg-white px-1 text-[0.625rem] leading-tight text-black"
      aria-hidden="true"
      >{{ bare ? 'no pan' : '≠ plan' }}</span
    >
    <Lock
      v-if="plan?.locked"
      :size="14"
      class="absolute left-0.5 rounded-xs bg-white p-px text-black"
      :class="wet ? 'top-5' : 'top-0.5'"
      aria-hidden="true"
    />
  </div>
</template>

<style scoped>
.stands-in {
  position: absolute;
  right: 0.125rem;
  bottom: 0.125rem;
  padding: 0 0.25rem;
  background: #fff;
  color: #000;
  font-size: 0.625rem;
  line-height: 1.25;
}
.seen-tag {
  position: absolute;
  inset: auto 0 35%;
  margin: auto;
  width: fit-content;
  padding: 0.05rem 0.4rem;
  background: #fff;
  color: #000;
  border: 1px solid #000;
  font-size: 0.75rem;
  font-weight: 600;
  line-height: 1.3;
}
.place {
  -webkit-touch-callout: none;
}
.gloss {
  background:
    radial-gradient(ellipse 38% 12% at 34% 20%, rgb(255 255 255 / 0.95), rgb(255 255 255 / 0) 100%),
    linear-gradient(115deg, rgb(255 255 255 / 0) 30%, rgb(255 255 255 / 0.55) 44%, rgb(255 255 255 / 0) 56%);
}
.selected {
  box-shadow:
    0 0 0 2px var(--surface),
    0 0 0 4px var(--text);
}
.marked {
  box-shadow:
    0 0 0 2px var(--surface),
    0 0 0 5px var(--accent);
  z-index: 1;
}
.changed {
  outline: 2px dotted var(--text);
  outline-offset: 1px;
}
</style>
