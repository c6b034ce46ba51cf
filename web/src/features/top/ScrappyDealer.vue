<script setup lang="ts">
import { computed, ref } from 'vue'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { type QuiltDesign, useOpenQuilt } from '@/features/quilts'
import { ProblemNote, spellCount } from '@/shared'
import { freedEverywhere } from './edit/cloths'
import type { At } from './edit/places'

export interface ScrappyDealerProps {
  design: QuiltDesign
  /** The place that is chosen on the wall. */
  at: At | undefined
  /** What is seen of each cloth. */
  values: readonly Schemas['ClothValueView'][]
  pictures: readonly Schemas['BlockPictureView'][]
}

const props = defineProps<ScrappyDealerProps>()
const emit = defineEmits<{
  placeWanted: [pack: string, standsFor: 'ANY_PRINT' | 'LIGHT_PRINT' | 'DARK_PRINT']
  changed: [part: Partial<QuiltDesign>]
}>()

type Making = QuiltDesign['plan']['making']
const VARIETIES: { key: Making['variety']; label: string }[] = [
  { key: 'FEW', label: 'few: the same prints together' },
  { key: 'MANY', label: 'many' },
  { key: 'ALL_DIFFERENT', label: 'all different' },
]

const quilt = useOpenQuilt()
const packs = computed(() => [...new Set(props.design.cloths.map((cloth) => cloth.pack).filter(Boolean))])
const places = computed(() => props.design.cloths.filter((cloth) => cloth.standsFor !== 'ITSELF'))
const free = computed(() => new Set(places.value.map((cloth) => cloth.key)))
/** Whether anything is made that could be laid out otherwise. */
const made = computed(() =>
  [...props.design.places, ...props.design.edgePlaces].some((place) =>
    place.exchanges.some((each) => free.value.has(each.from)),
  ),
)
/** Whether some places have no print yet, though others have. */
const rest = computed(() => made.value && props.values.some((each) => each.shown && free.value.has(each.key)))
const making = computed(() => props.design.plan.making)
const spares = ref(making.value.spareBlocks.length)
const freeTurns = ref(props.design.places.some((place) => place.mirrored))
const where = ref<'all' | 'row' | 'column' | 'around'>('all')
const problems = ref<Problem[]>([])
const said = ref('')
const busy = ref<Schemas['DealWanted']['what']>()

/** The places that are laid out anew: all, or those about the chosen one. */
function only(): At[] {
  const at = props.at
  if (where.value === 'all' || !at || at.row < 0) return []
  const reach = where.value === 'around' ? 2 : 0
  const spots: At[] = []
  const { down, across } = props.design.setting
  for (let row = 0; row < 2 * down; row++)
    for (let column = 0; column < across + 1; column++) {
      const near = Math.abs(row - at.row) <= reach && Math.abs(column - at.column) <= reach
      if (where.value === 'row' ? row === at.row : where.value === 'column' ? column === at.column : near)
        spots.push({ row, column })
    }
  return spots
}

const MOST_NAMED = 4
const few = (names: readonly string[]) =>
  names.length > MOST_NAMED ? `${spellCount(names.length, 'print', 'prints')}` : names.join(', ')
function tell(dealt: Schemas['Dealt']): string {
  return [
    `${spellCount(dealt.combinations, 'combination', 'combinations')}; each print in ${dealt.leastUsed === dealt.mostUsed ? dealt.mostUsed : `${dealt.leastUsed} to ${dealt.mostUsed}`} places.`,
    dealt.neighbours
      ? `${spellCount(dealt.neighbours, 'pair of neighbours shares', 'pairs of neighbours share')} a print.`
      : 'No neighbours share a print.',
    dealt.closePairs
      ? `${spellCount(dealt.closePairs, 'pair of cloths in a unit is', 'pairs of cloths in units are')} close in value: see Judging.`
      : '',
    dealt.leftOut.length ? `Not used: ${dealt.leftOut.map((each) => `${each.print} (${each.why})`).join(', ')}.` : '',
    dealt.printsForAll
      ? `Not all blocks differ: ${spellCount(dealt.printsForAll, 'more print', 'more prints')} would let them.`
      : '',
    dealt.beyondStock.length ? `More than the shelf has is used of ${few(dealt.beyondStock)}: see Tally.` : '',
  ]
    .filter(Boolean)
    .join(' ')
}

