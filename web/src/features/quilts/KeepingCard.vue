<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { askAnew } from '@/api/askAnew'
import type { Answer } from '@/api/calls'
import { call, type Problem, problemsOf, sendFile } from '@/api/client'
import { ProblemNote, spellCount } from '@/shared'

const client = useQueryClient()
const problems = ref<Problem[]>([])
const said = ref('')
const { data: health } = useQuery({ queryKey: ['health'], queryFn: () => call('GET', '/api/health') })

const lastCopy = computed(() =>
  health.value?.lastCopy
    ? new Date(health.value.lastCopy).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })
    : '',
)

/** A large file is told of until it is in. */
type Coming = Answer<'POST', '/api/everything'>
const LOOK_AGAIN_MS = 500
const coming = ref<Coming>()

async function bringIn(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  said.value = ''
  if (!file) return
  try {
    problems.value = []
    coming.value = await sendFile('POST', '/api/everything', {}, file, 'application/json')
    while (!coming.value.ended) {
      await new Promise((later) => setTimeout(later, LOOK_AGAIN_MS))
      coming.value = await call('GET', '/api/everything/coming/{id}', { path: { id: coming.value.id } })
    }
    said.value = inWords(coming.value)
    await askAnew(client)
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  } finally {
    coming.value = undefined
  }
}

function inWords({ came, stopped }: Coming) {
  const parts = [
    came.quilts ? spellCount(came.quilts, 'quilt', 'quilts') : '',
    came.cloths ? spellCount(came.cloths, 'fabric', 'fabrics') : '',
    came.blocks ? spellCount(came.blocks, 'block of your own', 'blocks of your own') : '',
    came.prices ? 'the price list' : '',
  ].filter(Boolean)
  const all = parts.length ? `Brought in: ${parts.join(', ')}.` : ''
  if (stopped) return `Stopped. ${all} Choose the file once more to bring in the rest.`
  return all ? `${all} What was here already stayed as it is.` : 'All of it was here already. Nothing has changed.'
}

async function stop() {
  if (coming.value) await call('POST', '/api/everything/coming/{id}/stop', { path: { id: coming.value.id } })
}
</script>

<template>
  <p v-if="health?.copyLate" role="status" class="rounded-xl bg-tape-pale p-3">
    The last copy of everything is from {{ lastCopy }}. One is made each day while Golden Tally runs. To make one now,
    type <code>./golden-tally backup</code>.
  </p>
  <details>
    <summary class="cursor-pointer font-medium underline decoration-dotted">Keep everything safe</summary>
    <section class="mt-2 max-w-xl space-y-3" aria-label="Keep everything safe">
      <p v-if="lastCopy && !health?.copyLate">The last copy of everything was made {{ lastCopy }}.</p>
      <p v-if="said" role="status" class="rounded-lg bg-tape-pale p-2">{{ said }}</p>
      <ProblemNote :problems="problems" />
      <div v-if="coming" class="flex items-center gap-3 rounded-lg bg-tape-pale p-2" data-coming>
        <label class="flex-1">
          Bringing it in
          <progress class="block w-full" :value="coming.done" :max="coming.of"></progress>
        </label>
        <button class="button" @click="stop">Stop</button>
      </div>
      <a class="button" href="/api/everything" download>Everything as one file</a>
      <label class="block">
        <span class="mb-1 block font-medium">Bring everything in from such a file</span>
        <input
          type="file"
          accept=".json,application/json"
          class="field w-full"
          :disabled="coming !== undefined"
          @change="bringIn"
        />
      </label>
      <p class="text-soft">
        All quilts with their steps and logs, the shelf with its photographs, prices and your own blocks. What is here
        already stays as it is.
      </p>
    </section>
  </details>
</template>
