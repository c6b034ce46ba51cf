<script setup lang="ts">
import { computed, ref } from 'vue'
import { OpenProblems, useOpenQuilt, useTop } from '@/features/quilts'
import { useClothColours } from '@/features/top'
import { ProblemNote, spellCount, TopPicture, WaitNote } from '@/shared'
import { alike } from './alike'
import BestPlans from './BestPlans.vue'
import ClothAccount from './ClothAccount.vue'
import GroupCard from './GroupCard.vue'
import HowIWork from './HowIWork.vue'
import InShort from './InShort.vue'
import { AWord } from '@/features/help'
import KitsPanel from './KitsPanel.vue'
import MakingPanel from './MakingPanel.vue'
import OffersPanel from './OffersPanel.vue'
import ShoppingList from './ShoppingList.vue'
import TryElse from './TryElse.vue'
import { type Group, useTally } from './queries'

const quilt = useOpenQuilt()
const { data: tally, error, isFetching } = useTally(() => quilt.id.value)
/** What is shown is of the design before, until the answer to the last change is here. */
const old = computed(() => isFetching.value || quilt.saveState.value === 'keeping')
const { data: top } = useTop(() => quilt.id.value)
const design = computed(() => quilt.design.value!)
const colours = useClothColours(design)
const clothNames = computed(() => design.value.cloths.map((cloth) => cloth.name))
const opened = ref<string>()
const pointed = ref<readonly string[]>()

/** The parts of the top that a use of cloth goes to: pointing at a band lights them up. */
const lit = computed(() => {
  const uses = pointed.value ?? (opened.value ? [opened.value] : [])
  return top.value?.count.rows.filter((row) => uses.includes(row.use)).flatMap((row) => row.parts) ?? []
})

function take(units: string, method: string) {
  quilt.change({
    methods: [...design.value.methods.filter((choice) => choice.units !== units), { units, method, byHand: true }],
  })
}
function cut(cloth: string, style: 'PLAIN' | 'TIDY' | 'THRIFTY', effort: number, everywhere: boolean) {
  const others = everywhere ? [] : design.value.plan.cutting.filter((choice) => choice.cloth !== cloth)
  quilt.change({
    plan: { ...design.value.plan, cutting: [...others, { cloth: everywhere ? '' : cloth, style, effort }] },
  })
}
function setExtra(units: string, typed: string) {
  const others = design.value.plan.extras.filter((extra) => extra.units !== units)
  quilt.change({ plan: { ...design.value.plan, extras: typed ? [...others, { units, typed }] : others } })
}
/** What there is none of is not counted. */
const toMake = computed(() => {
  const units = tally.value?.totals.units ?? 0
  const plain = top.value?.count.plainPieces ?? 0
  const said = [
    units ? spellCount(units, 'unit', 'units') : '',
    plain ? spellCount(plain, 'plain piece', 'plain pieces') : '',
  ].filter(Boolean)
  return said.length ? said.join(' and ') : 'Nothing'
})
/** A size goes with the way of making, so that way is kept too. */
function setCutSize(group: Group, units: string, typed: string) {
  const method = group.ways.find((way) => way.chosen)!.key
  const said = (each: { units: string; method: string }) =>
    each.method === method && (each.units === units || each.units === group.choiceKey)
  const others = design.value.plan.cutSizes.filter((each) => !said(each))
  const known = design.value.methods.some((choice) => choice.units === units && choice.byHand)
  quilt.change({
    plan: {
      ...design.value.plan,
      cutSizes: typed ? [...others, { units, method, typed, byHand: true }] : others,
    },
    ...(typed && !known
      ? {
          methods: [
            ...design.value.methods.filter((choice) => choice.units !== units),
            { units, method, byHand: true },
          ],
        }
      : {}),
  })
}
function dropBonus(key: string) {
  quilt.change({ plan: { ...design.value.plan, bonus: design.value.plan.bonus.filter((each) => each !== key) } })
}
const choiceFor = (group: Group) =>
  design.value.methods.find((choice) => choice.units === group.choiceKey) ??
  design.value.methods.find((choice) => choice.units === group.allKey)
