<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { ProblemNote } from '@/shared'

export interface ClothLedgerProps {
  /** The chosen method, with what it does to each cloth. */
  method: Schemas['MethodView']
  /** "in" or "cm". */
  unitOfLength: string
  /** The colour of each part. */
  colours: Readonly<Record<string, string>>
}

defineProps<ClothLedgerProps>()
</script>

<template>
  <section aria-labelledby="ledger-title" class="space-y-4">
    <h2 id="ledger-title" class="panel-title">Cloth: needed, on the shelf, left over – {{ method.name }}</h2>
    <article v-for="cloth in method.cloths" :key="cloth.role" class="space-y-2 border-b border-line pb-4" :data-cloth="cloth.name">
      <h3 class="flex flex-wrap items-baseline gap-x-3 text-lg font-bold">
        <span class="size-4 self-center rounded-full border border-ink/40" :style="{ background: colours[cloth.role] }"></span>
        {{ cloth.name }}
        <span class="ml-auto">{{ cloth.needed }} squares cut {{ cloth.cutSize }} {{ unitOfLength }}</span>
        <span class="text-base font-normal text-soft">{{ cloth.available }} can be cut</span>
      </h3>
      <p v-if="!cloth.pieces.length" class="text-brick">None of it is on the shelf.</p>
      <div v-for="piece in cloth.pieces" :key="piece.piece">
        <p>
          {{ piece.piece }}:
          <strong>{{ piece.touched }} taken</strong> for {{ piece.cuts }} squares, <strong>{{ piece.untouched }} left whole</strong>
        </p>
        <p v-if="piece.leftovers.length" class="text-soft">left of those taken: {{ piece.leftovers.join('; ') }}</p>
      </div>
      <p v-if="cloth.shortBy" class="font-bold text-brick">short {{ cloth.shortBy }} squares cut {{ cloth.cutSize }} {{ unitOfLength }}</p>
      <p v-else class="font-bold text-leaf">enough</p>
      <ProblemNote :problems="cloth.warnings" hint />
    </article>
  </section>
</template>
