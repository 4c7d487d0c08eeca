import { type Palette, plannedPaints } from '@juxtachrome/core/documents'
import { callsOfGuide, rankCall, type Bringing, type Candidate } from '@juxtachrome/core/choosing'
import { computed, ref, watch, type Ref } from 'vue'
import { useCollection } from '~/stores/collection'
import { useEvidence } from './useEvidence'

/** A guide as it stands for a palette: its calls, the one that is looked at, and who answers that. */
export function useMethodCalls(palette: Readonly<Ref<Palette>>, gains: Readonly<Ref<readonly Bringing[] | undefined>>) {
  const collection = useCollection()
  const planned = computed(() => plannedPaints(palette.value))
  const here = computed(() => [...planned.value].flatMap((id) => collection.paint(id) ?? []))
  const calls = computed(() => (palette.value.guide ? callsOfGuide(palette.value.guide, here.value) : []))
  const openId = ref<string>()
  const next = () => calls.value.find((c) => !c.isDone)?.call.id
  const open = computed(() => calls.value.find((c) => c.call.id === openId.value))
  // a call that is filled gives way to the next; one that was opened on purpose stays
  watch(
    () => [palette.value.guide?.way, calls.value.map((c) => c.isDone).join()] as const,
    ([way], before) => {
      if (before?.[0] !== way || !open.value || open.value.isDone) openId.value = next()
    },
    { immediate: true },
  )
  const evidence = useEvidence(palette)
  const candidates = computed((): Candidate[] => {
    if (!open.value) return []
    return rankCall(open.value.call, collection.paints, {
      planned: here.value,
      ...(palette.value.brief ? { brief: palette.value.brief } : {}),
      ...(gains.value ? { gains: new Map(gains.value.map((g) => [g.paintId, g])) } : {}),
      evidence,
    })
  })
  return { calls, open, openId, candidates }
}
