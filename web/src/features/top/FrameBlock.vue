<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { ProblemNote } from '@/shared'
import ClothSelect from './ClothSelect.vue'
import { type Block, freeKey } from './edit/blocks'
import LengthField from './LengthField.vue'

export interface FrameBlockProps {
  design: QuiltDesign
  block: Block
  /** The finished size of the places, as the wall says it. */
  place: Schemas['SizeView'] | undefined
  unitOfLength: string
}

const props = defineProps<FrameBlockProps>()
const emit = defineEmits<{ framed: [block: Block] }>()

const PLACE = 'Own size, finished'
const own = ref('')
const cloth = ref('')
const problems = ref<Problem[]>([])
const titleId = useId()
const size = computed(() =>
  props.place ? `${props.place.finishedWidth} × ${props.place.finishedHeight} ${props.unitOfLength}` : '',
)

async function frame() {
  if (!props.place) return
  try {
    const framed = await call('POST', '/api/blocks/framed', {
      body: {
        key: freeKey(props.design, `${props.block.key}-framed`.slice(-50)),
        block: props.block,
        system: props.design.system,
        placeWidth: props.place.finishedWidth,
        placeHeight: props.place.finishedHeight,
        own: own.value,
        cloth: cloth.value,
      },
    })
    problems.value = []
    emit('framed', framed)
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}
</script>

<template>
  <details v-if="place" class="card p-2" data-frame>
    <summary :id="titleId" class="min-h-9 cursor-pointer py-1">Smaller than its place? Frame it</summary>
    <form class="mt-2 space-y-2" :aria-labelledby="titleId" @submit.prevent="frame">
      <p class="text-soft">
        The places of this quilt finish {{ size }}. A block of its own size gets strips all round that make up the rest.
      </p>
      <LengthField
        :label="`Its own width, finished ${unitOfLength}`"
        :value="own"
        :problems="problems"
        :place="PLACE"
        @typed="own = $event"
      />
      <ProblemNote :problems="problems" hint />
      <ClothSelect label="Fabric of the frame" :cloths="design.cloths" :value="cloth" @chosen="cloth = $event" />
      <button class="button w-full">Make the framed block</button>
    </form>
  </details>
</template>
