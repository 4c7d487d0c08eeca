<script setup lang="ts">
import { X } from '@lucide/vue'
import { useNotices } from '~/stores/notices'

const notices = useNotices()
</script>

<template>
  <div
    class="pointer-events-none fixed inset-x-0 bottom-[calc(var(--strip)+var(--bar)+0.75rem)] z-50 flex flex-col items-center gap-2 px-3"
    role="status"
    aria-live="polite"
  >
    <div
      v-for="notice in notices.list"
      :key="notice.id"
      class="panel pointer-events-auto flex max-w-xl items-center gap-3 border-edge px-3 py-2 shadow-sm"
      :class="notice.tone === 'trouble' ? 'border-l-4 border-l-trouble' : ''"
    >
      <span>{{ notice.text }}</span>
      <button class="btn btn-quiet btn-icon" aria-label="Dismiss" @click="notices.dismiss(notice.id)">
        <X :size="16" />
      </button>
    </div>
  </div>
</template>
