<script setup lang="ts">
import type { Ledger } from './queries'

export interface LeftOverProps {
  ledgers: readonly Ledger[]
}

defineProps<LeftOverProps>()
</script>

<template>
  <dl class="space-y-2">
    <div v-for="ledger in ledgers" :key="ledger.key">
      <dt class="font-medium">{{ ledger.name }}</dt>
      <dd v-if="ledger.untouched.length" class="text-soft">whole: {{ ledger.untouched.join('; ') }}</dd>
      <dd v-if="ledger.leftovers.length" class="text-soft">
        of the pieces you cut into: {{ ledger.leftovers.slice(0, 6).join('; ')
        }}<template v-if="ledger.leftovers.length > 6">; and {{ ledger.leftovers.length - 6 }} more sizes</template>
      </dd>
      <dd v-if="ledger.leftOfBought.length" class="text-soft">
        of what you buy: {{ ledger.leftOfBought.slice(0, 4).join('; ') }}
      </dd>
      <dd v-if="!ledger.untouched.length && !ledger.leftovers.length && !ledger.leftOfBought.length" class="text-soft">
        nothing large enough to keep
      </dd>
    </div>
  </dl>
</template>
