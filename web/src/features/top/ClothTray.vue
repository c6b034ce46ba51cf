<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import { useShelf } from '@/features/cloth'
import type { QuiltDesign } from '@/features/quilts'
import { choosing, spellCount } from '@/shared'
import {
  changeCloth,
  exchangedEverywhere,
  ruledOut,
  withDealtPlace,
  withoutCloth,
  withPack,
  withShelfCloth,
} from './edit/cloths'
import { sorted } from './fabricLists'
import type { At } from './edit/places'
import ScrappyDealer from './ScrappyDealer.vue'

export interface ClothTrayProps {
  design: QuiltDesign
  /** Lightness of each cloth as the server judges it. */
  values: readonly Schemas['ClothValueView'][]
  /** The blocks of the quilt. */
  pictures: readonly Schemas['BlockPictureView'][]
  /** Key of the cloth that is in hand for dressing. */
  inHand: string | undefined
  /** The place that is chosen on the wall. */
  at: At | undefined
}

const props = defineProps<ClothTrayProps>()
const emit = defineEmits<{
  taken: [clothKey: string | undefined]
  changed: [part: Partial<QuiltDesign>, typing: boolean]
  /** Taken up to be carried to the wall, or let go. */
  carried: [clothKey: string | undefined]
}>()

/** "Any print" of a pack is a cloth to dress in, and in hand at once. */
function takePlace(pack: string, standsFor: 'ANY_PRINT' | 'LIGHT_PRINT' | 'DARK_PRINT') {
  const part = withDealtPlace(props.design, pack, standsFor)
  emit('changed', part, false)
  emit('taken', part.cloths?.at(-1)?.key)
}

const { data: shelf } = useShelf()
const opened = ref<string>()
const notTaken = computed(
  () => shelf.value?.filter((cloth) => !props.design.cloths.some((each) => each.shelfCloth === cloth.id)) ?? [],
)
/** Packs on the shelf, none of whose prints is in hand yet. */
const packs = computed(() => [...new Set(notTaken.value.map((cloth) => cloth.pack).filter(Boolean))])
const printsOf = (pack: string) =>
  props.design.cloths.filter((cloth) => cloth.pack === pack && cloth.standsFor === 'ITSELF')
const saidOf = (cloth: QuiltDesign['cloths'][number]) =>
  cloth.standsFor === 'ITSELF'
    ? [value(cloth.key)?.word, cloth.background ? 'background' : ''].filter(Boolean).join(', ')
    : cloth.but.length
      ? `free, but ${spellCount(cloth.but.length, 'print', 'prints')}`
      : 'a free place'
const value = (key: string) => props.values.find((each) => each.key === key)

function takeFromShelf(select: HTMLSelectElement) {
  const pack = select.value.startsWith('pack:') ? select.value.slice(5) : ''
  if (pack) emit('changed', withPack(props.design, pack, shelf.value!), false)
  const cloth = shelf.value?.find((each) => each.id === select.value)
  select.value = ''
  if (cloth) emit('changed', withShelfCloth(props.design, cloth), false)
}
const takingFromShelf = choosing(takeFromShelf)
function exchange(from: string, event: Event) {
  const select = event.target as HTMLSelectElement
  if (select.value) emit('changed', exchangedEverywhere(props.design, from, select.value), false)
  select.value = ''
}
</script>

