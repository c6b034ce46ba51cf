<script setup lang="ts">
import { computed, ref } from 'vue'
import { OpenProblems, useOpenQuilt, useTop } from '@/features/quilts'
import { useClothPaints } from '@/features/top'
import { ProblemNote, SideDrawer, TopPicture, WaitNote } from '@/shared'
import { type Alike, alike } from './alike'
import BestPlans from './BestPlans.vue'
import ClothAccounts from './ClothAccounts.vue'
import GroupCard from './GroupCard.vue'
import HowIWork from './HowIWork.vue'
import InShort from './InShort.vue'
import KeptFabric from './KeptFabric.vue'
import KitsPanel from './KitsPanel.vue'
import LeftOver from './LeftOver.vue'
import MakingPanel from './MakingPanel.vue'
import OffersPanel from './OffersPanel.vue'
import ShoppingList from './ShoppingList.vue'
import SpareUnits from './SpareUnits.vue'
import StripKinds from './StripKinds.vue'
import TimeFigures from './TimeFigures.vue'
import TryElse from './TryElse.vue'
import UnitKinds from './UnitKinds.vue'
import { useTally } from './queries'
import { useMakingChoices } from './useMakingChoices'

const quilt = useOpenQuilt()
const choices = useMakingChoices()
const { data: tally, error, isFetching } = useTally(() => quilt.id.value)
/** What is shown is of the design before, until the answer to the last change is here. */
const old = computed(() => isFetching.value || quilt.saveState.value === 'keeping')
const { data: top } = useTop(() => quilt.id.value)
const design = computed(() => quilt.design.value!)
const colours = useClothPaints(design)
const clothNames = computed(() => design.value.cloths.map((cloth) => cloth.name))
const size = computed(() => {
  const whole = top.value!.sizes[2]!
  return `${whole.finishedWidth} × ${whole.finishedHeight} ${tally.value!.unitOfLength} finished`
})
const ofMaking = computed(() => tally.value!.inShort.filter(({ about }) => about === 'MAKE').slice(1))

const kinds = computed(() => alike(tally.value?.groups ?? []))
const kindKey = ref<string>()
const kind = computed(() => kinds.value.find(({ key }) => key === kindKey.value))
const opened = ref<string>()
function open({ key, groups }: Alike) {
  kindKey.value = key
  opened.value = groups.length === 1 ? groups[0]!.key : undefined
}

/** The parts of the top that a use of fabric goes to: pointing at it lights them up. */
const pointed = ref<readonly string[]>()
const lit = computed(
  () => top.value?.count.rows.filter((row) => pointed.value?.includes(row.use)).flatMap((row) => row.parts) ?? [],
)
</script>

<template>
  <WaitNote v-if="!tally || !top" what="the tally" :error="error" />
  <div
    v-else
    class="grid min-w-0 flex-1 content-start max-lg:grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-5.1rem)] lg:flex-none lg:grid-cols-[minmax(0,1fr)_21rem] lg:content-stretch"
  >
    <section class="min-w-0 overflow-y-auto" aria-label="The answer" tabindex="-1" :aria-busy="old">
      <OpenProblems class="px-6 pt-3" :quilt-id="quilt.id.value!" />
      <InShort :sentences="tally.inShort" :name-of-quilt="quilt.name.value">
        <template #below><HowIWork /></template>
        <template #MAKE>
          <ul>
            <li v-for="sentence in ofMaking" :key="sentence.lead">{{ sentence.lead }}</li>
          </ul>
          <MakingPanel :sets="tally.sets" />
        </template>
        <template #BUY><ShoppingList :quilt-id="quilt.id.value!" /></template>
        <template #LEFT><LeftOver :ledgers="tally.cloths" /></template>
        <template #SPARE><SpareUnits :spares="tally.spares" :cloth-names="clothNames" /></template>
        <template #TIME><TimeFigures :quilt-id="quilt.id.value!" /></template>
      </InShort>
      <div class="space-y-4 px-6 py-4">
        <BestPlans v-if="tally.cloths.length" />
        <KeptFabric v-if="tally.cloths.length" :quilt-id="quilt.id.value!" />
        <ProblemNote :problems="tally.notices" hint />
        <ClothAccounts
          :quilt-id="quilt.id.value!"
          :ledgers="tally.cloths"
          :lit="pointed"
          @pointed="pointed = $event"
          @style-chosen="choices.cutFabric"
        />
        <OffersPanel v-if="tally.cloths.length" />
      </div>
    </section>

    <aside class="min-w-0 space-y-4 overflow-y-auto border-l border-line bg-white p-4" aria-label="The whole top">
      <figure>
        <div class="mx-auto max-h-72 max-w-80" :style="{ aspectRatio: `${top.picture.width} / ${top.picture.height}` }">
          <TopPicture :picture="top.picture" :colours="colours" :lit="lit" label="The top in small" />
        </div>
        <figcaption class="mt-1 text-center text-soft">{{ size }}</figcaption>
      </figure>
      <section aria-labelledby="kinds-title" data-kinds :aria-busy="old">
        <h2 id="kinds-title" class="text-lg font-bold">What you will sew</h2>
        <UnitKinds
          :kinds="kinds"
          :colours="colours"
          :cloth-names="clothNames"
          :unit-of-length="tally.unitOfLength"
          @opened="open"
          @pointed="pointed = $event?.groups.map(({ key }) => key)"
        />
        <StripKinds
          :strips="tally.strips"
          :bonus="tally.bonus"
          :backing="top.finishing.backing"
          :unit-of-length="tally.unitOfLength"
          @bonus-left="choices.leaveBonus"
        />
        <label v-if="design.finishing.scrappyBinding" class="flex items-center gap-2"
          ><input
            type="checkbox"
            class="size-5"
            checked
            @change="quilt.change({ finishing: { ...design.finishing, scrappyBinding: false } })"
          />
          Scrappy binding from leftovers</label
        >
      </section>
      <KitsPanel :quilt-id="quilt.id.value!" :design="design" />
      <TryElse :quilt-id="quilt.id.value!" />
    </aside>

    <SideDrawer
      :open="!!kind"
      wide
      :title="kind ? `${kind.name}, ${kind.finished} ${tally.unitOfLength} finished: ${kind.needed}` : ''"
      @close="kindKey = undefined"
    >
      <section v-if="kind" class="space-y-3" aria-label="How this unit is made" :aria-busy="old">
        <GroupCard
          v-for="group in kind.groups"
          :key="group.key"
          :group="group"
          :quilt-id="quilt.id.value!"
          :unit-of-length="tally.unitOfLength"
          :colours="colours"
          :cloth-names="clothNames"
          :chosen="opened === group.key"
          :chosen-by="choices.chosenBy(group)"
          :school="design.allowance.toLowerCase()"
          @opened="opened = opened === group.key ? undefined : group.key"
          @extra-typed="choices.setExtra(group.choiceKey, $event)"
          @taken="choices.make(group.choiceKey, $event)"
          @taken-all="choices.makeAll(group, $event)"
          @let-go="choices.letGo(group)"
          @cut-typed="choices.setCutSize(group, group.choiceKey, $event)"
          @cut-typed-all="choices.setCutSize(group, group.allKey, $event)"
        />
      </section>
    </SideDrawer>
  </div>
</template>
