<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Schemas } from '@/api/client'

export interface TopPictureProps {
  /** The top's shapes, figures and parts; drawn as they come from the server. */
  picture: Schemas['TopPictureView']
  /** The colour of each cloth of the quilt, in order. */
  colours: readonly string[]
  /** Parts to light up, by their places in the picture. */
  lit?: readonly number[]
  /** What the picture shows, for those who do not see it; none where another element says it. */
  label?: string
}

const props = defineProps<TopPictureProps>()
const pictureId = useId()

/** Stands for what is not dressed. */
const NOT_DRESSED = '#d3d8d2'

/** One path a cloth and figure: far fewer elements than one a patch. */
const figures = computed(() =>
  props.picture.figures.map((figure) => {
    const shape = props.picture.shapes[figure.shape]!
    const byCloth = new Map<number, string>()
    let seams = ''
    figure.cloths.forEach((cloth, i) => {
      const outline = `M${shape.patches[i]!.replaceAll(' ', 'L')}Z`
      byCloth.set(cloth, (byCloth.get(cloth) ?? '') + outline)
      seams += outline
    })
    return { paths: [...byCloth].map(([cloth, d]) => ({ cloth, d })), seams }
  }),
)
const seamWidth = computed(() => Math.max(props.picture.width, props.picture.height) / 1400)
const fill = (cloth: number) => (cloth === -2 ? `url(#${pictureId}-blank)` : (props.colours[cloth] ?? NOT_DRESSED))
const litParts = computed(() => (props.lit ?? []).map((part) => props.picture.parts[part]!).filter(Boolean))
const box = (figure: number) => props.picture.shapes[props.picture.figures[figure]!.shape]!
</script>

<template>
  <svg
    :viewBox="`0 0 ${picture.width} ${picture.height}`"
    :role="label ? 'img' : undefined"
    :aria-label="label"
    :aria-hidden="label ? undefined : true"
    class="h-full w-full"
  >
    <defs>
      <pattern
        :id="`${pictureId}-blank`"
        width="1"
        height="1"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="1" height="1" fill="#fdebe6" />
        <rect width="0.35" height="1" fill="#e08d80" />
      </pattern>
      <g v-for="(figure, i) in figures" :id="`${pictureId}-${i}`" :key="i">
        <path v-for="path in figure.paths" :key="path.cloth" :d="path.d" :fill="fill(path.cloth)" />
        <path :d="figure.seams" fill="none" stroke="#17202b" stroke-opacity="0.3" :stroke-width="seamWidth" />
      </g>
    </defs>
    <use
      v-for="(part, i) in picture.parts"
      :key="part.id"
      :href="`#${pictureId}-${part.figure}`"
      :transform="`matrix(${part.transform})`"
      :data-part="i"
    />
    <g v-for="part in litParts" :key="part.id" :transform="`matrix(${part.transform})`" pointer-events="none">
      <rect
        :width="box(part.figure).width"
        :height="box(part.figure).height"
        fill="none"
        stroke="#ffcf3f"
        data-lit
        :stroke-width="seamWidth * 7"
      />
      <rect
        :width="box(part.figure).width"
        :height="box(part.figure).height"
        fill="none"
        stroke="#17202b"
        :stroke-width="seamWidth * 3"
      />
    </g>
    <slot />
  </svg>
</template>
