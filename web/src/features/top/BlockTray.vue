<script setup lang="ts">
import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { PatchPicture } from '@/shared'

export interface BlockTrayProps {
  design: QuiltDesign
  /** The quilt's blocks as drawn. */
  pictures: readonly Schemas['BlockPictureView'][]
  colours: readonly string[]
  /** Key of the block at the chosen place. */
  here: string | undefined
}

defineProps<BlockTrayProps>()
const emit = defineEmits<{ chosen: [blockKey: string]; opened: [blockKey: string]; added: []; fromShelf: [] }>()
</script>

<template>
  <section aria-labelledby="blocks-title" class="space-y-2">
    <h2 id="blocks-title" class="panel-title">Blocks of this quilt</h2>
    <ul class="grid grid-cols-2 gap-2">
      <li
        v-for="block in pictures"
        :key="block.key"
        class="card p-2 data-[here]:border-2 data-[here]:border-tape-deep"
        :data-here="here === block.key || undefined"
        :data-block="block.name"
      >
        <button
          class="block w-full cursor-pointer"
          :aria-label="`Put ${block.name} at the chosen place`"
          @click="emit('chosen', block.key)"
        >
          <PatchPicture
            class="mx-auto h-16"
            :width="block.shape.width"
            :height="block.shape.height"
            :patches="block.shape.patches"
            :colours="block.cloths.map((cloth) => colours[cloth])"
          />
        </button>
        <p class="truncate text-sm font-medium" :title="block.name">{{ block.name }}</p>
        <button
          class="button min-h-8 w-full text-sm"
          :aria-label="`Build ${block.name}`"
          @click="emit('opened', block.key)"
        >
          Build
        </button>
      </li>
    </ul>
    <div class="grid grid-cols-2 gap-2">
      <button class="button px-2" @click="emit('added')">New block</button>
      <button class="button px-2" @click="emit('fromShelf')">From a shelf</button>
    </div>
  </section>
</template>
