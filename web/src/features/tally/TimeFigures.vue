<script setup lang="ts">
import { computed } from 'vue'
import { spellCount } from '@/shared'
import { usePlans } from './queries'

export interface TimeFiguresProps {
  quiltId: string
}

const props = defineProps<TimeFiguresProps>()
const { data } = usePlans(() => props.quiltId)
const now = computed(() => data.value?.answer?.now)
</script>

<template>
  <p v-if="!now" class="text-soft">Adding up the cuts and seams …</p>
  <p v-else>
    {{ spellCount(now.cuts, 'cut', 'cuts') }}, {{ now.seams }} of seams in the units,
    {{ spellCount(now.trimmedUnits, 'unit', 'units') }} to trim. The time is for cutting and piecing the top, before you
    have sewn any of it.
  </p>
</template>
