<script setup lang="ts">
import { AWord } from '@/features/help'
import type { QuiltDesign } from '@/features/quilts'

export interface AllowanceChoiceProps {
  /** The one that is in use. */
  chosen: QuiltDesign['allowance']
}

defineProps<AllowanceChoiceProps>()
const emit = defineEmits<{ chosen: [allowance: QuiltDesign['allowance']] }>()

const SCHOOLS: { allowance: QuiltDesign['allowance']; name: string; meaning: string }[] = [
  { allowance: 'EXACT', name: 'exact', meaning: 'Cut to size and hardly trimmed. Saves fabric, forgives nothing.' },
  { allowance: 'TRIM', name: 'trim', meaning: 'Cut a little larger and trimmed true. The usual way.' },
  { allowance: 'ROOMY', name: 'roomy', meaning: 'Cut much larger. For beginners, and where much is on the bias.' },
]
</script>

<template>
  <fieldset>
    <legend class="panel-title mb-1"><AWord word="Room to trim" /></legend>
    <div class="flex gap-2">
      <button
        v-for="school in SCHOOLS"
        :key="school.allowance"
        type="button"
        class="button min-h-9 flex-1 data-[chosen]:bg-ink data-[chosen]:text-tape"
        :aria-pressed="school.allowance === chosen"
        :data-chosen="school.allowance === chosen || undefined"
        :data-allowance="school.allowance"
        :title="school.meaning"
        @click="emit('chosen', school.allowance)"
      >
        {{ school.name }}
      </button>
    </div>
    <p class="mt-1 text-sm text-soft">{{ SCHOOLS.find((school) => school.allowance === chosen)?.meaning }}</p>
  </fieldset>
</template>
