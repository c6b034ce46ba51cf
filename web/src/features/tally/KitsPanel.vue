<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { call, type Schemas } from '@/api/client'
import { useOpenQuilt, type QuiltDesign } from '@/features/quilts'
import { spellCount, WaitNote } from '@/shared'
import { type ColourwayRow, exchanged, rowsOf, typedFor } from './colourways'

type Kit = Schemas['KitDesign']

export interface KitsPanelProps {
  quiltId: string
  design: QuiltDesign
}

const MOST_KITS = 500

const props = defineProps<KitsPanelProps>()
const quilt = useOpenQuilt()
const kits = computed<Kit[]>(() => props.design.plan.kits ?? [])
/** A place for any print of a pack is no cloth itself. */
const cloths = computed(() => props.design.cloths.filter((cloth) => cloth.standsFor === 'ITSELF'))
const rows = computed(() => rowsOf(cloths.value))
const many = computed(() => kits.value.length > 0)
const said = ref('')

const { data: view, error } = useQuery({
  queryKey: computed(() => ['quilt', props.quiltId, 'kits']),
  queryFn: () => call('GET', '/api/quilts/{id}/kits', { path: { id: props.quiltId } }),
  enabled: many,
  placeholderData: (before) => before,
  retry: false,
})

function keep(next: Kit[]) {
  quilt.change({ plan: { ...props.design.plan, kits: next } })
}

/** What was typed as a number of kits; nothing where it is none, which is said. */
function read(typed: string): number | undefined {
  const count = Number(typed.trim())
  const right = Number.isInteger(count) && count >= 1 && count <= MOST_KITS
  said.value = right ? '' : `“${typed}” isn’t a number of kits. Type a whole number from 1 to ${MOST_KITS}.`
  return right ? count : undefined
}

function makeFor(typed: string) {
  if (!typed.trim()) {
    said.value = ''
    return keep([])
  }
  const count = read(typed)
  if (count !== undefined) keep([{ ...(kits.value[0] ?? { name: '', cloths: [] }), count }, ...kits.value.slice(1)])
}
function countOf(at: number, typed: string) {
  const count = read(typed)
  if (count !== undefined) change(at, { count })
}
function change(at: number, part: Partial<Kit>) {
  keep(kits.value.map((kit, i) => (i === at ? { ...kit, ...part } : kit)))
}
function exchange(at: number, row: ColourwayRow, to: string) {
  change(at, { cloths: exchanged(kits.value[at]!.cloths, row, to) })
}
const another = () => keep([...kits.value, { name: `colourway ${kits.value.length + 1}`, count: 1, cloths: [] }])
const value = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <section class="space-y-3" aria-labelledby="kits-title" data-kits>
    <h2 id="kits-title" class="panel-title">Make for many</h2>
    <label class="flex items-center gap-2">
      <span class="flex-1 leading-5"
        >Make it for<span class="block text-sm text-soft"
          >kits for a class or a shop. Empty: this quilt alone</span
        ></span
      >
      <input
        class="field w-24"
        inputmode="numeric"
        aria-label="Make it for how many"
        :value="kits[0]?.count ?? ''"
        @change="makeFor(value($event))"
      />
    </label>
    <p v-if="said" role="alert" class="rounded-lg bg-brick-pale p-2">{{ said }}</p>
    <template v-if="many">
      <details :open="kits.length > 1">
        <summary class="cursor-pointer font-medium underline decoration-dotted">
          In other fabrics ({{ spellCount(kits.length, 'colourway', 'colourways') }})
        </summary>
        <div v-for="(kit, at) in kits" :key="at" class="card mt-2 space-y-2 p-3">
          <div class="flex flex-wrap gap-2">
            <input
              class="field min-w-32 flex-1"
              :value="kit.name"
              maxlength="80"
              placeholder="as designed"
              :aria-label="`Name of colourway ${at + 1}`"
              @change="change(at, { name: value($event).trim() })"
            />
            <input
              class="field w-20"
              inputmode="numeric"
              :value="kit.count"
              :aria-label="`Kits in colourway ${at + 1}`"
              @change="countOf(at, value($event))"
            />
            <button
              v-if="at"
              class="button"
              :aria-label="`Leave out colourway ${at + 1}`"
              @click="keep(kits.filter((_, i) => i !== at))"
            >
              Leave out
            </button>
          </div>
          <label v-for="row in rows" :key="row.key" class="flex items-center gap-2">
            <span
              class="flex size-5 flex-none overflow-hidden border border-line"
              :title="row.prints.map((print) => print.name).join(', ')"
            >
              <span
                v-for="print in row.prints"
                :key="print.key"
                class="flex-1"
                :style="{ background: print.colour }"
              ></span>
            </span>
            <span class="min-w-0 flex-1 truncate"
              >{{ row.name
              }}<span v-if="row.prints.length > 1" class="block text-sm text-soft"
                >{{ row.prints.length }} prints</span
              ></span
            >
            <input
              class="field w-36"
              :value="typedFor(kit.cloths, row)"
              :placeholder="row.prints.length > 1 ? 'another pack' : row.name"
              :aria-label="`Colourway ${at + 1}: instead of ${row.name}`"
              maxlength="200"
              @change="exchange(at, row, value($event))"
            />
          </label>
        </div>
        <button class="button mt-2" @click="another">Another colourway</button>
      </details>
      <WaitNote v-if="!view" what="the kits" :error="error" />
      <template v-else>
        <h3 class="font-bold">To buy for {{ spellCount(view.count, 'kit', 'kits') }}, cut together</h3>
        <table class="w-full text-left">
          <tbody>
            <tr v-for="row in view.rows" :key="row.what" class="border-b border-line align-top">
              <th scope="row" class="py-1 pr-2 font-medium">
                <span
                  v-if="row.colour"
                  class="mr-1 inline-block size-3 rounded-full border border-ink/40"
                  :style="{ background: row.colour }"
                ></span
                >{{ row.what }}
              </th>
              <td class="py-1 text-right font-bold">
                {{ row.buy }}<span v-if="row.cost" class="block text-sm font-normal">{{ row.cost }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="view.total">
          In all {{ view.total }}, <strong>{{ view.perKit }} a kit</strong>, for what has a price.
        </p>
        <p v-if="view.notCounted.length" class="rounded-lg bg-tape-pale p-2">
          Not counted: {{ view.notCounted.join('; ') }}.
        </p>
        <p v-if="view.saved">Cut together they take {{ view.saved }} less fabric than kit by kit.</p>
        <details v-for="(kit, at) in view.kits" :key="at">
          <summary class="cursor-pointer underline decoration-dotted">
            What goes into {{ kit.name ? `a kit of ${kit.name}` : 'each kit' }}
          </summary>
          <ul class="mt-1">
            <li v-for="heap in kit.heaps" :key="heap.cloth + heap.size + heap.use" class="border-b border-line py-1">
              {{ heap.count }} {{ heap.piece }}{{ heap.count === 1 ? '' : 's' }} of {{ heap.cloth }}, cut {{ heap.size
              }}<span class="block text-sm text-soft">{{ heap.use }}</span>
            </li>
          </ul>
        </details>
        <a class="button" :href="`/api/quilts/${quiltId}/kits.pdf`" target="_blank">Print the kits with their labels</a>
      </template>
    </template>
  </section>
</template>