function chosenBy(group: Group) {
  const choice = choiceFor(group)
  return choice && (choice.byHand ? 'hand' : 'plan')
}
function letGo(group: Group) {
  const choice = choiceFor(group)
  quilt.change({ methods: design.value.methods.filter((each) => each !== choice) })
}
/** For all of a kind: what was chosen for single groups of it no longer counts. */
function takeAll(group: Group, method: string) {
  const { allKey, chosenApart } = group
  const others = design.value.methods.filter(({ units }) => units !== allKey && !chosenApart.includes(units))
  quilt.change({ methods: [...others, { units: group.allKey, method, byHand: true }] })
}
</script>

<template>
  <WaitNote v-if="!tally || !top" what="the tally" :error="error" />
  <div
    v-else
    class="grid min-w-0 flex-1 max-lg:grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-5.1rem)] lg:flex-none lg:grid-cols-[24rem_1fr] xl:grid-cols-[24rem_1fr_18rem]"
  >
    <section class="min-w-0 space-y-3 overflow-y-auto p-4" aria-label="Units to make" tabindex="-1" :aria-busy="old">
      <h1 id="groups-title" class="panel-title">
        {{ toMake }} to make<span
          class="font-normal opacity-0 transition-opacity"
          :class="{ 'opacity-100 delay-300': old }"
          aria-hidden="true"
          title="worked out anew"
        >
          …</span
        >
      </h1>
      <p v-if="!tally.groups.length" class="card p-4">The top is empty: build a block at the station Top.</p>
      <template v-for="run in alike(tally.groups)" :key="run.key">
        <component
          :is="run.many ? 'details' : 'div'"
          class="space-y-3"
          :class="{ 'card p-3': run.many }"
          :data-alike="run.many || undefined"
        >
          <summary v-if="run.many" class="cursor-pointer">
            <strong class="first-letter:uppercase">{{ run.key }} {{ tally.unitOfLength }} finished</strong>:
            {{ run.needed }} in {{ run.groups.length }} combinations of fabrics
          </summary>
          <GroupCard
            v-for="group in run.groups"
            :key="group.key"
            :group="group"
            :quilt-id="quilt.id.value!"
            :unit-of-length="tally.unitOfLength"
            :colours="colours"
            :cloth-names="clothNames"
            :chosen="opened === group.key"
            :chosen-by="chosenBy(group)"
            :school="design.allowance.toLowerCase()"
            @opened="opened = opened === group.key ? undefined : group.key"
            @extra-typed="setExtra(group.choiceKey, $event)"
            @taken="take(group.choiceKey, $event)"
            @taken-all="takeAll(group, $event)"
            @let-go="letGo(group)"
            @cut-typed="setCutSize(group, group.choiceKey, $event)"
            @cut-typed-all="setCutSize(group, group.allKey, $event)"
            @pointerenter="pointed = [group.key]"
            @pointerleave="pointed = undefined"
          />
        </component>
      </template>
      <MakingPanel :sets="tally.sets" :spares="tally.spares" :cloth-names="clothNames" />
      <section v-if="tally.strips.length" aria-label="Strips">
        <h2 class="panel-title mb-1">Strips of sashing, borders and binding</h2>
        <ul class="space-y-1">
          <li v-for="strip in tally.strips" :key="strip.label + strip.cloth" class="card p-2">
            <strong class="first-letter:uppercase">{{ strip.label }}</strong>
            <span class="block text-sm text-soft"
              >cut {{ strip.cutSize }} {{ tally.unitOfLength
              }}<template v-if="strip.joined"
                >, from {{ strip.cuts }}; joined where longer than the fabric is wide</template
              ></span
            >
            <details>
              <summary class="cursor-pointer text-sm underline decoration-dotted">How it was worked out</summary>
              <p class="text-sm">{{ strip.working.how }}</p>
            </details>
          </li>
        </ul>
      </section>
      <section v-if="tally.bonus.length" aria-label="Bonus units">
        <h2 class="panel-title mb-1">Bonus units from offcuts</h2>
        <ul class="space-y-1">
          <li v-for="each in tally.bonus" :key="each.choiceKey" class="card flex items-center gap-2 p-2">
            <span class="flex-1"
              ><strong>{{ each.count }}</strong> {{ each.label
              }}<span class="block text-sm text-soft">trimmed {{ each.trimmed }}</span></span
            >
            <button class="button min-h-9" :aria-label="`Leave ${each.label}`" @click="dropBonus(each.choiceKey)">
              Leave them
            </button>
          </li>
        </ul>
      </section>
    </section>

    <section
      class="min-w-0 space-y-4 overflow-y-auto bg-white p-4 max-lg:order-first"
      aria-labelledby="ledger-title"
      tabindex="-1"
    >
      <OpenProblems :quilt-id="quilt.id.value!" />
      <InShort :sentences="tally.inShort">
        <template #below><HowIWork /></template>
        <figure class="w-56 max-md:mx-auto">
          <div class="h-60">
            <TopPicture :picture="top.picture" :colours="colours" :lit="lit" label="The top in small" />
          </div>
          <figcaption class="text-center text-soft">
            {{ top.sizes[2]!.finishedWidth }} × {{ top.sizes[2]!.finishedHeight }} {{ tally.unitOfLength }} finished
          </figcaption>
        </figure>
      </InShort>
      <BestPlans v-if="tally.cloths.length" />
      <h2 id="ledger-title" class="panel-title">Cloth: needed, on the shelf, left over</h2>
      <ProblemNote :problems="tally.notices" hint />
      <ClothAccount
        v-for="ledger in tally.cloths"
        :key="ledger.key"
        :quilt-id="quilt.id.value!"
        :ledger="ledger"
        :lit="pointed"
        @pointed="pointed = $event"
        @style-chosen="(style, effort, everywhere) => cut(ledger.key, style, effort, everywhere)"
      />
      <p v-if="!tally.cloths.length" class="text-soft">No fabric is needed yet: dress the blocks at the station Top.</p>
    </section>

    <aside class="space-y-4 overflow-y-auto p-4 lg:col-span-2 xl:col-span-1" aria-label="The whole top">
      <h2 class="panel-title">The whole top</h2>
      <dl>
        <div class="flex justify-between gap-3 border-b border-line py-1">
          <dt><AWord word="Finished size" /></dt>
          <dd class="font-bold">
            {{ top.sizes[2]!.finishedWidth }} × {{ top.sizes[2]!.finishedHeight }} {{ tally.unitOfLength }}
          </dd>
        </div>
        <div class="flex justify-between gap-3 border-b border-line py-1">
          <dt>Blocks</dt>
          <dd class="font-bold">{{ top.count.blocks }}</dd>
        </div>
        <div class="flex justify-between gap-3 border-b border-line py-1">
          <dt><AWord word="Units" /></dt>
          <dd class="font-bold">{{ tally.totals.units }}</dd>
        </div>
        <div class="flex justify-between gap-3 border-b border-line py-1">
          <dt>Spare units</dt>
          <dd class="font-bold">{{ tally.totals.spare }}</dd>
        </div>
        <div class="flex justify-between gap-3 border-b border-line py-1">
          <dt class="whitespace-nowrap">To buy</dt>
          <dd class="text-right">
            <span v-for="each in tally.totals.toBuy" :key="each" class="block font-bold text-brick">{{
              each
            }}</span><span v-if="!tally.totals.toBuy.length" class="block font-bold">nothing</span
            ><span v-for="each in tally.totals.toBuyOfNoCloth" :key="each" class="block">{{ each }}</span>
          </dd>
        </div>
        <div class="flex justify-between gap-3 border-b border-line py-1">
          <dt>Backing</dt>
          <dd class="text-right font-bold">{{ top.finishing.backing }}</dd>
        </div>
      </dl>
      <label v-if="design.finishing.scrappyBinding" class="flex items-center gap-2"
        ><input
          type="checkbox"
          class="size-5"
          checked
          @change="quilt.change({ finishing: { ...design.finishing, scrappyBinding: false } })"
        />
        Scrappy binding from leftovers</label
      >
      <KitsPanel :quilt-id="quilt.id.value!" :design="design" />
      <TryElse :quilt-id="quilt.id.value!" />
      <OffersPanel />
      <ShoppingList :quilt-id="quilt.id.value!" />
    </aside>
  </div>
</template>
