<script setup lang="ts">
import type { Schemas } from '@/api/client'
import type { Time } from './queries'

export interface PacePanelProps {
  pace: Schemas['PaceView']
}

defineProps<PacePanelProps>()
const time = defineModel<Time>('time', { required: true })
</script>

<template>
  <section class="card space-y-2 p-3" aria-labelledby="pace-title">
    <h2 id="pace-title" class="font-bold">Pace</h2>
    <p>{{ pace.rest }}</p>
    <ul v-if="pace.paces.length" class="text-sm text-soft">
      <li v-for="each in pace.paces" :key="each" class="first-letter:uppercase">{{ each }}</li>
    </ul>
    <label class="flex items-center gap-2"
      ><span class="flex-1">Hours a week</span
      ><input v-model.lazy="time.hoursAWeek" class="field w-20" inputmode="decimal"
    /></label>
    <label class="flex items-center gap-2"
      ><span class="flex-1">Done by</span><input v-model="time.by" type="date" class="field w-40"
    /></label>
    <p v-if="pace.schedule" class="rounded-lg bg-tape-pale p-2">{{ pace.schedule }}</p>
  </section>
</template>
