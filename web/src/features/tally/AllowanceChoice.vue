<script setup lang="ts">
import type { Schemas } from '@/api/client'

export interface AllowanceChoiceProps {
  /** The three schools, each with what it costs by the chosen method. */
  allowances: readonly Schemas['AllowanceView'][]
  /** The one that is in use. */
  chosen: Schemas['AllowanceView']['allowance']
  /** "in" or "cm". */
  unitOfLength: string
}

defineProps<AllowanceChoiceProps>()
const emit = defineEmits<{ chosen: [allowance: Schemas['AllowanceView']['allowance']] }>()

const MEANINGS = {
  EXACT: 'cut at the constant, hardly trimmed; saves cloth, forgives nothing',
  TRIM: 'a little larger, trimmed true; the usual way',
  ROOMY: 'much larger; for beginners and for much bias',
}

function verdict(method: Schemas['MethodView']): string {
  if (!method.possible) return 'not possible with this shelf'
  const short = method.cloths.filter((cloth) => cloth.shortBy > 0)
  return short.length ? `short ${short.map((cloth) => `${cloth.shortBy} squares of ${cloth.name}`).join(', ')}` : 'enough on the shelf'
}
</script>

<template>
  <fieldset>
    <legend class="panel-title mb-2">How much room to trim, and what it costs</legend>
    <div class="grid gap-3 md:grid-cols-3">
      <button
        v-for="each in allowances"
        :key="each.allowance"
        type="button"
        class="card cursor-pointer p-3 text-left hover:border-ink data-[chosen]:border-2 data-[chosen]:border-tape-deep data-[chosen]:bg-tape-pale"
        :aria-pressed="each.allowance === chosen"
        :data-chosen="each.allowance === chosen || undefined"
        :data-allowance="each.allowance"
        @click="emit('chosen', each.allowance)"
      >
        <span class="flex justify-between font-bold"><span>{{ each.label }}</span><span>cut {{ each.method.cutSize }} {{ unitOfLength }}</span></span>
        <span class="block text-soft">{{ MEANINGS[each.allowance] }}</span>
        <span v-for="cloth in each.method.cloths" :key="cloth.role" class="block">{{ cloth.name }}: {{ cloth.needed }} squares, {{ cloth.clothCut }}</span>
        <span class="mt-1 block font-bold data-[short]:text-brick" :data-short="!each.method.enough || undefined">{{ verdict(each.method) }}</span>
      </button>
    </div>
  </fieldset>
</template>
