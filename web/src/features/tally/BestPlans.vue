<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { useOpenQuilt } from '@/features/quilts'
import { ProblemNote, spellCount, WaitNote } from '@/shared'
import PlanFigures from './PlanFigures.vue'
import { usePlans } from './queries'

type Answer = Schemas['BestPlansView']

const quilt = useOpenQuilt()
const problems = ref<Problem[]>([])
const taking = ref<string>()
const { data, error, isFetching, refetch } = usePlans(() => quilt.id.value)
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
/** What a plan costs in work against the one of now; against itself, what is known of how good it is. */
function differsBy(plan: Answer['plans'][number]) {
  if (plan.same) return plan.proof || plan.hours
  const fewer = answer.value!.now.cuts - plan.cuts
  if (!fewer) return plan.hours
  return `${Math.abs(fewer)} ${fewer > 0 ? 'fewer' : 'more'} than now · ${plan.hours}`
}
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
  <section aria-labelledby="plans-title" class="space-y-3" :class="{ 'min-h-40': !answer }" :aria-busy="isFetching">
    <h2 id="plans-title" class="sr-only">Is there enough fabric?</h2>
    <div v-if="searching" class="flex items-center gap-3" role="status">
      <progress class="h-3 min-w-0 flex-1" max="100" :value="data!.percent" aria-label="Plans tried" />
      <span class="text-sm text-soft">trying plans: {{ data!.percent }} %</span>
      <button class="button min-h-9" @click="stop">Stop, and take the best so far</button>
    </div>
    <template v-if="!answer"><WaitNote v-if="error || !searching" what="the best plans" :error="error" /></template>
    <template v-else-if="anything">
      <p data-answer>
        <template v-if="answer.enough"><strong>You have enough.</strong> The plan that buys least shows how.</template>
        <template v-else
          ><strong>You're short.</strong> The best plan still needs {{ answer.missing.join(', ') }}.</template
        >
      </p>
      <div class="grid gap-2 sm:grid-cols-3">
        <article
          v-for="plan in answer.plans"
          :key="plan.key"
          class="card space-y-1 p-3 data-[same]:outline-2 data-[same]:outline-ink"
          :data-plan="plan.key"
          :data-same="plan.same || undefined"
          :aria-label="`The plan that ${plan.label}`"
        >
          <h3 class="flex min-h-9 flex-wrap items-center justify-between gap-1 font-bold">
            <span class="first-letter:uppercase">{{ plan.label }}</span>
            <span v-if="plan.same" class="text-sm font-medium">your plan now</span>
            <button
              v-else
              class="button min-h-9 px-2 text-sm"
              :disabled="!!taking"
              :aria-label="`Use this plan: ${plan.label}`"
              @click="take(plan.key)"
            >
              {{ taking === plan.key ? 'Taking …' : 'Use this plan' }}
            </button>
          </h3>
          <p v-if="!plan.buys.length" class="font-medium">Nothing to buy</p>
          <p v-else class="text-sm leading-5">
            Buy {{ plan.buys.join(', ')
            }}<template v-if="plan.money"
              >: {{ plan.money }}<template v-if="plan.unpriced"> and {{ plan.unpriced }} not priced</template></template
            >
          </p>
          <p class="text-sm text-soft">{{ spellCount(plan.cuts, 'cut', 'cuts') }} · {{ differsBy(plan) }}</p>
        </article>
      </div>
      <section v-if="answer.changes.length" aria-label="Small changes that help" class="space-y-1">
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
        <span class="flex-1">The search was stopped before all was tried. A longer one may find better plans.</span>
        <button class="button min-h-9" @click="searchAgain">Search on</button>
      </p>
      <PlanFigures :answer="answer" />
    </template>
    <ProblemNote :problems="problems" />
  </section>
</template>
