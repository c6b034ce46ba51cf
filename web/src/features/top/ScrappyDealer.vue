<script setup lang="ts">
import { computed, ref } from 'vue'
import { call, type Problem, problemsOf } from '@/api/client'
import { type QuiltDesign, useOpenQuilt } from '@/features/quilts'
import { ProblemNote, spellCount } from '@/shared'

export interface ScrappyDealerProps {
  design: QuiltDesign
}

const props = defineProps<ScrappyDealerProps>()
const emit = defineEmits<{ placeWanted: [pack: string, standsFor: 'ANY_PRINT' | 'LIGHT_PRINT' | 'DARK_PRINT'] }>()

const quilt = useOpenQuilt()
const packs = computed(() => [...new Set(props.design.cloths.map((cloth) => cloth.pack).filter(Boolean))])
const places = computed(() => props.design.cloths.filter((cloth) => cloth.standsFor !== 'ITSELF'))
const problems = ref<Problem[]>([])
const said = ref('')
const dealing = ref(false)

async function deal() {
  dealing.value = true
  try {
    await quilt.changeBy(async (version) => {
      const dealt = await call('POST', '/api/quilts/{id}/deal', {
        path: { id: quilt.id.value! },
        body: { version, seed: Math.floor(Math.random() * 1_000_000) },
      })
      said.value = [
        `Each print is dealt ${dealt.leastUsed === dealt.mostUsed ? dealt.mostUsed : `${dealt.leastUsed} to ${dealt.mostUsed}`} times.`,
        dealt.neighbours
          ? `${spellCount(dealt.neighbours, 'pair of neighbours shares', 'pairs of neighbours share')} a print.`
          : 'No neighbours share a print.',
        dealt.closePairs
          ? `${spellCount(dealt.closePairs, 'pair of cloths in a unit is', 'pairs of cloths in units are')} close in value: see Judging.`
          : '',
        dealt.leftOut.length
          ? `Not dealt: ${dealt.leftOut.map((each) => `${each.print} (${each.why})`).join(', ')}.`
          : '',
      ].join(' ')
      return dealt.quilt
    })
    problems.value = []
  } catch (thrown) {
    problems.value = problemsOf(thrown)
    said.value = ''
  }
  dealing.value = false
}
</script>

<template>
  <section v-if="packs.length" class="space-y-2 rounded-xl border border-line bg-white p-2" aria-label="Scrappy places">
    <h3 class="font-bold">Scrappy places</h3>
    <div v-for="pack in packs" :key="pack" class="flex flex-wrap gap-1">
      <span class="w-full text-sm text-soft">Of the pack {{ pack }}, take in hand</span>
      <button class="button min-h-9 flex-1 px-2" @click="emit('placeWanted', pack, 'ANY_PRINT')">any print</button>
      <button class="button min-h-9 flex-1 px-2" @click="emit('placeWanted', pack, 'LIGHT_PRINT')">a light</button>
      <button class="button min-h-9 flex-1 px-2" @click="emit('placeWanted', pack, 'DARK_PRINT')">a dark</button>
    </div>
    <button v-if="places.length" class="button button-main w-full" :disabled="dealing" @click="deal">
      {{ dealing ? 'Dealing …' : said ? 'Deal again' : 'Deal the prints' }}
    </button>
    <p v-if="said" role="status" class="text-sm">
      {{ said }} A block can be corrected by hand: choose it and exchange its cloth.
    </p>
    <ProblemNote :problems="problems" />
  </section>
</template>
