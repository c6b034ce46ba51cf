<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '@/api/client'
import { spellCount } from '@/shared'

export interface PutAwayProps {
  /** The piece on the sheets of all fabrics that are cut alike and of which it is all cut. */
  pieces: readonly Schemas['PieceSheet'][]
  unitOfLength: string
}

interface Left {
  width: string
  length: string
  count: number
}

const props = defineProps<PutAwayProps>()
const emit = defineEmits<{ putAway: [pieces: Schemas['PieceAway'][]] }>()

const piece = computed(() => props.pieces[0]!)
/** What is left by the plan, of all equal pieces together. */
function planned(): Left[] {
  const left = new Map<string, Left>()
  for (const rest of piece.value.leftovers) {
    const key = `${rest.across} × ${rest.along}`
    const before = left.get(key)?.count ?? 0
    left.set(key, { width: rest.across, length: rest.along, count: before + piece.value.count })
  }
  return [...left.values()]
}
const left = ref(planned())
watch(piece, () => (left.value = planned()))
const isAsPlanned = computed(() => JSON.stringify(left.value) === JSON.stringify(planned()))

function putAway() {
  emit(
    'putAway',
    props.pieces.map((each) => ({
      firstStep: each.steps[0]!.key,
      left: isAsPlanned.value ? null : left.value,
    })),
  )
}
const NAMES = { width: 'Width', length: 'Length' } as const
</script>

<template>
  <section class="mt-3 space-y-2 rounded-xl bg-tape-pale p-3" aria-label="All cut" data-put-away>
    <p>
      <strong>All cut.</strong> The cut pieces stay with this quilt.
      {{ left.length ? 'The rest goes back on your shelf. Is this what is left?' : 'Nothing worth keeping is left.' }}
    </p>
    <ul class="space-y-1">
      <li v-for="(rest, i) in left" :key="i" class="flex flex-wrap items-center gap-2">
        <span v-if="rest.count > 1">{{ rest.count }} of</span>
        <template v-for="(name, side) in NAMES" :key="side">
          <span v-if="side === 'length'">×</span>
          <input v-model="rest[side]" class="field w-20" :aria-label="`${name} of what is left, ${i + 1}`" />
        </template>
        {{ unitOfLength }}
        <button
          class="button min-h-9"
          :aria-label="`Not kept: ${rest.width} × ${rest.length} ${unitOfLength}`"
          @click="left.splice(i, 1)"
        >
          Not kept
        </button>
      </li>
    </ul>
    <button class="button button-main" @click="putAway">
      Put it away{{ pieces.length > 1 ? `, ${spellCount(pieces.length, 'fabric', 'fabrics')}` : '' }}
    </button>
  </section>
</template>
