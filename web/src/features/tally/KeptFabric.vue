<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf } from '@/api/client'
import { ProblemNote } from '@/shared'

export interface KeptFabricProps {
  quiltId: string
}

const props = defineProps<KeptFabricProps>()
const client = useQueryClient()
const problems = ref<Problem[]>([])
const { data: kept } = useQuery({
  queryKey: computed(() => ['quilt', props.quiltId, 'kept']),
  queryFn: () => call('GET', '/api/quilts/{id}/kept', { path: { id: props.quiltId } }),
  placeholderData: (before) => before,
  retry: false,
})

async function attempt(work: () => Promise<unknown>) {
  try {
    await work()
    problems.value = []
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
  void askAnew(client, ['quilt'])
  void askAnew(client, ['shelf'])
}
const say = (toBeMade: boolean) =>
  attempt(() => call('PUT', '/api/quilts/{id}/kept', { path: { id: props.quiltId }, body: { toBeMade } }))
/** What was just taken over from another quilt, and what that one has to buy now. */
const taken = ref<{ quiltId: string; quilt: string; buys: readonly string[] }>()
/** Its plan is looked at at once, so that what it takes is set aside before anybody else asks. */
async function move(from: string, to: string) {
  await call('POST', '/api/quilts/{id}/kept/take-over', { path: { id: to }, body: { quiltId: from } })
  await call('GET', '/api/quilts/{id}/kept', { path: { id: to } })
}
const takeOver = ({ quiltId, quilt }: { quiltId: string; quilt: string }) =>
  attempt(async () => {
    await move(quiltId, props.quiltId)
    const { buys } = await call('GET', '/api/quilts/{id}/glance', { path: { id: quiltId } })
    taken.value = { quiltId, quilt, buys }
  })
const giveBack = () =>
  attempt(async () => {
    if (taken.value) await move(props.quiltId, taken.value.quiltId)
    taken.value = undefined
  })
</script>

<template>
  <section v-if="kept" class="space-y-2" aria-label="Fabric set aside" data-kept>
    <label class="flex cursor-pointer items-start gap-2">
      <input
        type="checkbox"
        class="mt-0.5 size-5 shrink-0"
        :checked="kept.toBeMade"
        @change="say(($event.target as HTMLInputElement).checked)"
      />
      <span
        >I'm making this one: set its fabric aside<span v-if="kept.toBeMade" class="block text-sm text-soft">{{
          kept.here.length
            ? `${kept.here.join('; ')}. Other quilts leave it alone.`
            : 'Nothing on your shelf is set aside for it yet.'
        }}</span></span
      >
    </label>
    <div
      v-for="other in kept.elsewhere"
      :key="other.quiltId"
      class="flex flex-wrap items-center gap-2 rounded-xl bg-tape-pale p-3"
    >
      <p class="min-w-52 flex-1">
        Set aside for {{ other.quilt }}: {{ other.what.join('; ') }}. It isn't counted here.
      </p>
      <button class="button" :aria-label="`Use it here instead, not for ${other.quilt}`" @click="takeOver(other)">
        Use it here instead
      </button>
    </div>
    <div v-if="taken" class="flex flex-wrap items-center gap-2 rounded-xl bg-tape-pale p-3" role="status">
      <p class="min-w-52 flex-1">
        Taken from {{ taken.quilt }}, which
        {{ taken.buys.length ? `now needs ${taken.buys.join(', ')}` : 'still has enough' }}.
      </p>
      <button class="button" :aria-label="`Give it back to ${taken.quilt}`" @click="giveBack">Give it back</button>
    </div>
    <ProblemNote :problems="problems" />
  </section>
</template>
