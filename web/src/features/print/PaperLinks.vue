<script setup lang="ts">
import { computed } from 'vue'
import { paperChoice, printed } from './paper'

export interface PaperLinksProps {
  quiltId: string
  /** What can be printed here: the file, and what it is called. */
  sheets: readonly { file: string; name: string }[]
}

defineProps<PaperLinksProps>()
const paper = computed({
  get: () => paperChoice.value.paper,
  set: (chosen) => (paperChoice.value = { ...paperChoice.value, paper: chosen }),
})
const black = computed({
  get: () => paperChoice.value.black,
  set: (chosen) => (paperChoice.value = { ...paperChoice.value, black: chosen }),
})
</script>

<template>
  <section class="space-y-2" aria-label="On paper">
    <h2 class="panel-title">On paper</h2>
    <a
      v-for="sheet in sheets"
      :key="sheet.file"
      class="button inline-flex w-full items-center justify-center"
      :href="printed(`/api/quilts/${quiltId}/${sheet.file}`, paperChoice)"
      target="_blank"
      rel="noopener"
      >{{ sheet.name }}</a
    >
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
      <label class="flex items-center gap-2"
        ><span>Paper</span>
        <select v-model="paper" class="field">
          <option value="">as measured</option>
          <option value="letter">Letter</option>
          <option value="a4">A4</option>
        </select>
      </label>
      <label class="flex min-h-10 items-center gap-2"
        ><input v-model="black" type="checkbox" class="size-5" />black ink only</label
      >
    </div>
  </section>
</template>
