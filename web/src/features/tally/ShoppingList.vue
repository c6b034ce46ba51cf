<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { call } from '@/api/client'
import { WaitNote } from '@/shared'

export interface ShoppingListProps {
  quiltId: string
}

const props = defineProps<ShoppingListProps>()
const { data: list, error } = useQuery({
  queryKey: computed(() => ['quilt', props.quiltId, 'shopping']),
  queryFn: () => call('GET', '/api/quilts/{id}/shopping', { path: { id: props.quiltId } }),
  placeholderData: (before) => before,
  retry: false,
})
</script>

<template>
  <section aria-labelledby="shopping-title" class="space-y-2">
    <h2 id="shopping-title" class="panel-title">Shopping list</h2>
    <WaitNote v-if="!list" what="the shopping list" :error="error" />
    <template v-else>
      <p v-for="pack in list.packs" :key="pack.buy" class="rounded-lg bg-tape-pale p-2" data-pack>
        <strong>{{ pack.buy[0]!.toUpperCase() + pack.buy.slice(1) }}</strong><template v-if="pack.cost"
          >: {{ pack.cost }}</template
        >, {{ pack.instead }}<strong v-if="pack.cheaper">; it costs less</strong>.
      </p>
      <table class="w-full text-left">
        <tbody>
          <tr v-for="row in list.rows" :key="row.what" class="border-b border-line align-top">
            <th scope="row" class="py-1 pr-2 font-medium">
              <span
                v-if="row.colour"
                class="mr-1 inline-block size-3 rounded-full border border-ink/40"
                :style="{ background: row.colour }"
              ></span
              >{{ row.what }}
              <span class="block text-sm font-normal text-soft">{{
                [row.width, row.price].filter(Boolean).join(', ')
              }}</span>
              <span v-for="way in row.ways" :key="way.buy" class="block text-sm font-normal" data-way>
                or {{ way.buy }}<template v-if="way.cost">: {{ way.cost }}</template
                ><strong v-if="way.cheaper">, costs less</strong>
              </span>
            </th>
            <td class="py-1 text-right font-bold">
              {{ row.buy }}<span v-if="row.cost" class="block text-sm font-normal">{{ row.cost }}</span>
            </td>
          </tr>
        </tbody>
        <tfoot v-if="list.total">
          <tr>
            <th scope="row" class="py-1">Total of what has a price</th>
            <td class="py-1 text-right font-bold" data-total>{{ list.total }}</td>
          </tr>
        </tfoot>
      </table>
      <div class="flex gap-2">
        <a
          class="button inline-flex flex-1 items-center justify-center"
          :href="`/api/quilts/${quiltId}/shopping.pdf`"
          target="_blank"
          rel="noopener"
          >Print</a
        >
        <a
          class="button inline-flex flex-1 items-center justify-center"
          :href="`/api/quilts/${quiltId}/shopping.csv`"
          download="shopping.csv"
          >CSV file</a
        >
      </div>
    </template>
  </section>
</template>
