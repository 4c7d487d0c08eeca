<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import Refusal from '~/shared/ui/Refusal.vue'
import { useDayWords } from '~/shared/words/dayWords'
import { useExchange } from '~/stores/exchange'
import { useSharedFolder } from '~/stores/sharedFolder'
import BringTogether from './BringTogether.vue'
import TangleList from './TangleList.vue'

/** This device and the others: what it is called, when it was last in step with each, and the folder that they share. */
const exchange = useExchange()
const shared = useSharedFolder()
const { momentInWords } = useDayWords()
const name = ref('')
onMounted(() => exchange.begin())
/** What was typed becomes what is kept: without blanks round it, and never nothing. */
async function rename() {
  await exchange.rename(name.value)
  name.value = exchange.device.name
}
watch(
  () => exchange.device.name,
  (now) => (name.value = now),
  { immediate: true },
)
</script>

<template>
  <section id="devices" class="panel p-4" :data-in-step="shared.state">
    <h2 class="mb-1">Other devices</h2>
    <p class="mb-2">
      A laptop in the studio, a phone in the shop: each goes on for itself, and both are brought together here. Nothing
      is sent anywhere; it goes by a file, or by a folder that both see.
    </p>
    <label class="block max-w-sm"
      >What this device is called <input v-model="name" class="input" maxlength="60" @change="rename"
    /></label>
    <ul v-if="exchange.partners.length" class="mt-2">
      <li v-for="partner in exchange.partners" :key="partner.id">
        Brought together with {{ partner.name }}: {{ momentInWords(partner.when) }}.
      </li>
    </ul>
    <TangleList class="mt-3" />
    <h3 class="mt-4">By a folder</h3>
    <template v-if="shared.folder">
      <p class="mb-2">
        <strong>{{ shared.folder }}</strong> keeps the devices in step by itself while Juxtachrome is open. Each writes
        one file of its own there.
      </p>
      <Refusal v-if="shared.state === 'failed'" class="mb-2" :says="shared.trouble" />
      <p v-if="shared.state === 'asks'" class="mb-2" role="status">
        The browser wants to be asked before it opens this folder again.
      </p>
      <BringTogether v-if="shared.waiting" class="mb-3" :file="shared.waiting" @done="shared.stepNow()" />
      <div class="flex flex-wrap gap-2">
        <button class="btn" :disabled="shared.state === 'working'" @click="shared.stepNow()">
          {{ shared.state === 'asks' ? 'Allow it again' : 'Bring together now' }}
        </button>
        <button class="btn btn-quiet" @click="shared.forget()">Stop sharing this folder</button>
      </div>
    </template>
    <template v-else-if="shared.canChoose">
      <p class="mb-2">
        Choose the same folder on each, best one that a service or a stick carries between them. Where both changed the
        same, you are asked.
      </p>
      <button class="btn" @click="shared.choose()">Choose a shared folder …</button>
    </template>
    <p v-else class="hint">This browser does not let a folder be chosen. A file does the same, by hand.</p>
    <h3 class="mt-4">By a file</h3>
    <p>
      Export everything on the other device, and choose the file below: it can be brought together with what is here.
    </p>
  </section>
</template>
