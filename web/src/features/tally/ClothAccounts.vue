<script setup lang="ts">
import { computed } from 'vue'
import ClothAccount from './ClothAccount.vue'
import type { Ledger } from './queries'

export interface ClothAccountsProps {
  quiltId: string
  ledgers: readonly Ledger[]
  /** The uses that are pointed at. */
  lit: readonly string[] | undefined
}

const props = defineProps<ClothAccountsProps>()
const emit = defineEmits<{
  pointed: [uses: readonly string[] | undefined]
  styleChosen: [cloth: string, style: 'PLAIN' | 'TIDY' | 'THRIFTY', effort: number, everywhere: boolean]
}>()

/** Of more fabrics than these, those that are enough are folded away. */
const MOST_SHOWN = 8
/** What is short first, then what has something to be said of it. */
const rank = (ledger: Ledger) => (!ledger.enough ? 0 : ledger.boughtAlready || ledger.problems.length ? 1 : 2)
const ordered = computed(() => props.ledgers.toSorted((one, other) => rank(one) - rank(other)))
const folds = computed(() => props.ledgers.length > MOST_SHOWN)
const enough = computed(() => (folds.value ? ordered.value.filter((ledger) => rank(ledger) === 2) : []))
const shown = computed(() => ordered.value.filter((ledger) => !enough.value.includes(ledger)))
</script>

<template>
  <section class="space-y-4" aria-labelledby="ledger-title">
    <h2 id="ledger-title" class="sr-only">Each fabric: needed, on the shelf, left over</h2>
    <ClothAccount
      v-for="ledger in shown"
      :key="ledger.key"
      :quilt-id="quiltId"
      :ledger="ledger"
      :lit="lit"
      @pointed="emit('pointed', $event)"
      @style-chosen="(style, effort, everywhere) => emit('styleChosen', ledger.key, style, effort, everywhere)"
    />
    <details v-if="enough.length" data-enough>
      <summary class="cursor-pointer font-medium">
        {{ shown.length ? `${enough.length} more fabrics are enough` : `All ${enough.length} fabrics are enough` }}
      </summary>
      <div class="mt-3 space-y-4">
        <ClothAccount
          v-for="ledger in enough"
          :key="ledger.key"
          :quilt-id="quiltId"
          :ledger="ledger"
          :lit="lit"
          @pointed="emit('pointed', $event)"
          @style-chosen="(style, effort, everywhere) => emit('styleChosen', ledger.key, style, effort, everywhere)"
        />
      </div>
    </details>
    <p v-if="!ledgers.length" class="text-soft">No fabric is needed yet: dress the blocks at the station Top.</p>
  </section>
</template>
