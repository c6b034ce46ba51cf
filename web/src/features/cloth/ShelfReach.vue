<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { call } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { spellCount, WaitNote } from '@/shared'

export interface ShelfReachProps {
  quiltId: string
  design: QuiltDesign
}

const props = defineProps<ShelfReachProps>()
const chosen = ref('')
const block = computed(
  () =>
    props.design.blocks.find((each) => each.key === chosen.value) ??
    props.design.blocks.find((each) => props.design.setting.blocks.includes(each.key)) ??
    props.design.blocks[0],
)
const asked = ref(false)
const { data: reach, error } = useQuery({
  queryKey: computed(() => ['quilt', props.quiltId, 'reach', block.value?.key]),
  queryFn: () =>
    call('GET', '/api/quilts/{id}/reach', { path: { id: props.quiltId }, query: { block: block.value!.key } }),
  enabled: computed(() => asked.value && !!block.value),
  retry: false,
})
</script>

<template>
  <section class="card space-y-3 p-4" aria-labelledby="reach-title">
    <h2 id="reach-title" class="text-lg font-bold">How many blocks can I make from this fabric?</h2>
    <p class="text-soft">
      This counts the fabrics of the block alone. You buy nothing, and there's no sashing and no border.
    </p>
    <label class="block">
      <span class="mb-1 block font-medium">With the block</span>
      <select v-model="chosen" class="field w-full">
        <option
          v-for="each in design.blocks"
          :key="each.key"
          :value="each.key === block?.key ? '' : each.key"
          :selected="each.key === block?.key"
        >
          {{ each.name }}
        </option>
      </select>
    </label>
    <button v-if="!asked" class="button button-main w-full" @click="asked = true">Work it out</button>
    <WaitNote v-else-if="!reach" what="how far it goes" :error="error" />
    <template v-else>
      <p class="text-xl font-bold" data-reach>
        {{ reach.blocks ? spellCount(reach.blocks, 'block', 'blocks') : 'Not one block' }}
      </p>
      <ul v-if="reach.layouts.length">
        <li v-for="layout in reach.layouts" :key="layout.across" class="border-b border-line py-1">
          <strong>{{ layout.across }} × {{ layout.down }}</strong
          >: {{ layout.finished
          }}<span v-if="layout.over" class="text-soft">, {{ spellCount(layout.over, 'block', 'blocks') }} over</span>
        </li>
      </ul>
      <p v-for="each in reach.runsOut" :key="each" class="rounded-lg bg-tape-pale p-2 first-letter:uppercase">
        {{ each }}.
      </p>
      <p v-for="each in reach.wholeBlocks" :key="each" class="first-letter:uppercase">{{ each }}.</p>
      <details v-if="reach.remains.length">
        <summary class="cursor-pointer font-medium underline decoration-dotted">What remains then</summary>
        <ul class="mt-2 space-y-1 text-sm">
          <li v-for="each in reach.remains" :key="each.name">
            <span
              class="mr-1 inline-block size-3 rounded-full border border-ink/40"
              :style="{ background: each.colour }"
            ></span
            ><strong>{{ each.name }}</strong
            >: {{ [...each.whole, ...each.leftovers.slice(0, 4)].join('; ') || 'nothing worth keeping' }}
          </li>
        </ul>
      </details>
    </template>
  </section>
</template>
