<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { call, type Schemas } from '@/api/client'
import { StepDrawing, WaitNote } from '@/shared'
import { ROLE_COLOURS, WRONG_SIDE } from './colours'
import type { Question } from './useYieldQuestion'

export interface StepCardsProps {
  /** The unit, piece and settings. */
  question: Question
  /** The key of the method. */
  method: string
}

const props = defineProps<StepCardsProps>()
const marking = ref<Schemas['StepsQuestion']['marking']>('CUTTING_LINE')
const pressing = ref<Schemas['StepsQuestion']['pressing']>('TO_THE_DARK')
const asked = computed(() => ({
  question: props.question,
  method: props.method,
  marking: marking.value,
  pressing: pressing.value,
}))
const { data: steps, error } = useQuery({
  queryKey: computed(() => ['steps', asked.value]),
  queryFn: () => call('POST', '/api/yields/steps', { body: asked.value }),
  placeholderData: (before) => before,
})
</script>

<template>
  <section class="mt-4 border-t border-line pt-4" aria-label="Steps">
    <div class="mb-3 flex flex-wrap gap-4">
      <label class="flex items-center gap-2"
        >Marking
        <select v-model="marking" class="field">
          <option value="CUTTING_LINE">draw the cutting line</option>
          <option value="SEWING_LINES">draw both sewing lines</option>
          <option value="NOTHING">draw nothing</option>
        </select></label
      >
      <label class="flex items-center gap-2"
        >Pressing
        <select v-model="pressing" class="field">
          <option value="TO_THE_DARK">to the dark</option>
          <option value="OPEN">open</option>
          <option value="TO_THE_THINNER">to the thinner fabric</option>
        </select></label
      >
    </div>
    <WaitNote v-if="!steps" what="the steps" :error="error" />
    <ol v-else class="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
      <li v-for="(step, i) in steps" :key="i" class="card flex flex-col p-3">
        <StepDrawing :step="step" :colours="ROLE_COLOURS" :wrong-sides="WRONG_SIDE" class="h-40 w-full" />
        <h3 class="mt-2 font-bold">{{ i + 1 }} · {{ step.title }}</h3>
        <p>{{ step.text }}</p>
        <p v-if="step.caution" class="mt-2 rounded bg-brick-pale px-2 py-1 text-[15px]">{{ step.caution }}</p>
      </li>
    </ol>
    <p class="mt-3 text-soft">
      Thin grey: mark. Dashed red: stitch. Thick black: cut. Dashed green: trim. The makers' instructions for tools and
      fabric come first; children and pets away from blades and irons.
    </p>
  </section>
</template>
