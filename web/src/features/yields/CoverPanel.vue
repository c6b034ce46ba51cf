<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed, ref } from 'vue'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { ProblemNote } from '@/shared'
import type { Question } from './useYieldQuestion'

export interface CoverPanelProps {
  /** The unit, in the size that is asked about. */
  question: Question
}

const props = defineProps<CoverPanelProps>()
const units = ref('')
const width = ref('')
const height = ref('')
const rows = ref<Schemas['CoverRow'][]>([])
/** What the rows cover: a size of a top counts before a number of units. */
const covered = ref('')
const problems = ref<Problem[]>([])
const unitOfLength = computed(() => (props.question.settings.system === 'INCH' ? 'in' : 'cm'))

async function ask() {
  try {
    rows.value = await call('POST', '/api/yields/cover', {
      body: {
        system: props.question.settings.system,
        unit: props.question.unit,
        units: units.value,
        width: width.value,
        height: height.value,
      },
    })
    covered.value =
      width.value || height.value
        ? `a top of ${width.value} × ${height.value} ${unitOfLength.value}`
        : `as much as ${units.value} units of ${props.question.unit.size} ${unitOfLength.value}`
    problems.value = []
  } catch (thrown) {
    rows.value = []
    problems.value = problemsOf(thrown)
  }
}
</script>

<template>
  <Disclosure v-slot="{ open }" as="section" class="card p-4">
    <DisclosureButton class="button">{{
      open ? 'Close the other sizes' : 'How many of another size cover the same?'
    }}</DisclosureButton>
    <DisclosurePanel class="mt-3 space-y-3">
      <form class="flex flex-wrap items-end gap-x-3 gap-y-2" @submit.prevent="ask">
        <label
          ><span class="mb-1 block font-medium">Units of {{ question.unit.size }} {{ unitOfLength }} finished</span
          ><input v-model="units" class="field w-28" inputmode="numeric" placeholder="800" autocomplete="off"
        /></label>
        <span class="pb-2">or a top of</span>
        <label
          ><span class="mb-1 block font-medium">Width of the top</span
          ><input v-model="width" class="field w-24" placeholder="60" autocomplete="off"
        /></label>
        <label
          ><span class="mb-1 block font-medium">Height of the top</span
          ><input v-model="height" class="field w-24" placeholder="72" autocomplete="off"
        /></label>
        <button class="button button-main">Show other sizes</button>
      </form>
      <ProblemNote :problems="problems" />
      <template v-if="rows.length">
        <p>
          Each of these covers {{ covered }}, by finished size.
          <span class="text-soft">Whole rows may take a few more.</span>
        </p>
        <ul
          class="grid grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-x-6"
          aria-label="Units of other sizes"
          data-cover
        >
          <li
            v-for="row in rows"
            :key="row.size"
            class="flex justify-between border-b border-line py-1"
            :class="{ 'font-bold': row.asked }"
          >
            <span>{{ row.size }} {{ unitOfLength }}</span
            ><span>{{ row.units.toLocaleString('en') }}</span>
          </li>
        </ul>
      </template>
    </DisclosurePanel>
  </Disclosure>
</template>
