<script setup lang="ts">
import { onMounted, onUnmounted } from 'vue'
import type { QuiltDesign } from '@/features/quilts'

export interface InHandProps {
  /** The cloth that whatever is pressed next is dressed in. */
  cloth: QuiltDesign['cloths'][number]
}

defineProps<InHandProps>()
const emit = defineEmits<{ down: [] }>()

/** Escape in a field, a list or a dialog has a meaning of its own. */
function onKey(event: KeyboardEvent) {
  const elsewhere =
    event.target instanceof HTMLElement && event.target.closest('input, textarea, select, [role=dialog]')
  if (event.key === 'Escape' && !elsewhere) emit('down')
}
onMounted(() => window.addEventListener('keydown', onKey))
onUnmounted(() => window.removeEventListener('keydown', onKey))
</script>

<template>
  <p
    class="flex min-w-0 items-center gap-2 rounded-lg border-2 border-tape-deep bg-tape-pale px-2 py-1"
    aria-live="polite"
    data-in-hand
  >
    <span class="size-6 shrink-0 rounded-full border border-ink/40" :style="{ background: cloth.colour }"></span>
    <span class="min-w-0 truncate"
      ><strong>{{ cloth.name }}</strong> in hand: what you press is dressed in it</span
    >
    <button class="button min-h-8 py-0" @click="emit('down')">Put it down <kbd class="text-sm">Esc</kbd></button>
  </p>
</template>
