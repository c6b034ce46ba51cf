<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { plainColours } from '@/features/prints'
import { spellCount, vShows } from '@/shared'

export interface JudgingPanelProps {
  judging: Schemas['JudgingView']
  /** Name of each cloth by its key. */
  names: Readonly<Record<string, string>>
  /** Cloths closer than this in lightness are marked. */
  closeInValue: number
  grey: boolean
}

const props = defineProps<JudgingPanelProps>()
const emit = defineEmits<{
  greyed: [on: boolean]
  lit: [parts: readonly number[] | undefined]
  chosen: [partId: string]
  thresholdChanged: [value: number]
}>()

const SHOWN = 12
const meetings = computed(() => props.judging.sharedCloths.slice(0, SHOWN))
function threshold(event: Event) {
  const value = Number((event.target as HTMLInputElement).value)
  if (Number.isInteger(value) && value >= 0 && value <= 100) emit('thresholdChanged', value)
}
</script>

<template>
  <div class="space-y-4">
    <label class="flex min-h-10 items-center gap-3"
      ><input
        type="checkbox"
        class="size-5"
        :checked="grey"
        @change="emit('greyed', ($event.target as HTMLInputElement).checked)"
      />
      Grey view: lightness only <kbd class="rounded border px-1">G</kbd></label
    >
    <label class="flex min-h-10 items-center gap-3"
      ><input v-model="plainColours" type="checkbox" class="size-5" /> Plain colours, without prints</label
    >

    <section aria-label="Close in value">
      <h3 class="panel-title mb-1">Close in value</h3>
      <p v-if="!judging.closePairs.length">
        No fabrics {{ judging.notJudged.length ? 'of known colour ' : '' }}that meet in a unit are closer than
        {{ closeInValue }}.
      </p>
      <ul v-else class="space-y-2">
        <li v-for="pair in judging.closePairs" :key="pair.cloth + pair.other">
          <button
            class="w-full cursor-pointer rounded-lg border border-[#d9b95a] bg-tape-pale p-2 text-left"
            @pointerenter="emit('lit', pair.parts)"
            @pointerleave="emit('lit', undefined)"
            @focus="emit('lit', pair.parts)"
            @blur="emit('lit', undefined)"
          >
            <strong>{{ names[pair.cloth] }} and {{ names[pair.other] }}: {{ pair.difference }} apart</strong>
            <span class="block"
              >They read as one in {{ spellCount(pair.units, 'unit', 'units') }}. Take a lighter or a darker one.</span
            >
          </button>
        </li>
      </ul>
      <p v-if="judging.notJudged.length" class="mt-2 rounded-lg border border-line bg-white p-2" data-not-judged>
        {{
          judging.notJudged.length === 1
            ? 'The colour of one fabric is'
            : `The colours of ${judging.notJudged.length} fabrics are`
        }}
        only guessed, so nothing is said of {{ judging.notJudged.length === 1 ? 'it' : 'them' }}:
        {{
          judging.notJudged
            .slice(0, 6)
            .map((key) => names[key])
            .join(', ')
        }}{{ judging.notJudged.length > 6 ? ' …' : '' }}. Pick or photograph
        {{ judging.notJudged.length === 1 ? 'its swatch' : 'their swatches' }} at the Cloth station.
      </p>
      <label class="mt-2 flex items-center gap-2"
        >Mark those closer than
        <input class="field w-16" inputmode="numeric" v-shows="closeInValue" @change="threshold" /> of 100</label
      >
    </section>

    <section aria-label="The same fabric side by side">
      <h3 class="panel-title mb-1">The same fabric side by side</h3>
      <p v-if="!judging.sharedCloths.length">No fabric, the background apart, meets itself between two blocks.</p>
      <ul v-else class="space-y-1">
        <li v-for="shared in meetings" :key="shared.cloth + shared.partId + shared.otherId">
          <button
            class="w-full cursor-pointer rounded-lg border border-line bg-white p-2 text-left"
            @click="emit('chosen', shared.partId)"
          >
            <strong>{{ names[shared.cloth] }}</strong> meets itself: {{ shared.where }}
          </button>
        </li>
      </ul>
      <p v-if="judging.sharedCloths.length > SHOWN" class="mt-1 text-soft">
        … and at {{ judging.sharedCloths.length - SHOWN }} more joins. If you meant it, mark the fabric as background.
      </p>
    </section>

    <section aria-label="Standing otherwise">
      <h3 class="panel-title mb-1">Turned against the pattern</h3>
      <p v-if="!judging.oddOnes.length">No block stands out.</p>
      <ul v-else class="space-y-1">
        <li v-for="odd in judging.oddOnes" :key="odd.partId">
          <button
            class="w-full cursor-pointer rounded-lg border border-[#d9b95a] bg-tape-pale p-2 text-left"
            data-odd
            @click="emit('chosen', odd.partId)"
          >
            <strong class="first-letter:uppercase">{{ odd.where }}</strong>: the others like it suggest
            {{ odd.expected }}. Check that you meant it.
          </button>
        </li>
      </ul>
    </section>
  </div>
</template>
