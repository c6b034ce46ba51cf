<script setup lang="ts">
import { computed } from 'vue'
import { spellCount } from '@/shared'
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
const parts = computed(() =>
  [
    { key: 'shown', folded: false, ledgers: shown.value },
    { key: 'enough', folded: true, ledgers: enough.value },
  ].filter(({ ledgers }) => ledgers.length),
)
</script>

<template>
  <section class="space-y-4" aria-labelledby="ledger-title">
    <h2 id="ledger-title" class="sr-only">Each fabric: needed, on the shelf, left over</h2>
    <template v-for="part in parts" :key="part.key">
      <component :is="part.folded ? 'details' : 'div'" class="space-y-4" :data-enough="part.folded || undefined">
        <summary v-if="part.folded" class="cursor-pointer font-medium">
          {{
            shown.length
              ? spellCount(enough.length, 'more fabric is enough', 'more fabrics are enough')
              : `All ${enough.length} fabrics are enough`
          }}
        </summary>
        <ClothAccount
          v-for="ledger in part.ledgers"
          :key="ledger.key"
          :quilt-id="quiltId"
          :ledger="ledger"
          :lit="lit"
          @pointed="emit('pointed', $event)"
          @style-chosen="(style, effort, everywhere) => emit('styleChosen', ledger.key, style, effort, everywhere)"
        />
      </component>
    </template>
    <p v-if="!ledgers.length" class="text-soft">No fabric is needed yet: dress the blocks at the station Top.</p>
  </section>
</template>
