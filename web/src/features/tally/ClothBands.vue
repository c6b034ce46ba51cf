<script setup lang="ts">
import { computed, onMounted, onUnmounted, ref, useTemplateRef } from 'vue'
import { labelsPlaced } from './bandLabels'
import type { Ledger } from './queries'

export interface ClothBandsProps {
  bands: Ledger['bands']
  colour: string
  /** The uses that are pointed at. */
  lit: readonly string[] | undefined
}

const props = defineProps<ClothBandsProps>()
const emit = defineEmits<{ pointed: [uses: readonly string[] | undefined] }>()

const ROW = 22
const bar = useTemplateRef<HTMLElement>('bar')
const width = ref(0)
const pen = document.createElement('canvas').getContext('2d')
function measure(label: string) {
  if (!pen) return label.length * 8
  pen.font = `15px ${getComputedStyle(document.body).fontFamily}`
  return Math.ceil(pen.measureText(label).width) + 2
}
const placed = computed(() => (width.value ? labelsPlaced(props.bands, width.value, measure) : []))
const outside = computed(() =>
  placed.value.flatMap((each, i) => (each.inside ? [] : [{ ...each, label: props.bands[i]!.label }])),
)
const rows = computed(() => Math.max(0, ...outside.value.map((each) => each.row + 1)))

const watcher = new ResizeObserver(([entry]) => (width.value = entry!.contentRect.width))
onMounted(() => watcher.observe(bar.value!))
onUnmounted(() => watcher.disconnect())
</script>

<template>
  <div class="relative" :style="{ paddingBottom: rows ? `${rows * ROW + 4}px` : '0' }">
    <div ref="bar" class="flex h-9 overflow-hidden rounded outline outline-[#8b959c]">
      <div
        v-for="(band, i) in bands"
        :key="i"
        class="band overflow-hidden border-r border-white text-center text-[15px] leading-9 whitespace-nowrap"
        :data-what="band.what"
        :data-lit="band.uses.some((use) => lit?.includes(use)) || undefined"
        :style="{ width: `${band.percent}%`, '--cloth': colour }"
        :title="`${band.label}: ${band.percent.toFixed(0)} %`"
        @pointerenter="emit('pointed', band.uses.length ? band.uses : undefined)"
        @pointerleave="emit('pointed', undefined)"
      >
        <span v-if="placed[i]?.inside" class="rounded bg-white/85 px-1">{{ band.label }}</span>
      </div>
    </div>
    <template v-for="(each, i) in outside" :key="i">
      <span
        class="absolute w-px bg-soft"
        aria-hidden="true"
        :style="{ left: `${each.middle}px`, top: '2.25rem', height: `${each.row * ROW + 4}px` }"
      ></span>
      <span
        class="absolute z-10 bg-white text-[15px] whitespace-nowrap"
        data-moved-out
        :style="{ left: `${each.left}px`, top: `calc(2.25rem + ${each.row * ROW + 3}px)`, lineHeight: `${ROW}px` }"
        >{{ each.label }}</span
      >
    </template>
  </div>
</template>

<style scoped>
.band {
  background: var(--cloth);
}
.band[data-what='left'] {
  background: color-mix(in srgb, var(--cloth) 30%, white);
}
.band[data-what='trimmed'] {
  background: repeating-linear-gradient(90deg, #c9cfca 0 3px, #eef0ec 3px 6px);
}
.band[data-what='missing'] {
  background: repeating-linear-gradient(135deg, #fdebe6 0 6px, #e08d80 6px 9px);
}
.band[data-lit] {
  box-shadow: inset 0 0 0 3px #8a5a00;
}
</style>
