<script setup lang="ts">
import { nextTick, ref } from 'vue'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { ProblemNote } from '@/shared'

export interface ShelfLineProps {
  /** A line as typed and as understood. */
  line: Schemas['ShelfLineView']
  /** Of the fabric, which is said already. */
  name: string
}

const props = defineProps<ShelfLineProps>()
const emit = defineEmits<{ corrected: []; removed: [] }>()

const correcting = ref(false)
const typed = ref('')
const problems = ref<Problem[]>([])
const field = ref<HTMLInputElement>()

async function correct() {
  typed.value = props.line.typed
  problems.value = []
  correcting.value = true
  await nextTick()
  field.value?.select()
}

async function keep() {
  try {
    await call('PUT', '/api/shelf/lines/{id}', {
      path: { id: props.line.id },
      body: { version: props.line.version, line: typed.value },
    })
    correcting.value = false
    emit('corrected')
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}
</script>

<template>
  <li class="py-1">
    <form v-if="correcting" class="space-y-2" @submit.prevent="keep" @keydown.esc="correcting = false">
      <div class="flex flex-wrap gap-2">
        <input
          ref="field"
          v-model="typed"
          class="field min-w-48 flex-1"
          :aria-label="`Edit ${line.typed}`"
          :aria-invalid="problems.length > 0"
        />
        <button class="button button-main">Keep</button>
        <button type="button" class="button" @click="correcting = false">Leave as it was</button>
      </div>
      <ProblemNote :problems="problems" />
    </form>
    <div v-else class="flex flex-wrap items-center justify-between gap-2">
      <p>
        {{ line.understood.replace(` – ${name}`, '') }}
        <span v-if="line.kept" class="block text-sm text-tape-deep" data-line-kept>{{ line.kept }}</span>
        <span v-if="line.piece.form !== 'CUT'" class="block text-sm text-soft">typed: {{ line.typed }}</span>
      </p>
      <div class="flex gap-2">
        <button class="button" :aria-label="`Edit ${line.typed}`" @click="correct">Edit</button>
        <button class="button" :aria-label="`Remove ${line.typed}`" @click="emit('removed')">Remove</button>
      </div>
    </div>
  </li>
</template>
