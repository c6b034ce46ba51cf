<script setup lang="ts">
import { computed, ref } from 'vue'
import type { QuiltDesign } from '@/features/quilts'
import FinderDialog from './FinderDialog.vue'
import { clothsFound } from './edit/finding'

export interface ClothFinderProps {
  cloths: QuiltDesign['cloths']
  /** What is dressed in the cloth that is found; nothing where it is only taken in hand. */
  where: string | undefined
}

const props = defineProps<ClothFinderProps>()
const emit = defineEmits<{ closed: []; found: [clothKey: string] }>()

const words = ref('')
const found = computed(() => [
  {
    label: '',
    choices: clothsFound(props.cloths, words.value).map(({ cloth, number }) => ({
      key: cloth.key,
      name: cloth.name,
      colour: cloth.colour,
      number,
    })),
  },
])
</script>

<template>
  <FinderDialog
    v-model="words"
    :title="where ? `Which fabric for ${where}?` : 'Which fabric is taken in hand?'"
    label="Number or name of the fabric"
    nothing="No fabric in hand is called so. Take more from the shelf, in the tray beside the wall."
    :groups="found"
    @closed="emit('closed')"
    @found="emit('found', String($event))"
  />
</template>
