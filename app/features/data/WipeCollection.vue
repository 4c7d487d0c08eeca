<script setup lang="ts">
import { useAsk } from '~/shared/ui/useAsk'
import { useKeeper } from '~/stores/keeper'
import { useNotices } from '~/stores/notices'
import { useRestorePoint } from './useRestorePoint'

const keeper = useKeeper()
const notices = useNotices()
const { ask } = useAsk()
const { mayGoOn, STAYS } = useRestorePoint()
async function wipe() {
  if (
    !(await ask({
      title: 'Wipe everything?',
      text: `All paints, palettes and the journal are deleted from this browser. ${STAYS}`,
      yes: 'Wipe everything',
      type: 'wipe',
    }))
  )
    return
  if (!(await mayGoOn('everything was wiped'))) return
  const wiped = await keeper.wipe()
  if (wiped.ok) notices.say('Wiped. The drawer is empty.')
  else notices.trouble(wiped.error.message)
}
</script>

<template>
  <section class="panel p-4">
    <h2 class="mb-1">Start over</h2>
    <p class="mb-2">
      Deletes everything from this browser. What was here stays on this device as a copy, under Copies above.
    </p>
    <button class="btn" @click="wipe">Wipe everything …</button>
  </section>
</template>
