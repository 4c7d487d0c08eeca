<script setup lang="ts">
/** What a plan of purchases needs, step by step. */
defineProps<{ why: string }>()
</script>

<template>
  <div class="hint max-w-prose">
    <p>
      A plan buys what matters most as soon as the money is there: from several shops, with their deliveries, singles
      and sets, and no duplicates.
    </p>
    <ol class="mt-2 list-decimal pl-5">
      <li>Accept <NuxtLink class="link" to="/restock/needs">needs</NuxtLink> and put them in order.</li>
      <li>Bring in or ask for <NuxtLink class="link" to="/restock/prices">prices</NuxtLink>.</li>
      <li>Say what may be spent, then plan. {{ why }}</li>
    </ol>
  </div>
</template>
