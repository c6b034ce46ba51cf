<script setup lang="ts">
import { computed } from 'vue'
import { useOpenQuilt, useTop } from '@/features/quilts'
import { useClothColours } from '@/features/top'
import { ProblemNote, TopPicture, WaitNote } from '@/shared'
import AllowanceChoice from './AllowanceChoice.vue'
import ClothLedger from './ClothLedger.vue'
import MethodTable from './MethodTable.vue'
import { useTally } from './queries'

const quilt = useOpenQuilt()
const { data: tally, error } = useTally(() => quilt.id.value)
const { data: top } = useTop(() => quilt.id.value)
const colours = useClothColours(quilt.design)
const chosen = computed(() => tally.value?.methods.find((method) => method.chosen))
</script>

<template>
  <WaitNote v-if="!tally || !top || !chosen" what="the tally" :error="error" />
  <div v-else class="grid flex-1 lg:grid-cols-[1fr_20rem]">
    <div class="space-y-5 bg-white p-5">
      <h1 class="text-xl font-bold">
        {{ tally.unitsNeeded }} {{ tally.unitName }} units, {{ tally.finishedSize }} {{ tally.unitOfLength }} finished
        <span class="font-normal text-soft">({{ tally.trimmedSize }} {{ tally.unitOfLength }} trimmed)</span>
      </h1>
      <ProblemNote :problems="tally.notices" hint />
      <MethodTable :tally="tally" @chosen="quilt.change({ method: $event })" />
      <AllowanceChoice :allowances="tally.allowances" :chosen="quilt.design.value!.allowance" :unit-of-length="tally.unitOfLength" @chosen="quilt.change({ allowance: $event })" />
      <ClothLedger :method="chosen" :unit-of-length="tally.unitOfLength" :colours="colours" />
    </div>
    <aside class="space-y-4 p-5" aria-label="The top in small">
      <h2 class="panel-title">The top</h2>
      <div class="h-80"><TopPicture :picture="top.picture" :colours="colours" label="The top in small" /></div>
      <dl class="space-y-1">
        <div v-for="size in top.sizes" :key="size.what" class="flex justify-between gap-3 border-b border-line py-1">
          <dt>{{ size.what }}, finished</dt>
          <dd class="font-bold">{{ size.finishedWidth }} × {{ size.finishedHeight }} {{ tally.unitOfLength }}</dd>
        </div>
        <div class="flex justify-between gap-3 border-b border-line py-1">
          <dt>Blocks</dt>
          <dd class="font-bold">{{ top.blocks }}</dd>
        </div>
      </dl>
    </aside>
  </div>
</template>
