<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'

export interface CutAndPutAwayProps {
  quiltId: string
  /** What was cut and put away of this fabric, and is used as it is. */
  already: readonly string[]
  spare: readonly Schemas['NotNeededView'][]
  last: Schemas['PutAwayView'] | null
}

const props = defineProps<CutAndPutAwayProps>()
const emit = defineEmits<{ refused: [problems: Problem[]] }>()
const client = useQueryClient()

async function attempt(work: () => Promise<unknown>) {
  try {
    await work()
    emit('refused', [])
  } catch (thrown) {
    emit('refused', problemsOf(thrown))
  }
  void askAnew(client, ['shelf'])
  void askAnew(client, ['quilt'])
}
const takeBack = (act: number) => attempt(() => call('POST', '/api/shelf/acts/{act}/take-out', { path: { act } }))
const free = (piece: string) =>
  attempt(() => call('POST', '/api/quilts/{id}/cut/spare/{piece}/free', { path: { id: props.quiltId, piece } }))
</script>

<template>
  <section
    v-if="spare.length"
    class="space-y-2 rounded-xl bg-tape-pale p-3"
    aria-labelledby="spare-cut-title"
    data-spare-cut
  >
    <h2 id="spare-cut-title" class="font-bold">Cut already, and not needed now</h2>
    <ul class="space-y-1">
      <li v-for="each in spare" :key="each.id" class="flex flex-wrap items-center justify-between gap-2">
        <span>{{ each.what }}</span>
        <button class="button" :aria-label="`Free for other quilts: ${each.what}`" @click="free(each.id)">
          Free for other quilts
        </button>
      </li>
    </ul>
  </section>
  <section v-if="already.length" aria-labelledby="already-title" data-already>
    <h2 id="already-title" class="panel-title mb-1">Cut and put away</h2>
    <ul>
      <li v-for="each in already" :key="each">✓ {{ each }}</li>
    </ul>
  </section>
  <p v-if="last" class="flex flex-wrap items-center justify-between gap-2 text-soft" data-last-put-away>
    <span>Put away last: {{ last.what }}</span>
    <button class="button" :aria-label="`Take back: ${last.what}`" @click="takeBack(last.act)">Take back</button>
  </p>
</template>
