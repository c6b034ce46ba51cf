<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { fabricGroups } from './fabricLists'
import { exchangedEverywhere } from './edit/cloths'
import { type At, blockAt, exchangedAt, mirrored, placeAt, settingsOwn, turned, withPlaces } from './edit/places'
import { dressBlock, dressPart } from './edit/dressing'
import { edgeAt, exchangedAtEdge, withEdges } from './edit/edges'

export interface SelectedPartProps {
  design: QuiltDesign
  part: Schemas['TopPartView']
  /** The part's cloths, by their keys, each once. */
  cloths: readonly string[]
  /** The cloth under the pointer, or the one chosen by key. */
  cloth: string | undefined
  /** Which unit along the part is chosen, where it is a strip or a border. */
  unit: number
  /** Whether something was copied that can be pasted. */
  canPaste: boolean
}

const props = defineProps<SelectedPartProps>()
const emit = defineEmits<{
  changed: [part: Partial<QuiltDesign>]
  copied: []
  pasted: []
  swapped: [which: 'right' | 'below']
  row: [what: 'copy' | 'paste' | 'swap' | 'mirror']
  clothChosen: [clothKey: string]
  lockTurned: []
  exchangeStarted: []
}>()

const at = computed<At>(() => ({ row: props.part.row, column: props.part.column }))
const place = computed(() => placeAt(props.design, at.value))
const isBlock = computed(() => props.part.row >= 0)
const isHalf = computed(() => props.part.kind === 'HALF_BLOCK')
const clothName = (key: string) => props.design.cloths.find((cloth) => cloth.key === key)?.name ?? 'not dressed'
const clothColour = (key: string) => props.design.cloths.find((cloth) => cloth.key === key)?.colour ?? '#d3d8d2'
const scope = ref<'here' | 'block' | 'everywhere'>('here')
/** What the block itself has where this place shows a cloth. */
const ownCloth = (shown: string) => place.value.exchanges.find((each) => each.to === shown)?.from ?? shown
const edge = computed(() => edgeAt(props.design, { part: props.part.id, unit: props.unit }))
const isLocked = computed(() => (isBlock.value ? place.value.locked : edge.value.locked))
const SCOPES = computed(() => [
  { key: 'here', label: isBlock.value ? 'here only' : 'this one only' },
  { key: 'block', label: isBlock.value ? 'in all of this block' : 'in all of this strip' },
  { key: 'everywhere', label: 'everywhere' },
])

function change(part: Partial<QuiltDesign>) {
  emit('changed', part)
}
function setBlock(event: Event) {
  change(withPlaces(props.design, [{ ...place.value, block: (event.target as HTMLSelectElement).value }]))
}
function exchange(event: Event) {
  const where = scope.value
  const select = event.target as HTMLSelectElement
  const from = props.cloth
  const to = select.value
  select.value = '-'
  if (from === undefined || to === '-') return
  if (!isBlock.value) {
    const own = edge.value.exchanges.find((each) => each.to === from)?.from ?? from
    if (where === 'here') change(withEdges(props.design, [exchangedAtEdge(edge.value, from, to)]))
    else if (where === 'block') change(dressPart(props.design, props.part, own, to))
    else change(exchangedEverywhere(props.design, own, to))
  } else if (where === 'here') change(withPlaces(props.design, [exchangedAt(place.value, ownCloth(from), to)]))
  else if (where === 'everywhere') change(exchangedEverywhere(props.design, ownCloth(from), to))
  else change(dressBlock(props.design, blockAt(props.design, at.value), ownCloth(from), to))
}
</script>

