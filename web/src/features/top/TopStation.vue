<script setup lang="ts">
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/vue'
import { computed, defineAsyncComponent, onMounted, ref, useTemplateRef, watch } from 'vue'
import { problemsOf, type Schemas } from '@/api/client'
import { paintOf } from '@/features/prints'
import { useOpenQuilt, useTop } from '@/features/quilts'
import { ProblemNote, WaitNote } from '@/shared'
import BlockTray from './BlockTray.vue'
import BordersPanel from './BordersPanel.vue'
import ClothTray from './ClothTray.vue'
import CountsPanel from './CountsPanel.vue'
import InHand from './InHand.vue'
import FrameBlock from './FrameBlock.vue'
import DressPanel from './DressPanel.vue'
import MistakesCard from './MistakesCard.vue'
import SelectedPart from './SelectedPart.vue'
import SettingPanel from './SettingPanel.vue'
import SpareTray from './SpareTray.vue'
import TopWall from './TopWall.vue'
import UnitTray from './UnitTray.vue'
import WallKeys from './WallKeys.vue'
import type { Unit } from './edit/blocks'
import { lockedParts, wrongParts } from './edit/marked'
import { type At, placeAt, withPlaces } from './edit/places'
import { unitOf } from './wall/geometry'
import type { ShelfBlock } from './queries'
import { useBlockActions } from './useBlockActions'
import { useDressing } from './useDressing'
import { useFreePlaceActions } from './useFreePlaceActions'
import { usePlaceActions } from './usePlaceActions'
import { useWallDrags } from './useWallDrags'
import { provideTakenInHand } from './takenInHand'
import { useGrowth } from './useGrowth'
import { useWallKeys } from './useWallKeys'

/** Not needed to see the wall; fetched once it is there, so that they open without a network too. */
const LATER = {
  BlockBench: () => import('./BlockBench.vue'),
  BlockShelfDialog: () => import('./BlockShelfDialog.vue'),
  ClothFinder: () => import('./ClothFinder.vue'),
  JudgingPanel: () => import('./JudgingPanel.vue'),
}
onMounted(() => setTimeout(() => Object.values(LATER).forEach((each) => void each().catch(() => undefined)), 1000))
const BlockBench = defineAsyncComponent(LATER.BlockBench)
const BlockShelfDialog = defineAsyncComponent(LATER.BlockShelfDialog)
const ClothFinder = defineAsyncComponent(LATER.ClothFinder)
const JudgingPanel = defineAsyncComponent(LATER.JudgingPanel)

const quilt = useOpenQuilt()
const design = computed(() => quilt.design.value!)
const { data: top, error } = useTop(() => quilt.id.value)
const wall = useTemplateRef<InstanceType<typeof TopWall>>('wall')

/** Mistakes that keep the top from being worked out: the picture is then the last one that could be. */
const problems = computed(() =>
  error.value ? problemsOf(error.value) : [...quilt.problems.value, ...(top.value?.refused ?? [])],
)

const chosenId = ref<string>()
/** Which unit along the chosen part, where that is a strip or a border. */
const chosenUnit = ref(0)
const clothInHand = ref<string>()
const unitInHand = ref<Unit>()
const building = ref<string>()
const shelfOpen = ref(false)
const findingCloth = ref(false)
const grey = ref(false)
const pointedRow = ref<Schemas['CountRow']>()
const chosenRow = ref<string>()
const litParts = ref<readonly number[]>()
const said = ref('')

