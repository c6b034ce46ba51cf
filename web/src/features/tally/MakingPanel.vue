<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { spellCount } from '@/shared'

export interface MakingPanelProps {
  sets: readonly Schemas['SetView'][]
  spares: readonly Schemas['SpareView'][]
  clothNames: readonly string[]
  /** What is made of the odd unit of a group that is sewn in pairs. */
  oddOnes: QuiltDesign['plan']['making']['oddOnes']
  mostSquaresAChain: number
}

const props = defineProps<MakingPanelProps>()
const emit = defineEmits<{ oddOnesChosen: [oddOnes: 'SHARED' | 'IN_PAIRS']; chainTyped: [squares: number] }>()

const SHOWN = 6
const few = computed(() => props.sets.slice(0, SHOWN))
const rest = computed(() => props.sets.slice(SHOWN))
const names = (cloths: readonly number[]) =>
  [...new Set(cloths.map((cloth) => props.clothNames[cloth] ?? 'not dressed'))].join(' · ')
const refused = ref('')
function typed(event: Event) {
  const text = (event.target as HTMLInputElement).value.trim()
  const squares = /^\d+$/.test(text) ? Number(text) : 0
  refused.value = squares >= 3 && squares <= 1000 ? '' : `“${text}” is no count from 3 to 1000: type one, such as 40.`
  if (!refused.value) emit('chainTyped', squares)
}
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
    <details v-if="spares.length" data-spares>
      <summary class="flex min-h-11 cursor-pointer items-center underline decoration-dotted">
        {{ spellCount(spares.length, 'kind of spare', 'kinds of spares') }}
      </summary>
      <ul class="text-sm">
        <li v-for="(spare, i) in spares" :key="i">
          <strong>{{ spare.count }}</strong> × {{ spare.what }}, {{ names(spare.cloths) }}
        </li>
      </ul>
    </details>
    <fieldset>
      <legend class="font-medium">The odd unit of a group that is sewn in pairs</legend>
      <label class="flex min-h-11 items-center gap-2"
        ><input
          type="radio"
          class="size-5"
          name="odd-ones"
          :checked="oddOnes === 'SHARED'"
          @change="emit('oddOnesChosen', 'SHARED')"
        />
        of loose triangles, where that saves fabric</label
      >
      <label class="flex min-h-11 items-center gap-2"
        ><input
          type="radio"
          class="size-5"
          name="odd-ones"
          :checked="oddOnes === 'IN_PAIRS'"
          @change="emit('oddOnesChosen', 'IN_PAIRS')"
        />
        as one of a pair, the other spare</label
      >
    </fieldset>
    <label class="flex items-center gap-2">
      <span class="flex-1 leading-5"
        >Squares in a chain at most<span class="block text-sm text-soft"
          >a longer one is heavy at the machine</span
        ></span
      >
      <input
        class="field w-24"
        inputmode="numeric"
        :value="mostSquaresAChain"
        aria-label="Squares in a chain at most"
        @change="typed"
      />
    </label>
    <p v-if="refused" role="alert" class="rounded-lg bg-brick-pale p-2">{{ refused }}</p>
  </section>
</template>
