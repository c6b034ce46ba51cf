<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { call } from '@/api/client'
import { AWord } from '@/features/help'
import { PatchPicture } from '@/shared'
import CutSizeField from './CutSizeField.vue'
import type { Group, Way } from './queries'

export interface GroupCardProps {
  group: Group
  quiltId: string
  unitOfLength: string
  colours: readonly string[]
  clothNames: readonly string[]
  chosen: boolean
  /** The school of the whole quilt. */
  school: string
  /** Who chose the way: the quilter, whose choice stays in every plan, a plan, or nobody. */
  chosenBy: 'hand' | 'plan' | undefined
}

const props = defineProps<GroupCardProps>()
const emit = defineEmits<{
  opened: []
  taken: [method: string]
  takenAll: [method: string]
  extraTyped: [typed: string]
  letGo: []
  cutTyped: [typed: string]
  cutTypedAll: [typed: string]
}>()
const WHY = {
  hand: 'You chose this way: it stays, whatever plan is taken.',
  plan: 'Chosen by the plan you took. The next plan may choose otherwise. Tap a way to keep it.',
  nobody:
    'Chosen for you: it buys least, then it leaves no bias edges and wants no sheet drawn, then it takes least fabric.',
}

/** What each way would change at the shelf and the shop; asked for only once the card is open. */
const { data: effects } = useQuery({
  queryKey: computed(() => ['quilt', props.quiltId, 'ways', props.group.choiceKey]),
  queryFn: () =>
    call('GET', '/api/quilts/{id}/ways', { path: { id: props.quiltId }, query: { group: props.group.choiceKey } }),
  enabled: computed(() => props.chosen),
  placeholderData: (before) => before,
  retry: false,
})
const effect = (method: string) => effects.value?.find((each) => each.method === method)

const way = computed(() => props.group.ways.find((each) => each.chosen)!)
const cloths = computed(() =>
  [...new Set(props.group.cloths.map((cloth) => props.clothNames[cloth] ?? 'not dressed'))].join(', '),
)
const hands = computed(() =>
  props.group.left + props.group.right ? `${props.group.left} left, ${props.group.right} right hand` : '',
)
const ROWS: { name: string; of: (way: Way) => string }[] = [
  { name: 'Cut', of: (each) => each.cutSizes },
  { name: 'Sewn', of: (each) => each.sewn },
  { name: 'Adds pieces', of: (each) => String(each.pieces) },
  { name: 'Spare units', of: (each) => String(each.spare) },
  { name: 'Adds fabric', of: (each) => each.cloth },
  { name: 'Trimmed off', of: (each) => each.trimmedAway },
  { name: 'Seams', of: (each) => each.seams },
  { name: 'Cuts after sewing', of: (each) => String(each.sewingCuts) },
  { name: 'Outer edges', of: (each) => each.edges },
  { name: 'Big enough with a seam up to', of: (each) => each.widestSeam ?? '–' },
  { name: 'Shelf is enough', of: (each) => (effect(each.key) ? (effect(each.key)!.shelfAllows ? 'yes' : 'no') : '…') },
  { name: 'Then', of: (each) => (each.chosen ? 'as now' : (effect(each.key)?.effect ?? '…')) },
]
</script>

<template>
  <article
    class="card p-3 data-[chosen]:border-2 data-[chosen]:border-tape-deep"
    :data-chosen="chosen || undefined"
    :data-group="group.label"
  >
    <button
      class="flex w-full cursor-pointer items-center gap-3 text-left"
      :aria-expanded="chosen"
      @click="emit('opened')"
    >
      <PatchPicture
        class="size-14 shrink-0"
        :width="group.drawnWidth"
        :height="group.drawnHeight"
        :patches="group.patches"
        :colours="group.cloths.map((cloth) => colours[cloth])"
      />
      <span class="min-w-0 flex-1">
        <span class="block truncate leading-5 font-bold" :title="cloths">{{ cloths }}</span>
        <span v-if="way.trimmed" class="block text-sm text-soft">{{ way.trimmed }} {{ unitOfLength }} trimmed</span>
        <span v-if="hands" class="block text-sm">{{ hands }}</span>
      </span>
      <strong class="text-xl">{{ group.needed }}</strong>
    </button>
    <p class="mt-1 text-sm">
      <strong>{{ way.name }}</strong>: {{ way.sewn }}, cut {{ way.cutSizes }} {{ unitOfLength
      }}<template v-if="way.spare"
        >, <strong>{{ way.spare }} <AWord word="spare" /></strong
        ><template v-if="group.extra">, {{ group.extra }} of them for mishaps</template></template
      ><template v-if="way.setEnds">; left of the sets: {{ way.setEnds }}</template>
    </p>
    <div v-if="chosen" class="mt-2 space-y-3">
      <p class="flex items-center gap-2 text-sm text-soft">
        <span class="flex-1" data-why>{{ WHY[chosenBy ?? 'nobody'] }}</span>
        <button v-if="chosenBy === 'hand'" class="button min-h-9 px-2" @click="emit('letGo')">Let it go</button>
      </p>
      <CutSizeField
        v-if="way.cutSize"
        :size="way.cutSize"
        :label="group.label"
        :unit-of-length="unitOfLength"
        :school="school"
        @typed="emit('cutTyped', $event)"
        @typed-all="emit('cutTypedAll', $event)"
      />
      <div class="overflow-x-auto">
        <table class="text-sm">
          <thead>
            <tr>
              <td></td>
              <th v-for="each in group.ways" :key="each.key" scope="col" class="p-1">
                <button
                  class="button min-h-9 w-full px-2 text-sm whitespace-nowrap data-[chosen]:bg-ink data-[chosen]:text-tape"
                  :data-chosen="each.chosen || undefined"
                  :aria-pressed="each.chosen"
                  :data-method="each.key"
                  @click="emit('taken', each.key)"
                >
                  {{ each.name }}
                </button>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in ROWS" :key="row.name" class="border-t border-line">
              <th scope="row" class="pr-2 text-left font-medium whitespace-nowrap">{{ row.name }}</th>
              <td
                v-for="each in group.ways"
                :key="each.key"
                class="max-w-56 px-2 data-[chosen]:bg-tape-pale"
                :class="row.name === 'Then' ? 'min-w-36' : 'whitespace-nowrap'"
                :data-chosen="each.chosen || undefined"
              >
                {{ row.of(each) }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="text-sm text-soft">
        Pieces and fabric are what this group adds to the whole plan: triangles that other groups leave over cost
        nothing.
      </p>
      <label class="flex items-center gap-2">
        <span class="flex-1"
          >Extra for mishaps<span class="block text-sm text-soft">a count, or a share such as 5 %</span></span
        >
        <input
          class="field w-24"
          :value="group.extraTyped"
          :aria-label="`Extra ${group.label}`"
          @change="emit('extraTyped', ($event.target as HTMLInputElement).value.trim().slice(0, 20))"
        />
      </label>
      <button class="button w-full" @click="emit('takenAll', way.key)">
        {{ way.name }} for all units of this kind
      </button>
      <section class="rounded-xl border border-[#d9b95a] bg-tape-pale p-2 text-sm" aria-label="How it was worked out">
        <h3 class="font-bold">How it was worked out</h3>
        <p v-for="each in way.workings" :key="each.what">
          <span class="text-soft">{{ each.what }}:</span> {{ each.how }}
        </p>
      </section>
    </div>
  </article>
</template>