const parts = computed(() => top.value?.picture.parts ?? [])
const chosenIndex = computed(() => parts.value.findIndex((part) => part.id === chosenId.value))
const chosenPart = computed(() => parts.value[chosenIndex.value])
const names = computed(() => Object.fromEntries(design.value.cloths.map((cloth) => [cloth.key, cloth.name])))
const colours = computed(() =>
  design.value.cloths.map((cloth) => {
    const value = top.value?.cloths.find((each) => each.key === cloth.key)
    return paintOf(grey.value && value ? `lab(${value.lightness}% 0 0)` : cloth.colour, cloth.print)
  }),
)
const locked = computed(() => lockedParts(design.value, parts.value))
const wrong = computed(() => wrongParts(parts.value, top.value?.problems ?? []))
const lit = computed(
  () =>
    litParts.value ??
    pointedRow.value?.parts ??
    top.value?.count.rows.find((row) => row.key === chosenRow.value)?.parts ??
    [],
)
const builtBlock = computed(() => design.value.blocks.find((block) => block.key === building.value))
const builtPicture = computed(() => top.value?.blocks.find((block) => block.key === building.value))
const at = computed<At>(() => ({ row: chosenPart.value?.row ?? -1, column: chosenPart.value?.column ?? -1 }))
const isPlace = computed(() => chosenPart.value?.kind === 'BLOCK' || chosenPart.value?.kind === 'PLAIN_BETWEEN')

watch(builtBlock, (block) => {
  if (!block) building.value = undefined
})

const change = provideTakenInHand(design, useGrowth(quilt).change)
const say = (text: string) => (said.value = text)
const picture = computed(() => top.value?.picture)
const placeActions = { design, parts, part: chosenPart, change, say }
const { copied, turn, mirror, takeOff, copy, paste, swapWith, rowDo } = usePlaceActions(placeActions)
const { lock, startExchange, endExchange, exchange, takeSpare } = useFreePlaceActions({
  ...placeActions,
  unit: chosenUnit,
})
const drags = useWallDrags({ design, picture, chosen: chosenId, change, say })
const {
  chosenCloth,
  partCloths,
  clothAt,
  dressChosen,
  dressByNumber,
  dressWith,
  nextPatch,
  nextUnit,
  carry,
  clothOver,
  clothDropped,
} = useDressing({ design, picture, chosenId, chosenUnit, change, say, drags })

function choose(partId: string, patch?: number) {
  chosenId.value = partId
  chosenUnit.value = 0
  chosenCloth.value = undefined
  const part = parts.value.find((each) => each.id === partId)
  if (!part || patch === undefined) return
  chosenUnit.value = unitOf(top.value!.picture, part, patch)
  const { row, column } = part
  if (endExchange({ row, column, part: part.id, unit: chosenUnit.value })) return
  chosenCloth.value = clothAt(part, patch)
  if (clothInHand.value !== undefined) dressWith(partId, patch, clothInHand.value)
}
/** What is chosen is dressed in it; where nothing is, it is taken in hand. */
function takeFound(key: string) {
  findingCloth.value = false
  if (!dressChosen(key)) clothInHand.value = key
}
function openPart(id: string) {
  building.value = parts.value.find((part) => part.id === id)?.blockKey || undefined
  unitInHand.value = undefined
}
function openBlock() {
  const key = chosenPart.value?.blockKey
  if (!key) return
  building.value = design.value.blocks.some((block) => block.key === key) ? key : undefined
}
/** What lies at the place comes among the spare blocks. */
function dropSpare(partId: string, index: number) {
  chosenId.value = partId
  takeSpare(index)
}
const press = useWallKeys({
  part: chosenPart,
  dressByNumber,
  anywhere: {
    g: () => (grey.value = !grey.value),
    p: nextPatch,
    enter: openBlock,
    '/': () => (findingCloth.value = true),
  },
  // Halves too.
  onBlocks: {
    r: (event) => turn(event.shiftKey ? -1 : 1),
    m: mirror,
    delete: takeOff,
    backspace: takeOff,
  },
  onEdges: { l: lock, e: exchange, u: nextUnit, w: (event) => drags.widen(event.shiftKey ? -1 : 1) },
  onPlaces: {
    c: () => copy(),
    v: () => paste(),
    x: () => swapWith('right'),
    l: lock,
    e: exchange,
    s: () => takeSpare(),
  },
})
const { newBlock, takeBlock, takeFramed, keepOwn, removeBlock } = useBlockActions({
  design,
  building,
  change,
  say,
})
function takeFromShelf(block: ShelfBlock) {
  takeBlock(block)
  shelfOpen.value = false
}
function putBlock(key: string) {
  if (isPlace.value) change(withPlaces(design.value, [{ ...placeAt(design.value, at.value), block: key }]))
  else said.value = 'Choose a place on the wall first, or let the block take turns under “Setting”.'
}
const TABS = computed(() => ['Setting', 'Borders', 'Counts', 'Judging'])
const clothTaken = computed(() => design.value?.cloths.find((cloth) => cloth.key === clothInHand.value))
/** The block that is built, chosen, or set first. */
const dressedKey = computed(() => building.value ?? (chosenPart.value?.blockKey || design.value?.setting.blocks[0]))
const marks = computed(() =>
  top.value
    ? top.value.judging.closePairs.length + top.value.judging.sharedCloths.length + top.value.judging.oddOnes.length
    : 0,
)
</script>

