<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { useOpenQuilt } from '@/features/quilts'
import { ProblemNote, spellCount, WaitNote } from '@/shared'

type Answer = Schemas['BestPlansView']

const quilt = useOpenQuilt()
const problems = ref<Problem[]>([])
const taking = ref<string>()
const POLLED_EVERY_MS = 400
const { data, error, isFetching, refetch } = useQuery({
  queryKey: computed(() => ['quilt', quilt.id.value, 'plans']),
  queryFn: () => call('GET', '/api/quilts/{id}/plans', { path: { id: quilt.id.value! } }),
  placeholderData: (before) => before,
  retry: false,
  // Of a large top the search goes on for some seconds; it is asked how far it is.
  refetchInterval: (query) => (query.state.data && !query.state.data.answer ? POLLED_EVERY_MS : false),
})
/** While a new search goes on, the answer to the one before stays. */
const before = ref<Answer>()
watch(data, (now) => {
  if (now?.answer) before.value = now.answer
})
const answer = computed(() => data.value?.answer ?? before.value)
const searching = computed(() => !!data.value && !data.value.answer)
async function searchAgain() {
  await call('POST', '/api/quilts/{id}/plans/again', { path: { id: quilt.id.value! } })
  await refetch()
}
async function stop() {
  await call('POST', '/api/quilts/{id}/plans/stop', { path: { id: quilt.id.value! } })
  await refetch()
}
/** The best of the small changes; the others once she asks. */
const allChanges = ref(false)
const changes = computed(() => answer.value?.changes.slice(0, allChanges.value ? undefined : 1) ?? [])
const anything = computed(() => answer.value?.plans.some((plan) => plan.ways.length || plan.cuts))

