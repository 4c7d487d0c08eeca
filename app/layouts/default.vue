<script setup lang="ts">
import { useEventListener, useMediaQuery } from '@vueuse/core'
import { computed, defineAsyncComponent, onMounted, reactive, ref, watch } from 'vue'
import { useDialogs } from '~/shared/shell/useAppCommands'
import { useAsk } from '~/shared/ui/useAsk'
import { useFocusKeeper } from '~/shared/shell/useFocusKeeper'
import { useShortcuts } from '~/shared/shell/useShortcuts'
import { useStart } from '~/shared/shell/useStart'
import { useSteadyHands } from '~/shared/shell/useSteadyHands'
import { watchForUpdates } from '~/shared/shell/useUpdate'
import { useKeeper } from '~/stores/keeper'
import { unreadableKept } from '~/stores/kept'
import { useNotices } from '~/stores/notices'
import { usePreferences } from '~/stores/preferences'
import { useStrip } from '~/stores/strip'
import { useUndo } from '~/stores/undo'
import { useUnsaved } from '~/stores/unsaved'
import { LazyStripShelf } from '~/features/strip'
import AppHeader from '~/shared/shell/AppHeader.vue'
import KeepingBanner from '~/shared/shell/KeepingBanner.vue'
import PhoneBar from '~/shared/shell/PhoneBar.vue'
import NoticeRegion from '~/shared/shell/NoticeRegion.vue'
import UpdateBanner from '~/shared/shell/UpdateBanner.vue'

const LazyOpeningTrouble = defineAsyncComponent(() => import('~/shared/shell/OpeningTrouble.vue'))
const LazyAskDialog = defineAsyncComponent(() => import('~/shared/ui/AskDialog.vue'))
const LazyFindAnything = defineAsyncComponent(() => import('~/shared/shell/FindAnything.vue'))
const LazyAboutScreen = defineAsyncComponent(() => import('~/shared/shell/AboutScreen.vue'))
const LazyShortcutHelp = defineAsyncComponent(() => import('~/shared/shell/ShortcutHelp.vue'))

const keeper = useKeeper()
const strip = useStrip()
usePreferences()
useShortcuts()
useSteadyHands()
useFocusKeeper()
const unsaved = useUnsaved()
const undo = useUndo()
/** Read out after every command; what notices say is read out by themselves. */
const announced = computed(() => (undo.undoLabel ? `Done: ${undo.undoLabel}` : ''))
// what few first pages need is fetched when it is first called for
const { finding, keys, about } = useDialogs()
const { asked: question } = useAsk()
const asked = reactive({ finding: false, keys: false, about: false, question: false })
watch([finding, keys, about, question], ([find, list, tell, ask]) => {
  asked.question ||= ask !== undefined
  asked.finding ||= find
  asked.keys ||= list
  asked.about ||= tell
})
const ready = ref(false)
const isNarrow = useMediaQuery('(max-width: 767px)')
/** A person who was told that nothing can be opened may still want to work. */
const goOn = ref(false)
const isShut = computed(() => keeper.state === 'stopped' && !keeper.isLoaded && !goOn.value)
const waitingFor = computed(() =>
  keeper.isBlocked
    ? 'An older Juxtachrome in another tab or window holds the collection. Close it there; this one then goes on.'
    : `Laying out the paints … ${progress.value}`,
)
const progress = ref('')
const MANY = 5000
onMounted(async () => {
  await useStart().start((done, of) => {
    // a small collection is there before a number could be read
    if (of > MANY) progress.value = `${done} of ${of}`
  })
  ready.value = true
  watchForUpdates()
  if (keeper.isLoaded) void import('~/features/devices').then(({ keepDevicesInStep }) => keepDevicesInStep())
})
// said when there is a screen to say it on, and once for whatever it was
const isDamaged = computed(() => ready.value && unreadableKept.size > 0)
watch(isDamaged, (damaged) => {
  if (damaged)
    useNotices().trouble(
      'Something small that this device kept, such as the strip or the bench, could not be read and starts anew. The collection is as it was.',
    )
})
useEventListener(window, 'beforeunload', (event) => {
  if (!keeper.isSafe || unsaved.changed().length > 0) event.preventDefault()
})
</script>

<template>
  <div
    class="flex min-h-dvh flex-col"
    :data-unsaved="keeper.isSafe ? undefined : ''"
    :style="{ '--strip': strip.items.length ? (isNarrow ? '11.5rem' : '7.5rem') : '0px' }"
  >
    <a href="#main" class="sr-only focus:not-sr-only focus:p-2">Skip to the content</a>
    <AppHeader />
    <KeepingBanner :instead="isShut" />
    <UpdateBanner />
    <main id="main" class="flex min-h-0 grow flex-col" tabindex="-1">
      <p v-if="!ready" class="hint p-6">{{ waitingFor }}</p>
      <LazyOpeningTrouble v-else-if="isShut" @go-on="goOn = true" />
      <slot v-else />
    </main>
    <LazyStripShelf v-if="strip.items.length" />
    <PhoneBar />
    <NoticeRegion />
    <p class="sr-only" role="status">{{ announced }}</p>
    <LazyAskDialog v-if="asked.question" />
    <LazyFindAnything v-if="asked.finding" />
    <LazyAboutScreen v-if="asked.about" />
    <LazyShortcutHelp v-if="asked.keys" />
  </div>
</template>
