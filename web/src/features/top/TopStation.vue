<script setup lang="ts">
import { computed } from 'vue'
import { useOpenQuilt, useTop } from '@/features/quilts'
import { ProblemNote, TopPicture, WaitNote } from '@/shared'
import BlockEditor from './BlockEditor.vue'
import ClothChoice from './ClothChoice.vue'
import TopSettings from './TopSettings.vue'
import { useClothColours } from './useClothColours'

const quilt = useOpenQuilt()
const design = computed(() => quilt.design.value!)
const { data: top, error } = useTop(() => quilt.id.value)
const colours = useClothColours(design)

const wallLabel = computed(() => {
  if (!top.value) return ''
  const { across, down } = top.value.picture
  return `The top, ${across} by ${down} blocks`
})
</script>

<template>
  <WaitNote v-if="!top" what="the top" :error="error" />
  <div v-else class="grid flex-1 md:grid-cols-[17rem_1fr] xl:grid-cols-[17rem_1fr_22rem]">
    <h1 class="sr-only">The top</h1>
    <section class="space-y-5 p-4" aria-label="Block and cloths">
      <BlockEditor :picture="top.picture" :turns="design.unitTurns" :colours="colours" @turned="quilt.change({ unitTurns: $event })" />
      <div class="space-y-3">
        <h2 class="panel-title">Cloth in the block</h2>
        <ClothChoice label="Print" :cloth-id="design.cloths.print" @chosen="quilt.change({ cloths: { ...design.cloths, print: $event } })" />
        <ClothChoice label="Background" :cloth-id="design.cloths.background" @chosen="quilt.change({ cloths: { ...design.cloths, background: $event } })" />
      </div>
    </section>

    <section class="wall flex min-h-80 items-center justify-center p-6" aria-label="The wall">
      <div class="h-[min(70vh,60rem)] w-full"><TopPicture :picture="top.picture" :colours="colours" :label="wallLabel" /></div>
    </section>

    <section class="space-y-5 p-4 md:col-span-2 xl:col-span-1" aria-label="How it is set">
      <TopSettings :top="top" :design="design" :problems="quilt.problems.value" @changed="quilt.change" />
      <ProblemNote :problems="top.notices" hint />
    </section>
  </div>
</template>

<style scoped>
.wall {
  background: #e2e5df radial-gradient(#c6cbc4 1px, transparent 1.5px) 0 0 / 20px 20px;
}
</style>
