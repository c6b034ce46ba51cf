<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { call, type Schemas } from '@/api/client'
import { WaitNote } from '@/shared'

export interface StylePlansProps {
  quiltId: string
  clothKey: string
  /** The cloth's colour, for the drawing. */
  colour: string
}

const props = defineProps<StylePlansProps>()
const { data: plans, error } = useQuery({
  queryKey: computed(() => ['quilt', props.quiltId, 'cutting', props.clothKey]),
  queryFn: () => call<Schemas['YardageView']>('GET', `/api/quilts/${props.quiltId}/cloths/${encodeURIComponent(props.clothKey)}/cutting`),
  retry: false,
})
const shown = ref('tidy')
const style = computed(() => plans.value?.styles.find((each) => each.style === shown.value) ?? plans.value?.styles[0])
/** Strips one below the other, as they come off the cloth. */
const drawing = computed(() => {
  let y = 0
  const strips = (style.value?.strips ?? []).map((strip) => {
    const at = y
    y += strip.height + 1.5
    return { ...strip, y: at }
  })
  return { strips, height: Math.max(1, y - 1.5) }
})
</script>

<template>
  <WaitNote v-if="!plans || !style" what="the cutting plans; thrifty ones take a moment" :error="error" />
  <div v-else class="space-y-2 rounded-xl border border-line p-3">
    <h4 class="font-bold">From cloth {{ plans.width }} wide: how much trouble saves how much</h4>
    <div class="grid gap-2 sm:grid-cols-3">
      <button v-for="each in plans.styles" :key="each.style" class="card cursor-pointer p-2 text-left data-[chosen]:border-2 data-[chosen]:border-tape-deep data-[chosen]:bg-tape-pale" :data-chosen="style.style === each.style || undefined" :aria-pressed="style.style === each.style" :data-style="each.style" @click="shown = each.style">
        <span class="flex justify-between font-bold"><span>{{ each.style }}</span><span>{{ each.bought }}</span></span>
        <span class="block text-sm">{{ each.length }} in {{ each.layouts }} {{ each.layouts === 1 ? 'layout' : 'different layouts' }}</span>
        <span class="block text-sm text-soft">{{ each.meaning }}</span>
        <span class="block text-sm text-soft">{{ each.proof }}</span>
      </button>
    </div>
    <svg :viewBox="`0 0 ${plans.widthOfFabric + 9} ${drawing.height}`" class="w-full" role="img" :aria-label="`The strips, ${style.style}`">
      <g v-for="(strip, i) in drawing.strips" :key="i" :transform="`translate(0 ${strip.y})`">
        <rect :width="plans.widthOfFabric" :height="strip.height" fill="white" stroke="#8b959c" stroke-width="0.08" />
        <g v-for="(piece, j) in strip.pieces" :key="j">
          <rect :x="piece.x" :y="piece.y" :width="piece.width" :height="piece.height" :fill="colour" fill-opacity="0.45" stroke="#17202b" stroke-width="0.06" />
          <text v-if="piece.width > 2.2 && piece.height > 0.9" :x="piece.x + piece.width / 2" :y="piece.y + piece.height / 2" font-size="0.8" text-anchor="middle" dominant-baseline="middle" fill="#17202b">{{ piece.label }}</text>
        </g>
        <text :x="plans.widthOfFabric + 0.5" :y="strip.height / 2" font-size="1.1" dominant-baseline="middle" fill="#17202b">{{ strip.count }} × {{ strip.heightText }}</text>
      </g>
    </svg>
  </div>
</template>
