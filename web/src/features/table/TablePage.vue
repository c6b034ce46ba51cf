<script setup lang="ts">
import { computed, nextTick, onMounted, onUnmounted, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import { useTaps } from '@/features/bench'
import { useOpenQuilt } from '@/features/quilts'
import { ProblemNote, spellCount } from '@/shared'
import { AlongNote } from '@/features/sew'
import { type Told, toldByKey } from './hands'
import TableCut from './TableCut.vue'
import TableSew from './TableSew.vue'
import { useAwake } from './useAwake'
import { useVoice } from './useVoice'

const route = useRoute()
const quilt = useOpenQuilt()
const taps = useTaps(() => quilt.id.value!)
const awake = useAwake()
const card = useTemplateRef<{ tell: (told: Told) => void }>('card')
const page = useTemplateRef<HTMLElement>('page')
const cutting = computed(() => route.path.endsWith('/cut'))
const station = computed(() => (cutting.value ? 'cut' : 'sew'))
const tell = (told: Told) => card.value?.tell(told)
const { can: canListen, listening, heard, trouble, toggle } = useVoice(tell)

/** In a field keys type, and on a button or link Enter and the space bar press it. */
function isForWhatHasTheFocus(event: KeyboardEvent) {
  const target = event.target instanceof HTMLElement ? event.target : undefined
  const pressed = event.key === ' ' || event.key === 'Enter'
  return !!target?.closest(pressed ? 'input, textarea, select, button, a' : 'input, textarea, select')
}
/** A held key counts once. */
function onKey(event: KeyboardEvent) {
  const told = toldByKey(event.key)
  const withOthers = event.repeat || event.ctrlKey || event.metaKey || event.altKey
  if (!told || withOthers || isForWhatHasTheFocus(event)) return
  event.preventDefault()
  tell(told)
}
onMounted(() => {
  window.addEventListener('keydown', onKey)
  void nextTick(() => page.value?.focus())
})
onUnmounted(() => window.removeEventListener('keydown', onKey))
</script>

<template>
  <div ref="page" tabindex="-1" class="flex min-h-dvh flex-col bg-white outline-none" data-table>
    <header class="flex flex-wrap items-center gap-2 border-b border-line bg-tape px-3 py-2">
      <RouterLink class="button" :to="`/quilts/${quilt.id.value}/${station}`">Leave the table</RouterLink>
      <RouterLink v-if="cutting" class="button" :to="`/quilts/${quilt.id.value}/table/sew`">To sewing</RouterLink>
      <RouterLink v-else class="button" :to="`/quilts/${quilt.id.value}/table/cut`">To cutting</RouterLink>
      <strong class="min-w-0 flex-1 truncate text-lg">{{ quilt.name.value }}</strong>
      <span class="text-base" data-awake>{{
        awake ? 'The screen stays on.' : 'The screen may go dark: this browser does not keep it on.'
      }}</span>
      <button v-if="canListen" class="button" :aria-pressed="listening" @click="toggle">
        {{ listening ? 'Listening: stop' : 'Listen to me' }}
      </button>
    </header>
    <p v-if="listening" class="bg-tape-pale px-4 py-2" role="status">
      Say “done”, “back”, “next”, “made fourteen”, “spoiled two”. {{ heard }}
      <span class="text-soft">Your browser may send what it hears to its maker. It stops when you leave.</span>
    </p>
    <p v-if="trouble" role="alert" class="bg-brick-pale px-4 py-2">{{ trouble }}</p>
    <p v-if="taps.stuck.value && taps.waiting.value.length" role="alert" class="bg-brick-pale px-4 py-2">
      {{ spellCount(taps.waiting.value.length, 'tap waits', 'taps wait') }} in this browser, since Golden Tally does not
      answer just now. They are sent by themselves once it answers at this address. Go on.
    </p>
    <ProblemNote :problems="taps.problems.value" />
    <AlongNote class="px-4 pt-2" />
    <TableCut v-if="cutting" ref="card" :quilt-id="quilt.id.value!" />
    <TableSew v-else ref="card" :quilt-id="quilt.id.value!" />
  </div>
</template>
