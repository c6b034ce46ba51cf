<script setup lang="ts">
import { ref } from 'vue'
import { ProblemNote } from '@/shared'
import ClothBands from './ClothBands.vue'
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
  <article
    class="space-y-2 border-b border-line pb-4"
    :data-cloth="ledger.name"
    :data-short="!ledger.enough || undefined"
  >
    <h3 class="flex flex-wrap items-baseline gap-x-3 text-lg font-bold">
      <span class="size-4 self-center rounded-full border border-ink/40" :style="{ background: ledger.colour }"></span>
      {{ ledger.name }}
    </h3>
    <p class="flex flex-wrap justify-between gap-x-4">
      <span v-if="ledger.asYardage"><span class="text-soft">Needed, as one length:</span> {{ ledger.asYardage }}</span
      ><span><span class="text-soft">On hand:</span> {{ ledger.onHand }}</span>
    </p>
    <ClothBands :bands="ledger.bands" :colour="ledger.colour" :lit="lit" @pointed="emit('pointed', $event)" />
    <p v-if="ledger.toBuy" class="font-bold text-brick">
      Short: buy {{ ledger.toBuy }}
      <span class="font-normal"
        >({{ ledger.toBuyExact }} exactly<template v-if="ledger.proof">; {{ ledger.proof }}</template
        >)</span
      ><template v-if="ledger.cost">, {{ ledger.cost }}</template>
    </p>
    <p v-else-if="ledger.boughtAlready" class="font-bold text-leaf">
      Bought, and cut into by now: it is not on the shopping list
    </p>
    <p v-else-if="ledger.enough" class="font-bold text-leaf">Enough on the shelf</p>
    <p v-else class="font-bold text-brick">Short, and no fabric of the usual width gives these pieces</p>
    <p v-if="ledger.leftovers.length">
      <span class="text-soft">Left of the pieces cut into:</span> {{ ledger.leftovers.slice(0, 6).join('; ')
      }}<template v-if="ledger.leftovers.length > 6">; and {{ ledger.leftovers.length - 6 }} more sizes</template>
    </p>
    <p v-if="ledger.leftOfBought.length">
      <span class="text-soft">Left of what is bought:</span> {{ ledger.leftOfBought.slice(0, 4).join('; ') }}
    </p>
    <p v-if="ledger.untouched.length"><span class="text-soft">Left whole:</span> {{ ledger.untouched.join('; ') }}</p>
    <ProblemNote :problems="ledger.problems" hint />
    <p class="space-x-5">
      <button
        class="cursor-pointer underline decoration-dotted underline-offset-4"
        :aria-expanded="open"
        @click="open = !open"
      >
        {{ open ? 'Close the account' : 'What is cut of it' }}
      </button>
      <button
        class="cursor-pointer underline decoration-dotted underline-offset-4"
        :aria-expanded="planning"
        :aria-label="`Plain, tidy or thrifty cutting of ${ledger.name}`"
        @click="planning = !planning"
      >
        {{ planning ? 'Close the plans' : `Cut ${ledger.style}; other ways of cutting` }}
      </button>
    </p>
    <StylePlans
      v-if="planning"
      :quilt-id="quiltId"
      :cloth-key="ledger.key"
      :cloth-name="ledger.name"
      @chosen="(style, effort, everywhere) => emit('styleChosen', style, effort, everywhere)"
    />
    <div v-if="open" class="space-y-2">
      <p>{{ ledger.needed }} in all:</p>
      <ul>
        <li v-for="use in ledger.uses" :key="use.label + use.cut">
          {{ use.count }} × {{ use.cut }} <span class="text-soft">for {{ use.label }}</span>
        </li>
      </ul>
      <p v-for="each in ledger.workings" :key="each.what">
        <span class="text-soft">{{ each.what }}:</span> {{ each.how }}
      </p>
    </div>
  </article>
</template>
