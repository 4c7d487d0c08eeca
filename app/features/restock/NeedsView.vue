<script setup lang="ts">
import type { Need } from '@juxtachrome/core/restocking'
import { counted, daysAfter } from '@juxtachrome/core/units'
import { ref } from 'vue'
import { useRestockCommands } from './commands'
import { ASK_AGAIN_DAYS } from '~/shared/words/askAgain'
import type { Needs } from './useNeeds'
import { useToday } from '~/shared/ui/useToday'
import NeedCode from './NeedCode.vue'
import NeedRow from './NeedRow.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

/** What is needed, gathered by itself: accepted and put in order, put off, refused; and what one writes down. */
const props = defineProps<{ needs: Needs }>()
const { accepted, open, later, refused, isWorking, isAsking, done, trouble, hasGaps } = props.needs
const commands = useRestockCommands()
const today = useToday()
const own = ref('')
const problem = ref('')

function write() {
  problem.value = own.value.trim() ? '' : 'Say what is needed: a name, or a code such as PB60.'
  if (problem.value) return
  if (commands.addOwn(own.value, today.value)) own.value = ''
}
function move(need: Need, by: number) {
  const list = [...accepted.value]
  const at = list.indexOf(need)
  const to = Math.max(0, Math.min(list.length - 1, at + by))
  if (to === at) return
  list.splice(at, 1)
  list.splice(to, 0, need)
  commands.order(list, need.name, today.value)
}
const answer = (need: Need, said: 'accepted' | 'refused' | 'later') =>
  commands.answer(need, said, today.value, said === 'later' ? daysAfter(today.value, ASK_AGAIN_DAYS) : undefined)
</script>

<template>
  <div class="grid gap-6 lg:grid-cols-2">
    <section aria-label="To be bought">
      <h2>To be bought{{ accepted.length ? `, ${accepted.length}` : '' }}</h2>
      <p class="hint mb-1">In your order: the first matters most.</p>
      <form class="mb-2 flex gap-1" @submit.prevent="write">
        <input
          v-model="own"
          class="input"
          maxlength="160"
          aria-label="Something else that is needed"
          placeholder="a name, or a code such as PB60"
        />
        <button class="btn whitespace-nowrap">Add to the list</button>
      </form>
      <Refusal v-if="problem" :says="problem" />
      <ol data-repeats>
        <NeedRow v-for="(n, i) in accepted" :key="n.key" :need="n" :number="i + 1">
          <button class="btn btn-icon" :disabled="i === 0" :aria-label="`${n.name} sooner`" @click="move(n, -1)">
            ↑
          </button>
          <button
            class="btn btn-icon"
            :disabled="i === accepted.length - 1"
            :aria-label="`${n.name} later`"
            @click="move(n, 1)"
          >
            ↓
          </button>
          <button class="link text-sm" :aria-label="`Not needed: ${n.name}`" @click="commands.reopen(n)">
            Put back
          </button>
          <label v-if="n.paintId" class="check text-sm"
            ><input type="checkbox" :checked="n.anyMaker" @change="commands.anyMaker(n, !n.anyMaker, today)" />any
            maker</label
          >
          <NeedCode v-if="!n.paintId" :key="n.pigments.join()" :need="n" />
        </NeedRow>
      </ol>
      <p v-if="accepted.length === 0" class="hint">
        Accept a need on the other side, or write one down. Then ask shops for
        <NuxtLink class="link" to="/restock/prices">prices</NuxtLink> and make a
        <NuxtLink class="link" to="/restock/plan">plan</NuxtLink>.
      </p>
    </section>
    <section aria-label="Gathered">
      <h2>Gathered{{ open.length ? `, ${open.length}` : '' }}</h2>
      <p class="hint mb-1">
        From what is low and used, places kept free, stand-ins and wishes{{
          hasGaps ? ', and the gaps of verdicts' : ''
        }}.
      </p>
      <p v-if="!hasGaps" class="mb-2">
        <button v-if="!isAsking" class="btn" @click="needs.askForGaps()">Ask the verdicts of all palettes, too</button>
        <button v-else class="btn" @click="needs.cancel()">Cancel</button>
      </p>
      <WorkingBar v-if="isAsking" class="mb-2" :done="done" label="Gathering needs" />
      <Refusal v-if="trouble" :says="trouble" />
      <ul>
        <NeedRow v-for="n in open" :key="n.key" :need="n">
          <button class="btn" :aria-label="`Accept ${n.name}`" @click="answer(n, 'accepted')">Accept</button>
          <button class="btn" :aria-label="`Put off ${n.name}`" @click="answer(n, 'later')">Later</button>
          <button class="btn" :aria-label="`Refuse ${n.name}`" @click="answer(n, 'refused')">No</button>
        </NeedRow>
      </ul>
      <p v-if="open.length === 0 && !isWorking" class="hint">Nothing is missing, as far as anything says so.</p>
      <details v-if="later.length + refused.length" class="mt-4">
        <summary>{{ counted(later.length, 'need') }} put off, {{ refused.length }} refused</summary>
        <ul>
          <NeedRow v-for="n in [...later, ...refused]" :key="n.key" :need="n">
            <button class="link text-sm" :aria-label="`Ask again about ${n.name}`" @click="commands.reopen(n)">
              Ask again
            </button>
          </NeedRow>
        </ul>
      </details>
    </section>
  </div>
</template>