async function take(key: string) {
  taking.value = key
  try {
    await quilt.changeBy((version) =>
      call('POST', '/api/quilts/{id}/plans/take', { path: { id: quilt.id.value! }, body: { version, key } }),
    )
    problems.value = []
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
  taking.value = undefined
}
</script>

<template>
  <section aria-labelledby="plans-title" class="space-y-3" :class="{ 'min-h-96': !answer }" :aria-busy="isFetching">
    <h2 id="plans-title" class="panel-title">Is there enough fabric?</h2>
    <div v-if="searching" class="flex items-center gap-3" role="status">
      <progress class="h-3 min-w-0 flex-1" max="100" :value="data!.percent" aria-label="Plans tried" />
      <span class="text-sm text-soft">trying plans: {{ data!.percent }} %</span>
      <button class="button min-h-9" @click="stop">Stop, and take the best so far</button>
    </div>
    <template v-if="!answer"><WaitNote v-if="error || !searching" what="the best plans" :error="error" /></template>
    <template v-else-if="anything">
      <p class="text-lg leading-6" data-answer>
        <template v-if="answer.enough"
          ><strong>Yes.</strong> You have enough. The plan that buys least shows how.</template
        >
        <template v-else
          ><strong>You're short.</strong> The best plan still needs {{ answer.missing.join(', ') }}.</template
        >
      </p>
      <div class="grid gap-2 sm:grid-cols-3">
        <article
          v-for="plan in answer.plans"
          :key="plan.key"
          class="flex flex-col gap-2 rounded-xl border border-line p-3 data-[same]:border-2 data-[same]:border-tape-deep data-[same]:bg-tape-pale"
          :data-plan="plan.key"
          :data-same="plan.same || undefined"
          :aria-label="`The plan that ${plan.label}`"
        >
          <h3 class="font-bold first-letter:uppercase">{{ plan.label }}</h3>
          <p v-if="!plan.buys.length" class="font-medium">Nothing to buy</p>
          <p v-else class="leading-5">
            Buy {{ plan.buys.join(', ')
            }}<template v-if="plan.money"
              >: {{ plan.money }}<template v-if="plan.unpriced"> and {{ plan.unpriced }} not priced</template></template
            >
          </p>
          <p class="text-sm text-soft">{{ spellCount(plan.cuts, 'cut', 'cuts') }} · {{ plan.hours }}</p>
          <p v-if="plan.proof" class="text-sm text-soft" data-proof>{{ plan.proof }}</p>
          <details class="flex-1 text-sm">
            <summary class="cursor-pointer underline decoration-dotted">
              {{ spellCount(plan.ways.length, 'way', 'ways') }} of making, and all figures
            </summary>
            <ul class="mb-2">
              <li v-for="way in plan.ways" :key="way" class="first-letter:uppercase">{{ way }}</li>
            </ul>
            <dl class="text-sm leading-5">
              <div class="flex justify-between gap-2">
                <dt>Fabrics opened</dt>
                <dd class="font-bold">{{ plan.piecesOpened }}</dd>
              </div>
              <div class="flex justify-between gap-2">
                <dt>Cuts</dt>
                <dd class="font-bold">{{ plan.cuts }}</dd>
              </div>
              <div class="flex justify-between gap-2">
                <dt>Seams</dt>
                <dd class="font-bold">{{ plan.seams }}</dd>
              </div>
              <div class="flex justify-between gap-2">
                <dt>Units to trim</dt>
                <dd class="font-bold">{{ plan.trimmedUnits }}</dd>
              </div>
              <div class="flex justify-between gap-2">
                <dt>Trimmed off</dt>
                <dd class="font-bold">{{ plan.trimmings }}</dd>
              </div>
              <div class="flex justify-between gap-2">
                <dt>To cut and piece</dt>
                <dd class="font-bold">{{ plan.hours }}</dd>
              </div>
            </dl>
          </details>
          <p v-if="plan.same" class="py-1.5 text-center font-medium">Planned now</p>
          <button
            v-else
            class="button min-h-9"
            :disabled="!!taking"
            :aria-label="`Use this plan: ${plan.label}`"
            @click="take(plan.key)"
          >
            {{ taking === plan.key ? 'Taking …' : 'Use this plan' }}
          </button>
        </article>
      </div>
      <section v-if="answer.changes.length" class="space-y-1" aria-label="Small changes that help">
        <div
          v-for="change in changes"
          :key="change.key"
          class="flex flex-wrap items-center gap-2"
          :data-change="change.key"
        >
          <p class="min-w-52 flex-1 leading-5 first-letter:uppercase">
            <strong v-if="change === answer.changes[0]">Or get by with less: </strong>{{ change.what }}.
            <span class="text-soft"
              ><template v-if="change.enough">Then you buy nothing. </template>It {{ change.effect }}.</span
            >
          </p>
          <button
            class="button min-h-9"
            :disabled="!!taking"
            :aria-label="`Use this: ${change.what}`"
            @click="take(change.key)"
          >
            Use this
          </button>
          <button
            v-if="change === answer.changes[0] && answer.changes.length > 1"
            class="button min-h-9"
            :aria-expanded="allChanges"
            @click="allChanges = !allChanges"
          >
            {{ allChanges ? 'Fewer' : `${answer.changes.length - 1} more` }}
          </button>
        </div>
      </section>
      <p v-for="pack in answer.packs" :key="pack" class="leading-5" data-pack>Or buy {{ pack }}.</p>
      <p v-if="answer.stopped && !searching" class="flex items-center gap-2 text-sm">
        <span class="flex-1">The search was stopped before all was tried; a longer one may find better plans.</span>
        <button class="button min-h-9" @click="searchAgain">Search on</button>
      </p>
      <details class="text-sm text-soft">
        <summary class="cursor-pointer underline decoration-dotted">What these figures count</summary>
        <p>
          As planned now: {{ answer.now.buys.length ? `buy ${answer.now.buys.join(', ')}` : 'nothing to buy' }},
          {{ spellCount(answer.now.cuts, 'cut', 'cuts') }}, {{ answer.now.hours }}. What you chose by hand stays in
          every plan. Seams are those of the units. The time is for cutting and piecing the top, before you have sewn
          any of it.
        </p>
      </details>
    </template>
    <ProblemNote :problems="problems" />
  </section>
</template>
