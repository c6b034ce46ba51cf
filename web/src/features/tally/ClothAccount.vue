<script setup lang="ts">
import { ref } from 'vue'
import { ProblemNote } from '@/shared'
import ClothBands from './ClothBands.vue'
import LeftOver from './LeftOver.vue'
import StylePlans from './StylePlans.vue'
import type { Ledger } from './queries'

export interface ClothAccountProps {
  ledger: Ledger
  quiltId: string
  /** The uses that are pointed at. */
  lit: readonly string[] | undefined
}

defineProps<ClothAccountProps>()
const emit = defineEmits<{
  pointed: [uses: readonly string[] | undefined]
  styleChosen: [style: 'PLAIN' | 'TIDY' | 'THRIFTY', effort: number, everywhere: boolean]
}>()
const open = ref(false)
const planning = ref(false)
</script>

<template>
  <article :data-cloth="ledger.name" :data-short="!ledger.enough || undefined">
    <h3>
      <button
        class="flex w-full cursor-pointer flex-wrap items-baseline gap-x-3 text-left hover:bg-tape-pale"
        :aria-expanded="open"
        @click="open = !open"
      >
        <span
          class="size-4 shrink-0 self-center rounded-full border border-ink/40"
          :style="{ background: ledger.colour }"
        ></span>
        <strong class="flex-1 underline decoration-dotted decoration-1 underline-offset-4">{{ ledger.name }}</strong>
        <span v-if="ledger.toBuy" class="font-bold text-brick"
          >short: buy {{ ledger.toBuy }}<template v-if="ledger.cost">, {{ ledger.cost }}</template></span
        >
        <span v-else-if="ledger.boughtAlready" class="font-bold text-leaf">bought, and cut into by now</span>
        <span v-else-if="ledger.enough" class="font-bold text-leaf">enough</span>
        <span v-else class="font-bold text-brick">short: no fabric of the usual width gives these pieces</span>
      </button>
    </h3>
    <ClothBands :bands="ledger.bands" :colour="ledger.colour" :lit="lit" @pointed="emit('pointed', $event)" />
    <p class="mt-1 text-sm text-soft">
      <template v-if="ledger.asYardage">{{ ledger.asYardage }} needed as one length · </template>on the shelf:
      {{ ledger.onHand }}
    </p>
    <ProblemNote class="mt-2" :problems="ledger.problems" hint />
    <div v-if="open" class="mt-2 space-y-3 rounded-xl border border-line bg-white p-4" :data-account="ledger.name">
      <p v-if="ledger.toBuyExact">
        {{ ledger.toBuyExact }} exactly<template v-if="ledger.proof">: {{ ledger.proof }}</template
        >.
      </p>
      <LeftOver :ledgers="[ledger]" />
      <div>
        <h4 class="panel-title">What is cut of it: {{ ledger.needed }} in all</h4>
        <ul>
          <li v-for="use in ledger.uses" :key="use.label + use.cut">
            {{ use.count }} × {{ use.cut }} cut <span class="text-soft">for {{ use.label }}</span>
          </li>
        </ul>
      </div>
      <p v-for="each in ledger.workings" :key="each.what" class="text-sm">
        <span class="text-soft">{{ each.what }}:</span> {{ each.how }}
      </p>
      <button
        class="button"
        :aria-expanded="planning"
        :aria-label="
          planning ? `Close the plans of ${ledger.name}` : `Cut ${ledger.style}: other ways of cutting ${ledger.name}`
        "
        @click="planning = !planning"
      >
        {{ planning ? 'Close the plans' : `Cut ${ledger.style}: other ways of cutting` }}
      </button>
      <StylePlans
        v-if="planning"
        :quilt-id="quiltId"
        :cloth-key="ledger.key"
        :cloth-name="ledger.name"
        @chosen="(style, effort, everywhere) => emit('styleChosen', style, effort, everywhere)"
      />
    </div>
  </article>
</template>