<template>
  <section aria-labelledby="cloths-title" class="space-y-2">
    <h2 id="cloths-title" class="panel-title">Cloth in hand</h2>
    <p v-if="!design.cloths.length" class="text-soft">
      None yet. Take fabrics from the shelf, then dress the blocks in them.
    </p>
    <ScrappyDealer
      :design="design"
      :at="at"
      :values="values"
      :pictures="pictures"
      @changed="emit('changed', $event, false)"
      @place-wanted="takePlace"
    />
    <ul class="space-y-1">
      <li
        v-for="(cloth, i) in design.cloths"
        :key="cloth.key"
        class="rounded-lg data-[open]:bg-white"
        :data-open="opened === cloth.key || undefined"
      >
        <div class="flex items-center gap-1">
          <button
            class="flex min-h-9 min-w-0 flex-1 cursor-pointer items-center gap-2 rounded-lg border-2 border-transparent px-1 text-left hover:border-line data-[here]:border-tape-deep data-[here]:bg-tape-pale"
            :data-here="inHand === cloth.key || undefined"
            :aria-pressed="inHand === cloth.key"
            :aria-label="`${cloth.name}: take in hand, ${i < 9 ? 'key' : 'number'} ${i + 1}`"
            draggable="true"
            @dragstart="($event.dataTransfer?.setData('text/plain', cloth.key), emit('carried', cloth.key))"
            @dragend="emit('carried', undefined)"
            @click="emit('taken', inHand === cloth.key ? undefined : cloth.key)"
          >
            <span
              class="size-6 shrink-0 rounded-full border border-ink/40"
              :style="{ background: cloth.colour }"
            ></span>
            <span class="min-w-0 flex-1"
              ><span class="block truncate leading-5 font-medium" :title="cloth.name">{{ cloth.name }}</span
              ><span class="block text-sm leading-4 text-soft">{{ saidOf(cloth) }}</span></span
            >
            <kbd v-if="i < 9" class="rounded border border-line bg-white px-1.5 text-sm">{{ i + 1 }}</kbd>
            <span v-else class="px-1 text-sm text-soft">{{ i + 1 }}</span>
          </button>
          <button
            class="button min-h-8 px-2"
            :aria-expanded="opened === cloth.key"
            :aria-label="`More about ${cloth.name}`"
            @click="opened = opened === cloth.key ? undefined : cloth.key"
          >
            ⋯
          </button>
        </div>
        <div v-if="opened === cloth.key" class="space-y-2 p-2">
          <fieldset v-if="cloth.standsFor !== 'ITSELF'" class="space-y-1">
            <legend>Prints that may lie there</legend>
            <label v-for="print in printsOf(cloth.pack)" :key="print.key" class="flex min-h-8 items-center gap-2">
              <input
                type="checkbox"
                class="size-5"
                :checked="!cloth.but.includes(print.key)"
                @change="
                  emit(
                    'changed',
                    ruledOut(design, cloth, print.key, !($event.target as HTMLInputElement).checked),
                    false,
                  )
                "
              />
              <span
                class="size-5 shrink-0 rounded-full border border-ink/40"
                :style="{ background: print.colour }"
              ></span>
              {{ print.name }}
            </label>
          </fieldset>
          <p v-else>Lightness {{ value(cloth.key)?.lightness }} of 100. Shows {{ value(cloth.key)?.area }} finished.</p>
          <label v-if="cloth.standsFor === 'ITSELF'" class="flex items-center gap-2">
            <span class="flex-1">Overrule lightness</span>
            <input
              class="field w-20"
              inputmode="decimal"
              :value="cloth.lightness"
              placeholder="0–100"
              @input="
                emit(
                  'changed',
                  changeCloth(design, cloth.key, { lightness: ($event.target as HTMLInputElement).value.slice(0, 10) }),
                  true,
                )
              "
            />
          </label>
          <label class="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              class="size-5"
              :checked="cloth.background"
              @change="
                emit(
                  'changed',
                  changeCloth(design, cloth.key, { background: ($event.target as HTMLInputElement).checked }),
                  false,
                )
              "
            />
            Background: may lie beside itself
          </label>
          <label v-if="design.cloths.length > 1" class="block">
            Use instead, everywhere
            <select class="field w-full" @change="exchange(cloth.key, $event)">
              <option value="">choose a fabric</option>
              <option
                v-for="other in design.cloths.filter((each) => each.key !== cloth.key)"
                :key="other.key"
                :value="other.key"
              >
                {{ other.name }}
              </option>
            </select>
          </label>
          <button class="button w-full" @click="emit('changed', withoutCloth(design, cloth.key), false)">
            Put out of hand
          </button>
        </div>
      </li>
    </ul>
    <label v-if="notTaken.length" class="block">
      <span class="sr-only">Take a fabric from the shelf</span>
      <select class="field w-full" title="by keys: Enter takes it" v-on="takingFromShelf">
        <option value="">+ take one from the shelf</option>
        <option v-for="pack in packs" :key="pack" :value="`pack:${pack}`">all prints of {{ pack }}</option>
        <option v-for="cloth in sorted(notTaken)" :key="cloth.id" :value="cloth.id">{{ cloth.name }}</option>
      </select>
    </label>
    <p v-else-if="!shelf?.length" class="text-soft">The shelf is empty: add fabric at the station Cloth.</p>
  </section>
</template>