<template>
  <WaitNote v-if="!top" what="the top" :error="error" />
  <div v-else class="flex flex-1 flex-col lg:h-[calc(100dvh-5.1rem)] lg:flex-none">
    <h1 class="sr-only">The top</h1>
    <div
      class="grid min-h-0 min-w-0 flex-1 max-md:grid-cols-[minmax(0,1fr)] md:grid-cols-[15rem_1fr] lg:grid-cols-[16rem_1fr] xl:grid-cols-[16rem_1fr_auto]"
    >
      <div class="space-y-5 overflow-y-auto p-3" aria-label="Tray" role="region" tabindex="-1">
        <UnitTray
          v-if="building"
          :design="design"
          :block-key="building"
          :in-hand="unitInHand"
          @taken="unitInHand = $event"
        />
        <FrameBlock
          v-if="builtBlock"
          :key="builtBlock.key"
          :design="design"
          :block="builtBlock"
          :place="top.sizes.find((size) => size.what === 'Block')"
          :unit-of-length="top.unitOfLength"
          @framed="takeFramed"
        />
        <BlockTray
          v-if="!building"
          :design="design"
          :pictures="top.blocks"
          :colours="colours"
          :here="chosenPart?.blockKey"
          @chosen="putBlock"
          @opened="building = $event"
          @added="newBlock"
          @from-shelf="shelfOpen = true"
        />
        <SpareTray
          v-if="!building"
          :spares="top.spareBlocks"
          :colours="colours"
          :here="chosenPart?.blockKey"
          @taken="takeSpare($event)"
        />
        <DressPanel v-if="dressedKey" :key="dressedKey" :design="design" :block-key="dressedKey" @changed="change" />
        <ClothTray
          :design="design"
          :at="isPlace ? at : undefined"
          :values="top.cloths"
          :pictures="top.blocks"
          :in-hand="clothInHand"
          @taken="
            (key) => {
              clothInHand = key
              unitInHand = undefined
            }
          "
          @changed="change"
          @carried="carry"
        />
      </div>

      <section
        class="wall flex min-h-80 min-w-0 flex-col max-lg:sticky max-lg:top-0 max-lg:h-[min(75dvh,44rem)] max-md:static max-md:order-first max-md:h-[65dvh]"
        aria-label="The wall"
      >
        <BlockBench
          v-if="builtBlock && builtPicture"
          :design="design"
          :block="builtBlock"
          :picture="builtPicture"
          :colours="colours"
          :unit-of-length="top.unitOfLength"
          :unit="unitInHand"
          :cloth="clothInHand"
          @changed="change"
          @kept="keepOwn"
          @removed="removeBlock"
          @left="building = undefined"
        />
        <template v-else>
          <div class="flex flex-wrap items-center gap-2 px-3 pt-2">
            <InHand v-if="clothTaken" :cloth="clothTaken" @down="clothInHand = undefined" />
            <p class="min-w-0 flex-1 truncate text-soft" role="status">{{ said }}</p>
            <button class="button min-h-9" :aria-pressed="grey" @click="grey = !grey">
              {{ grey ? 'Colours' : 'Grey' }}
            </button>
            <button class="button min-h-9 px-3" aria-label="Further away" @click="wall?.zoomOut()">−</button>
            <button class="button min-h-9 px-3" aria-label="Closer" @click="wall?.zoomIn()">+</button>
            <button class="button min-h-9" @click="wall?.whole()">Whole</button>
          </div>
          <TopWall
            ref="wall"
            :picture="top.picture"
            :colours="colours"
            :lit="lit"
            :wrong="wrong"
            :locked="locked"
            :chosen="chosenId"
            :chosen-unit="chosenUnit"
            @chosen="choose"
            @opened="openPart"
            @pressed="press"
            @dropped="clothDropped"
            @hovered="clothOver"
            @spare-dropped="dropSpare"
            :grips="drags.grips.value"
            :trial="drags.trial.value?.picture"
            :note="drags.busy.value ? said : ''"
            @carrying="drags.carrying"
            @carried="drags.carried"
            @grip-moved="drags.gripMoved"
            @grip-dropped="drags.gripDropped"
            @left="drags.left"
            @turned="turn"
            @grown="drags.grow"
          />
          <WallKeys :part="chosenPart" />
        </template>
      </section>

      <div
        v-if="!building"
        class="min-w-0 space-y-3 overflow-y-auto p-3 md:col-span-2 xl:col-span-1 xl:w-88"
        aria-label="About the top"
        role="region"
        tabindex="-1"
      >
        <ProblemNote :problems="problems" />
        <SelectedPart
          v-if="chosenPart"
          :design="design"
          :part="chosenPart"
          :cloths="partCloths"
          :cloth="chosenCloth"
          :unit="chosenUnit"
          :can-paste="!!copied"
          @changed="change"
          @copied="copy"
          @pasted="paste"
          @swapped="swapWith"
          @lock-turned="lock"
          @exchange-started="startExchange"
          @row="rowDo"
          @cloth-chosen="chosenCloth = $event"
        />
        <MistakesCard :problems="top.problems" @chosen="choose" />
        <TabGroup>
          <TabList class="flex gap-1" aria-label="What to see of the top">
            <Tab
              v-for="tab in TABS"
              :key="tab"
              class="min-h-10 flex-1 cursor-pointer rounded-t-lg border-b-4 border-transparent px-1 font-medium data-[headlessui-state~=selected]:border-tape-deep data-[headlessui-state~=selected]:bg-white"
            >
              {{ tab
              }}<span
                v-if="tab === 'Judging' && marks"
                class="ml-1 rounded-full bg-tape px-1.5 text-sm font-bold"
                :aria-label="`${marks} marks`"
                >{{ marks > 99 ? '99+' : marks }}</span
              >
            </Tab>
          </TabList>
          <TabPanels class="pt-3">
            <TabPanel
              ><SettingPanel :design="design" :top="top" :problems="problems" @changed="change" /><ProblemNote
                class="mt-3"
                :problems="top.notices"
                hint
            /></TabPanel>
            <TabPanel><BordersPanel :design="design" :top="top" :problems="problems" @changed="change" /></TabPanel>
            <TabPanel>
              <CountsPanel
                :count="top.count"
                :colours="colours"
                :cloth-names="design.cloths.map((cloth) => cloth.name)"
                :unit-of-length="top.unitOfLength"
                :chosen-part="chosenIndex"
                :lit-row="chosenRow"
                @pointed="pointedRow = $event"
                @chosen="chosenRow = chosenRow === $event.key ? undefined : $event.key"
              />
            </TabPanel>
            <TabPanel
              ><JudgingPanel
                :judging="top.judging"
                :names="names"
                :close-in-value="design.closeInValue"
                :grey="grey"
                @greyed="grey = $event"
                @lit="litParts = $event"
                @chosen="choose"
                @threshold-changed="change({ closeInValue: $event })"
            /></TabPanel>
          </TabPanels>
        </TabGroup>
      </div>
    </div>
    <ClothFinder
      v-if="findingCloth"
      :cloths="design.cloths"
      :where="chosenPart?.where"
      @closed="findingCloth = false"
      @found="takeFound"
    />
    <BlockShelfDialog v-if="shelfOpen" :open="shelfOpen" @closed="shelfOpen = false" @taken="takeFromShelf" />
  </div>
</template>

<style scoped>
.wall {
  background: #e2e5df radial-gradient(#c6cbc4 1px, transparent 1.5px) 0 0 / 20px 20px;
}
</style>
