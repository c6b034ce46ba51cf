<script setup lang="ts">
import type { Schemas } from '@/api/client'

export interface SpareUnitsProps {
  spares: readonly Schemas['SpareView'][]
  clothNames: readonly string[]
}

const props = defineProps<SpareUnitsProps>()
const names = (cloths: readonly number[]) =>
  [...new Set(cloths.map((cloth) => props.clothNames[cloth] ?? 'not dressed'))].join(' · ')
</script>

<template>
  <ul data-spares>
    <li v-for="(spare, i) in spares" :key="i">
      <strong>{{ spare.count }}</strong> × {{ spare.what }}, {{ names(spare.cloths) }}
    </li>
  </ul>
</template>
