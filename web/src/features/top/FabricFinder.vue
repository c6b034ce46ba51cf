<script setup lang="ts">
import { computed, ref } from 'vue'
import FinderDialog from './FinderDialog.vue'
import { type FabricChoice, foundIn } from './fabricLists'

export interface FabricFinderProps {
  groups: readonly { label: string; choices: (FabricChoice & { number: number })[] }[]
}

const props = defineProps<FabricFinderProps>()
const emit = defineEmits<{ closed: []; found: [place: number] }>()

const words = ref('')
const found = computed(() =>
  foundIn(props.groups, words.value).map(({ label, choices }) => ({
    label,
    choices: choices.map(({ number, name, colour }) => ({ key: number, name, colour })),
  })),
)
</script>

<template>
  <FinderDialog
    v-model="words"
    title="Which fabric?"
    label="Part of its name, or of the pack's"
    nothing="No fabric is called so."
    :groups="found"
    @closed="emit('closed')"
    @found="emit('found', Number($event))"
  />
</template>
