<script setup lang="ts">
import { computed } from 'vue'
import type { FabricGroup } from './fabricLists'

export interface FabricOptionsProps {
  groups: readonly FabricGroup[]
}

const props = defineProps<FabricOptionsProps>()

/** Options are numbered through all groups: a number is the place of its choice among all of them. */
const numbered = computed(() => {
  let next = 0
  return props.groups.map(({ label, choices }) => ({
    label,
    choices: choices.map(({ name }) => ({ name, number: next++ })),
  }))
})
</script>

<template>
  <optgroup v-for="group in numbered" :key="group.label" :label="group.label">
    <option v-for="choice in group.choices" :key="choice.number" :value="choice.number">{{ choice.name }}</option>
  </optgroup>
</template>
