<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { spellCount } from '@/shared'

export interface MakingPanelProps {
  sets: readonly Schemas['SetView'][]
}

const props = defineProps<MakingPanelProps>()
const SHOWN = 6
const few = computed(() => props.sets.slice(0, SHOWN))
const rest = computed(() => props.sets.slice(SHOWN))
</script>

<template>
  <section v-if="sets.length" class="space-y-2" aria-label="How it is all made">
    <h2 id="making-title" class="panel-title">How it is all made</h2>
    <p class="text-sm text-soft">
      {{ spellCount(sets.length, 'batch', 'batches') }} for the whole top: halves and loose triangles are shared by all
      units that want them.
    </p>
    <ul class="space-y-1">
      <li v-for="(set, i) in few" :key="i" class="card p-2">
        <strong>{{ set.sewn }}</strong> · <span>{{ set.title }}</span>
        <span class="block text-sm text-soft"
          >{{ set.subtitle }}<template v-if="set.spare">, {{ set.spare }} spare</template></span
        >
      </li>
    </ul>
    <details v-if="rest.length">
      <summary class="flex min-h-11 cursor-pointer items-center underline decoration-dotted">
        {{ spellCount(rest.length, 'more batch', 'more batches') }}
      </summary>
      <ul class="space-y-1">
        <li v-for="(set, i) in rest" :key="i" class="card p-2">
          <strong>{{ set.sewn }}</strong> · <span>{{ set.title }}</span>
          <span class="block text-sm text-soft"
            >{{ set.subtitle }}<template v-if="set.spare">, {{ set.spare }} spare</template></span
          >
        </li>
      </ul>
    </details>
  </section>
</template>
