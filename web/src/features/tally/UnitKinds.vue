<script setup lang="ts">
import { computed } from 'vue'
import { PatchPicture } from '@/shared'
import type { Alike } from './alike'
import { waysInWords } from './alike'

export interface UnitKindsProps {
  kinds: readonly Alike[]
  colours: readonly string[]
  clothNames: readonly string[]
  unitOfLength: string
}

const props = defineProps<UnitKindsProps>()
const emit = defineEmits<{ opened: [kind: Alike]; pointed: [kind: Alike | undefined] }>()

const fabricsOf = (kind: Alike) =>
  kind.groups.length > 1
    ? `${kind.groups.length} combinations of fabrics`
    : [...new Set(kind.groups[0]!.cloths.map((cloth) => props.clothNames[cloth] ?? 'not dressed'))].join(', ')
const rows = computed(() =>
  props.kinds.map((kind) => ({
    kind,
    first: kind.groups[0]!,
    fabrics: fabricsOf(kind),
    ways: waysInWords(kind, props.unitOfLength),
  })),
)
</script>

<template>
  <ul class="divide-y divide-line">
    <li v-for="{ kind, first, fabrics, ways } in rows" :key="kind.key">
      <button
        class="flex w-full cursor-pointer items-center gap-3 rounded-lg py-2 text-left hover:bg-tape-pale"
        aria-haspopup="dialog"
        :data-kind="first.name"
        @click="emit('opened', kind)"
        @pointerenter="emit('pointed', kind)"
        @pointerleave="emit('pointed', undefined)"
        @focus="emit('pointed', kind)"
        @blur="emit('pointed', undefined)"
      >
        <PatchPicture
          class="size-12 shrink-0"
          :width="first.drawnWidth"
          :height="first.drawnHeight"
          :patches="first.patches"
          :colours="first.cloths.map((cloth) => colours[cloth])"
        />
        <span class="min-w-0 flex-1">
          <span class="block leading-5 font-bold first-letter:uppercase">{{ first.name }}</span>
          <span class="block text-sm text-soft">{{ first.finished }} {{ unitOfLength }} finished, {{ fabrics }}</span>
          <span class="block text-sm text-soft">{{ ways }}</span>
        </span>
        <strong class="text-xl">{{ kind.needed }}</strong>
      </button>
    </li>
  </ul>
</template>
