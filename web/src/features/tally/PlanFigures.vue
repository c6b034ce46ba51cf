<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { spellCount } from '@/shared'

type Plan = Schemas['PlanView']

export interface PlanFiguresProps {
  answer: Schemas['BestPlansView']
}

const props = defineProps<PlanFiguresProps>()
const FIGURES: { name: string; of: (plan: Plan) => string }[] = [
  { name: 'Buy', of: (plan) => plan.buys.join(', ') || 'nothing' },
  { name: 'Fabrics opened', of: (plan) => `${plan.piecesOpened}` },
  { name: 'Cuts', of: (plan) => `${plan.cuts}` },
  { name: 'Seams of the units', of: (plan) => plan.seams },
  { name: 'Units to trim', of: (plan) => `${plan.trimmedUnits}` },
  { name: 'Trimmed off', of: (plan) => plan.trimmings },
  { name: 'To cut and piece', of: (plan) => plan.hours },
]
/** Three plans may be two. */
const plans = computed(() => props.answer.plans)
</script>

<template>
  <details class="text-sm" data-figures>
    <summary class="cursor-pointer underline decoration-dotted underline-offset-4">
      Compare the plans in figures
    </summary>
    <div class="mt-2 overflow-x-auto">
      <table class="w-full text-left">
        <thead>
          <tr>
            <td></td>
            <th v-for="plan in plans" :key="plan.key" scope="col" class="px-2 py-1 first-letter:uppercase">
              {{ plan.label }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="figure in FIGURES" :key="figure.name" class="border-t border-line align-top">
            <th scope="row" class="py-1 pr-2 font-medium">{{ figure.name }}</th>
            <td v-for="plan in plans" :key="plan.key" class="px-2 py-1">{{ figure.of(plan) }}</td>
          </tr>
          <tr class="border-t border-line align-top">
            <th scope="row" class="py-1 pr-2 font-medium">Made</th>
            <td v-for="plan in plans" :key="plan.key" class="px-2 py-1">
              <ul>
                <li v-for="way in plan.ways" :key="way" class="first-letter:uppercase">{{ way }}</li>
              </ul>
            </td>
          </tr>
          <tr class="border-t border-line align-top">
            <th scope="row" class="py-1 pr-2 font-medium">How good it is</th>
            <td v-for="plan in plans" :key="plan.key" class="px-2 py-1" data-proof>{{ plan.proof || '–' }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="mt-2 text-soft">
      As planned now: {{ answer.now.buys.length ? `buy ${answer.now.buys.join(', ')}` : 'nothing to buy' }},
      {{ spellCount(answer.now.cuts, 'cut', 'cuts') }}, {{ answer.now.hours }}. What you chose by hand stays in every
      plan. The time is for cutting and piecing the top, before you have sewn any of it.
    </p>
  </details>
</template>
