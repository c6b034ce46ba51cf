<script setup lang="ts">
import { computed } from 'vue'
import { useOpenQuilt } from '@/features/quilts'
import { useBatches } from './queries'
import { useTakenAlong } from '@/offline/takeAlong'

const quilt = useOpenQuilt()
const { data: sew } = useBatches(() => quilt.id.value)
const keys = computed(() => sew.value?.batches.map((batch) => batch.key))
const along = useTakenAlong(quilt.id, keys)
</script>

<template>
  <p v-if="along.can.value" class="text-sm text-soft" data-along>
    <template v-if="along.all.value"
      >Works offline: this browser has the stations, the cutting steps and all {{ along.wanted.value }} cards.</template
    >
    <template v-else>Saving cards for offline: {{ along.cards.value }} of {{ along.wanted.value }}.</template>
  </p>
</template>
