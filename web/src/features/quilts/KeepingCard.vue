<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { askAnew } from '@/api/askAnew'
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

async function bringIn(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  said.value = ''
  if (!file) return
  try {
    const came = await sendFile('POST', '/api/everything', {}, file, 'application/json')
    problems.value = []
    const parts = [
      came.quilts ? spellCount(came.quilts, 'quilt', 'quilts') : '',
      came.cloths ? spellCount(came.cloths, 'fabric', 'fabrics') : '',
      came.blocks ? spellCount(came.blocks, 'block of your own', 'blocks of your own') : '',
      came.prices ? 'the price list' : '',
    ].filter(Boolean)
    said.value = parts.length
      ? `Brought in: ${parts.join(', ')}. What was here already stayed as it is.`
      : 'All of it was here already; nothing has changed.'
    await askAnew(client)
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
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
      <a class="button" href="/api/everything" download>Everything as one file</a>
      <label class="block">
        <span class="mb-1 block font-medium">Bring everything in from such a file</span>
        <input type="file" accept=".json,application/json" class="field w-full" @change="bringIn" />
      </label>
      <p class="text-soft">
        All quilts with their steps and logs, the shelf with its photographs, prices and your own blocks. What is here
        already stays as it is.
      </p>
    </section>
  </details>
</template>
