<script setup lang="ts">
import type { Schemas } from '@/api/client'

export interface StripKindsProps {
  strips: readonly Schemas['StripView'][]
  bonus: readonly Schemas['BonusView'][]
  backing: string
  unitOfLength: string
}

defineProps<StripKindsProps>()
const emit = defineEmits<{ bonusLeft: [key: string] }>()
</script>

<template>
  <ul class="divide-y divide-line border-y border-line">
    <li v-for="strip in strips" :key="strip.label + strip.cloth" class="py-2" data-strip>
      <details>
        <summary class="cursor-pointer">
          <strong class="inline-block first-letter:uppercase">{{ strip.label }}</strong>,
          <span class="text-sm text-soft">cut {{ strip.cutSize }} {{ unitOfLength }}</span>
        </summary>
        <p v-if="strip.joined" class="text-sm">From {{ strip.cuts }}, joined where longer than the fabric is wide.</p>
        <p class="text-sm">{{ strip.working.how }}</p>
      </details>
    </li>
    <li class="py-2"><strong>Backing</strong>, {{ backing }}</li>
    <li v-for="each in bonus" :key="each.choiceKey" class="flex items-center gap-2 py-2">
      <span class="flex-1"
        ><strong>{{ each.count }} more from offcuts</strong>: {{ each.label
        }}<span class="block text-sm text-soft">{{ each.trimmed }} trimmed</span></span
      >
      <button
        class="button min-h-9"
        :aria-label="`Leave them: ${each.label}`"
        @click="emit('bonusLeft', each.choiceKey)"
      >
        Leave them
      </button>
    </li>
  </ul>
</template>
