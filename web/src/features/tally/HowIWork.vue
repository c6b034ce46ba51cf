<script setup lang="ts">
import { computed, ref } from 'vue'
import { useOpenQuilt } from '@/features/quilts'
import { rulerName, SideDrawer } from '@/shared'
import AllowanceChoice from './AllowanceChoice.vue'
import AtTheTable from './AtTheTable.vue'
import { useTally } from './queries'
import SewingHabits from './SewingHabits.vue'

const quilt = useOpenQuilt()
const { data: tally } = useTally(() => quilt.id.value)
const design = computed(() => quilt.design.value!)
const open = ref(false)

const CUT = { EXACT: 'cut exact', TRIM: 'cut over and trim', ROOMY: 'cut roomy and trim' }
/** What she does at the table and the machine, in one line. */
const said = computed(() => {
  const { seam, system, allowance, plan } = design.value
  const extra = plan.extras.find((each) => each.units === '')?.typed
  return [
    `${seam} ${system === 'INCH' ? 'in' : 'cm'} seam`,
    CUT[allowance],
    plan.layers === 1 ? '1 layer' : `${plan.layers} layers`,
    ...(extra ? [`${extra} extra`] : []),
  ].join(' · ')
})
const extraForAll = computed(() => design.value.plan.extras.find((extra) => extra.units === '')?.typed ?? '')
function setExtra(event: Event) {
  const typed = (event.target as HTMLInputElement).value.trim().slice(0, 20)
  const others = design.value.plan.extras.filter((extra) => extra.units !== '')
  quilt.change({
    plan: { ...design.value.plan, extras: typed ? [...others, { units: '', typed }] : others },
  })
}
</script>

<template>
  <p class="text-soft" data-habits>
    {{ said }} ·
    <button class="cursor-pointer underline decoration-dotted underline-offset-4" @click="open = true">
      change how I work
    </button>
  </p>
  <SideDrawer :open="open" title="How I work" @close="open = false">
    <p class="text-soft">For this quilt. Undo takes any of it back.</p>
    <section class="space-y-3" aria-labelledby="habits-cutting">
      <h2 id="habits-cutting" class="panel-title">Cutting</h2>
      <AllowanceChoice :chosen="design.allowance" @chosen="quilt.change({ allowance: $event })" />
      <AtTheTable
        :plan="design.plan"
        :usual-squaring-up="tally?.usualSquaringUp ?? ''"
        @changed="quilt.change({ plan: $event })"
      />
    </section>
    <section class="space-y-3" aria-labelledby="habits-sewing">
      <h2 id="habits-sewing" class="panel-title">Sewing</h2>
      <label class="flex items-center gap-2">
        <span class="flex-1 leading-5"
          >Extra units of every kind, for mishaps<span class="block text-sm text-soft"
            >a count, or a share such as 5 %</span
          ></span
        >
        <input class="field w-24" :value="extraForAll" @change="setExtra" />
      </label>
      <SewingHabits :plan="design.plan" @changed="quilt.change({ plan: $event })" />
    </section>
    <p class="text-soft">
      {{ design.seam }} {{ design.system === 'INCH' ? 'in' : 'cm' }} seam, cut to the
      {{ rulerName(design.system, design.grid) }}:
      <RouterLink
        class="underline decoration-dotted underline-offset-4"
        :to="`/quilts/${quilt.id.value}/top`"
        @click="open = false"
        >change these at Top</RouterLink
      >.
    </p>
  </SideDrawer>
</template>
