<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { PatchPicture } from '@/shared'

export interface SpareTrayProps {
  /** Blocks that are made beyond the top, as drawn. */
  spares: readonly Schemas['SpareBlockView'][]
  colours: readonly string[]
  /** Key of the block at the chosen place. */
  here: string | undefined
}

defineProps<SpareTrayProps>()
const emit = defineEmits<{ taken: [index: number] }>()

function drag(event: DragEvent, index: number) {
  event.dataTransfer?.setData('application/x-spare-block', String(index))
}
</script>

<template>
  <section v-if="spares.length" aria-labelledby="spares-title" class="space-y-2">
    <h2 id="spares-title" class="panel-title">Spare blocks</h2>
    <p class="text-sm text-soft">Drag one onto the wall, or choose a place and tap it: what lies there comes here.</p>
    <ul class="grid grid-cols-3 gap-2">
      <li v-for="(spare, i) in spares" :key="spare.index">
        <button
          class="card block w-full cursor-pointer p-1 disabled:opacity-50"
          draggable="true"
          :disabled="here !== spare.block"
          :data-spare="spare.index"
          :aria-label="`Swap spare ${spare.name} ${i + 1} in at the chosen place`"
          @dragstart="drag($event, spare.index)"
          @click="emit('taken', spare.index)"
        >
          <PatchPicture
            class="mx-auto h-12"
            :width="spare.shape.width"
            :height="spare.shape.height"
            :patches="spare.shape.patches"
            :colours="spare.cloths.map((cloth) => colours[cloth])"
          />
        </button>
      </li>
    </ul>
  </section>
</template>
