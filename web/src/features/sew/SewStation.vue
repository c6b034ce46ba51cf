<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useTaps, withTaps } from '@/features/bench'
import { PaperLinks } from '@/features/print'
import { OpenProblems, type QuiltDesign, useOpenQuilt, useTop } from '@/features/quilts'
import { HowIWork } from '@/features/tally'
import { useClothColours, useClothPaints } from '@/features/top'
import { ProblemNote, spellCount, WaitNote } from '@/shared'
import AlongNote from './AlongNote.vue'
import BatchCard from './BatchCard.vue'
import BatchLine from './BatchLine.vue'
import BatchRun from './BatchRun.vue'
import { MANY, underWhatTheyMake } from './groups'
import PacePanel from './PacePanel.vue'
import { type Batch, type Time, useBatches, useCard } from './queries'

const quilt = useOpenQuilt()
const time = ref<Time>({ hoursAWeek: '', by: '' })
const { data: sew, error } = useBatches(() => quilt.id.value, time)
const { data: top } = useTop(() => quilt.id.value)
const design = computed(() => quilt.design.value!)
const colours = useClothColours(design)
const paints = useClothPaints(design)
const taps = useTaps(() => quilt.id.value!)

const chosen = ref<string>()
const batch = computed(() => sew.value?.batches.find((each) => each.key === chosen.value) ?? sew.value?.batches[0])
// At first the one that is not done; it stays, also when its last set is tallied, until another is chosen.
watch(
  sew,
  (now) => {
    if (now && !now.batches.some((each) => each.key === chosen.value))
      chosen.value = (now.batches.find((each) => each.setsLeft > 0) ?? now.batches[0])?.key
  },
  { immediate: true },
)
const { data: card, error: cardError } = useCard(
  () => quilt.id.value!,
  () => batch.value?.key,
)
const groups = computed(() => underWhatTheyMake(sew.value?.batches ?? []))
const good = (each: Batch) => withTaps(each, taps.waiting.value, sew.value!.known).good
function tick(key: string) {
  chosen.value = key
  taps.write({ kind: 'SET_MADE', batch: key, hand: '', text: '' })
}
const setPlan = (part: Partial<QuiltDesign['plan']>) => quilt.change({ plan: { ...design.value.plan, ...part } })
/** Sets that were spoiled are cut anew: the plan makes so many units beyond need. */
function planExtra(units: string, count: number) {
  setPlan({
    extras: [...design.value.plan.extras.filter((extra) => extra.units !== units), { units, typed: String(count) }],
  })
}
const SHEETS = [{ file: 'booklet.pdf', name: 'Print the booklet' }] as const
</script>

<template>
  <WaitNote v-if="!sew" what="the batches" :error="error" />
  <p v-else-if="!batch" class="card m-6 p-5">Nothing to sew yet: build a block at the station Top.</p>
  <div v-else class="grid min-w-0 flex-1 max-lg:grid-cols-[minmax(0,1fr)] lg:grid-cols-[19rem_1fr]">
    <section class="space-y-3 border-r border-line bg-white p-4" aria-label="Batches">
      <OpenProblems :quilt-id="quilt.id.value!" />
      <h1 class="sr-only">Sew {{ quilt.name.value }}</h1>
      <ol class="space-y-3 md:max-h-[calc(100dvh-19rem)] md:overflow-y-auto" tabindex="-1">
        <li v-for="group in groups" :key="group.makes">
          <h2 class="flex justify-between gap-2 font-bold">
            <span class="first-letter:uppercase">{{ group.makes }}</span>
            <span class="text-soft tabular-nums">{{ group.needed }}</span>
          </h2>
          <ol>
            <li v-for="run in group.runs" :key="run[0]!.key">
              <BatchRun
                v-if="run.length >= MANY"
                :batches="run"
                :chosen="batch.key"
                :colours="paints"
                :good="good"
                @taken="chosen = $event"
                @ticked="tick"
                @written="taps.write($event)"
              />
              <template v-else>
                <BatchLine
                  v-for="each in run"
                  :key="each.key"
                  :batch="each"
                  :chosen="each.key === batch.key"
                  :colours="paints"
                  :good="good(each)"
                  @taken="chosen = each.key"
                />
              </template>
            </li>
          </ol>
        </li>
      </ol>
      <RouterLink
        class="button w-full"
        :to="{ path: `/quilts/${quilt.id.value}/table/sew`, query: { batch: batch.key } }"
        >At the table: one card at a time</RouterLink
      >
      <AlongNote />
      <p v-if="sew.tapsElsewhere" class="rounded-lg bg-tape-pale p-2">
        {{ spellCount(sew.tapsElsewhere, 'tap belongs', 'taps belong') }} to units of another size or fabric than the
        plan has now. They are kept: undo the change to see them.
      </p>
      <HowIWork />
      <PacePanel v-model:time="time" :pace="sew.pace" />
      <PaperLinks :quilt-id="quilt.id.value!" :sheets="SHEETS" />
    </section>
    <section class="min-w-0 p-4 max-lg:order-first lg:px-7" aria-label="The card">
      <ProblemNote :problems="taps.problems.value" />
      <WaitNote v-if="!card" what="the card" :error="cardError" />
      <BatchCard
        v-else
        :key="batch.key"
        :quilt-id="quilt.id.value!"
        :batch="batch"
        :card="card"
        :colours="colours"
        :paints="paints"
        :cloth-names="design.cloths.map((cloth) => cloth.name)"
        :top="top"
        :counts="withTaps(batch, taps.waiting.value, sew.known)"
        :stuck="taps.stuck.value"
        @written="taps.write($event)"
        @extra-planned="planExtra"
      />
    </section>
  </div>
</template>