const MOST_SPARES = 200
async function lay(what: Schemas['DealWanted']['what']) {
  const wanted = String(spares.value).trim()
  const spareBlocks = wanted === '' ? 0 : /^\d+$/.test(wanted) ? Number(wanted) : MOST_SPARES + 1
  if (spareBlocks > MOST_SPARES) {
    const fix = `type a whole number from 0 to ${MOST_SPARES}`
    problems.value = [{ where: 'Spare blocks', why: `“${wanted}” is no count of blocks`, fix }]
    return
  }
  busy.value = what
  try {
    await quilt.changeBy(async (version) => {
      const dealt = await call('POST', '/api/quilts/{id}/deal', {
        path: { id: quilt.id.value! },
        body: {
          version,
          seed: Math.floor(Math.random() * 1_000_000),
          what,
          freeTurns: freeTurns.value,
          spareBlocks,
          only: only(),
        },
      })
      said.value = tell(dealt)
      return dealt.quilt
    })
    problems.value = []
  } catch (thrown) {
    problems.value = problemsOf(thrown)
    said.value = ''
  }
  busy.value = undefined
}
function choose(event: Event) {
  const variety = (event.target as HTMLSelectElement).value as Making['variety']
  emit('changed', { plan: { ...props.design.plan, making: { ...making.value, variety } } })
}
</script>

<template>
  <section v-if="packs.length" class="space-y-2 rounded-xl border border-line bg-white p-2" aria-label="Free places">
    <h3 class="font-bold">Free places</h3>
    <div v-for="pack in packs" :key="pack" class="flex flex-wrap gap-1">
      <span class="w-full text-sm text-soft">Of the pack {{ pack }}, take in hand</span>
      <button class="button min-h-9 flex-1 px-2" @click="emit('placeWanted', pack, 'ANY_PRINT')">any print</button>
      <button class="button min-h-9 flex-1 px-2" @click="emit('placeWanted', pack, 'LIGHT_PRINT')">a light</button>
      <button class="button min-h-9 flex-1 px-2" @click="emit('placeWanted', pack, 'DARK_PRINT')">a dark</button>
      <button class="button min-h-9 w-full px-2" @click="emit('changed', freedEverywhere(design, pack, pictures))">
        any print in all of the top
      </button>
    </div>
    <template v-if="places.length">
      <label class="block"
        ><span class="text-sm text-soft">Combinations of prints</span>
        <select class="field w-full" :value="making.variety" @change="choose">
          <option v-for="each in VARIETIES" :key="each.key" :value="each.key">{{ each.label }}</option>
        </select>
      </label>
      <label class="flex items-center gap-2"
        ><input v-model="freeTurns" type="checkbox" class="size-5" />Blocks may turn and mirror</label
      >
      <label class="flex items-center gap-2"
        ><span class="flex-1">Spare blocks to choose from</span
        ><input v-model="spares" class="field w-16" inputmode="numeric"
      /></label>
      <button v-if="rest" class="button button-main w-full" :disabled="!!busy" @click="lay('MAKE_THE_REST')">
        {{ busy === 'MAKE_THE_REST' ? 'Making …' : 'Make what is free still' }}
      </button>
      <button class="button w-full" :class="{ 'button-main': !rest }" :disabled="!!busy" @click="lay('MAKE')">
        {{ busy === 'MAKE' ? 'Making …' : made ? 'Another making' : 'Make and lay out' }}
      </button>
      <template v-if="made && !rest">
        <div class="flex gap-1">
          <label class="min-w-0 flex-1"
            ><span class="sr-only">Which places are laid out anew</span>
            <select v-model="where" class="field w-full">
              <option value="all">all places</option>
              <option value="row" :disabled="!at">the row chosen</option>
              <option value="column" :disabled="!at">the column chosen</option>
              <option value="around" :disabled="!at">around the one chosen</option>
            </select>
          </label>
          <button class="button" :disabled="!!busy" @click="lay('LAY_OUT')">
            {{ busy === 'LAY_OUT' ? 'Laying …' : 'Lay out anew' }}
          </button>
        </div>
        <p class="text-sm text-soft">
          <kbd>L</kbd> locks the chosen place, <kbd>E</kbd> exchanges it with another. What is made stays the same.
        </p>
      </template>
    </template>
    <p v-if="said" role="status" class="text-sm">{{ said }} Single places can be corrected by hand.</p>
    <ProblemNote :problems="problems" />
  </section>
</template>
