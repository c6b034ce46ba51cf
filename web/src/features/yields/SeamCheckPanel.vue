<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { ref } from 'vue'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { ProblemNote } from '@/shared'
import type { Question } from './useYieldQuestion'

export interface SeamCheckPanelProps {
  /** The unit and the settings whose cut sizes are judged. */
  question: Question
}

const props = defineProps<SeamCheckPanelProps>()
const testPiece = ref<Schemas['SeamQuestion']['testPiece']>('TWO_SQUARES')
const cutWidth = ref('')
const measured = ref('')
const answer = ref<Schemas['SeamAnswer']>()
const problems = ref<Problem[]>([])

async function check() {
  try {
    answer.value = await call('POST', '/api/yields/seam-check', {
      body: {
        testPiece: testPiece.value,
        cutWidth: cutWidth.value,
        measured: measured.value,
        question: props.question,
      },
    })
    problems.value = []
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}
</script>

<template>
  <Disclosure v-slot="{ open }" as="section" class="card p-4">
    <DisclosureButton class="button">{{
      open ? 'Close the seam check' : 'Check the seam you really sew'
    }}</DisclosureButton>
    <DisclosurePanel class="mt-3 space-y-3">
      <form class="flex flex-wrap items-end gap-3" @submit.prevent="check">
        <label
          ><span class="mb-1 block font-medium">Test piece, sewn and pressed</span>
          <select v-model="testPiece" class="field">
            <option value="TWO_SQUARES">two squares</option>
            <option value="THREE_STRIPS">three strips</option>
          </select></label
        >
        <label
          ><span class="mb-1 block font-medium">each cut</span
          ><input v-model="cutWidth" class="field w-28" placeholder="2 1/2" autocomplete="off"
        /></label>
        <label
          ><span class="mb-1 block font-medium">measures across</span
          ><input v-model="measured" class="field w-28" placeholder="4 1/2" autocomplete="off"
        /></label>
        <button class="button button-main">Work out my seam</button>
      </form>
      <ProblemNote :problems="problems" />
      <div v-if="answer && !problems.length" aria-live="polite" class="space-y-1">
        <p>
          Your seam is <strong>{{ answer.seam }}</strong>. <span class="text-soft">{{ answer.working.how }}</span>
        </p>
        <ul>
          <li
            v-for="verdict in answer.verdicts"
            :key="verdict.method"
            class="data-[short]:text-brick"
            :data-short="!verdict.reaches || undefined"
          >
            <strong>{{ verdict.method }}</strong> {{ verdict.says }}
          </li>
        </ul>
      </div>
    </DisclosurePanel>
  </Disclosure>
</template>