<template>
  <section aria-labelledby="selected-title" class="space-y-3 rounded-xl border-2 border-tape-deep bg-white p-3">
    <h2 id="selected-title" class="font-bold">
      {{ part.name }}
      <span class="block text-base font-normal text-soft"
        >{{ part.where }}<template v-if="part.quarterTurns && isBlock">, turned {{ part.quarterTurns * 90 }}°</template
        ><template v-if="part.mirrored">, mirrored</template></span
      >
    </h2>
    <div v-if="!isHalf" class="grid grid-cols-2 gap-1">
      <button class="button min-h-9 px-1 text-sm" :aria-pressed="isLocked" @click="emit('lockTurned')">
        {{ isLocked ? 'Locked' : 'Lock' }} <kbd>L</kbd>
      </button>
      <button class="button min-h-9 px-1 text-sm" @click="emit('exchangeStarted')">Exchange with … <kbd>E</kbd></button>
    </div>
    <template v-if="isBlock">
      <div class="grid grid-cols-4 gap-1">
        <button class="button min-h-9 px-1 text-sm" @click="change(withPlaces(design, [turned(place, 1)]))">
          Turn <kbd>R</kbd>
        </button>
        <button class="button min-h-9 px-1 text-sm" @click="change(withPlaces(design, [mirrored(place)]))">
          Mirror <kbd>M</kbd>
        </button>
        <button v-if="!isHalf" class="button min-h-9 px-1 text-sm" @click="emit('copied')">Copy <kbd>C</kbd></button>
        <button v-if="!isHalf" class="button min-h-9 px-1 text-sm" :disabled="!canPaste" @click="emit('pasted')">
          Paste <kbd>V</kbd>
        </button>
      </div>
      <label class="flex items-center gap-2"
        ><span class="shrink-0">Block here</span>
        <select class="field min-w-0 flex-1" :value="place.block" @change="setBlock">
          <option value="">as the setting says</option>
          <option v-for="block in design.blocks" :key="block.key" :value="block.key">{{ block.name }}</option>
        </select>
      </label>
      <details v-if="!isHalf">
        <summary class="cursor-pointer">Swap it, or work on its whole row</summary>
        <div class="mt-1 grid grid-cols-3 gap-1">
          <button class="button min-h-9 px-1 text-sm" @click="emit('swapped', 'right')">Swap → <kbd>X</kbd></button>
          <button class="button min-h-9 px-1 text-sm" @click="emit('swapped', 'below')">Swap ↓</button>
          <button class="button min-h-9 px-1 text-sm" @click="emit('row', 'swap')">Swap row ↓</button>
          <button class="button min-h-9 px-1 text-sm" @click="emit('row', 'copy')">Copy row</button>
          <button class="button min-h-9 px-1 text-sm" :disabled="!canPaste" @click="emit('row', 'paste')">
            Paste row
          </button>
          <button class="button min-h-9 px-1 text-sm" @click="emit('row', 'mirror')">Mirror row</button>
        </div>
      </details>
      <button
        v-if="design.places.some((each) => each.row === at.row && each.column === at.column)"
        class="button w-full"
        @click="change(withPlaces(design, [settingsOwn(design, at)]))"
      >
        Back to what the setting says
      </button>
    </template>
    <div v-if="cloths.length">
      <p class="mb-1">Its cloths: choose one, then <kbd>1</kbd>–<kbd>9</kbd> or what to take instead</p>
      <div class="flex flex-wrap gap-2">
        <button
          v-for="key in cloths"
          :key="key"
          class="size-9 cursor-pointer rounded-full border-2 border-ink/30 data-[here]:border-4 data-[here]:border-tape-deep"
          :style="{ background: clothColour(key) }"
          :data-here="cloth === key || undefined"
          :aria-pressed="cloth === key"
          :aria-label="clothName(key)"
          :title="clothName(key)"
          @click="emit('clothChosen', key)"
        ></button>
      </div>
      <div v-if="cloth !== undefined" class="mt-2 grid grid-cols-[1fr_1fr] gap-2">
        <label>
          <span class="sr-only">Where to exchange it</span>
          <select v-model="scope" class="field w-full">
            <option v-for="each in SCOPES" :key="each.key" :value="each.key">{{ each.label }}</option>
          </select>
        </label>
        <label>
          <span class="sr-only">Instead of {{ clothName(cloth) }}</span>
          <select class="field w-full" value="-" @change="exchange">
            <option value="-">take instead …</option>
            <optgroup v-for="group in fabricGroups(design.cloths, [])" :key="group.label" :label="group.label">
              <option v-for="other in group.choices" :key="other.key" :value="other.key">{{ other.name }}</option>
            </optgroup>
          </select>
        </label>
      </div>
    </div>
  </section>
</template>
