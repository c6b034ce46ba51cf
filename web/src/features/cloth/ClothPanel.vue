<script setup lang="ts">
import { computed, ref } from 'vue'
import { call, type Problem, problemsOf, type Schemas, sendFile } from '@/api/client'
import { PrintChoice, PrintSwatch } from '@/features/prints'
import { ProblemNote, vShows } from '@/shared'
import ShelfLine from './ShelfLine.vue'

type Cloth = Schemas['ShelfClothView']

export interface ClothPanelProps {
  cloth: Cloth
}

const props = defineProps<ClothPanelProps>()
const emit = defineEmits<{ changed: []; removed: [line: Schemas['ShelfLineView']] }>()

const open = ref(false)
const problems = ref<Problem[]>([])
/** A photograph under the same address is another one after each upload. */
const photoAt = ref(0)

async function attempt(work: () => Promise<unknown>) {
  try {
    await work()
    problems.value = []
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
  emit('changed')
}
function change(part: Partial<Schemas['ClothFacts']>) {
  const { colour, lightness, directional, kind, price, guessed, print } = props.cloth
  return attempt(() =>
    call('PUT', '/api/shelf/cloths/{id}', {
      path: { id: props.cloth.id },
      query: { version: props.cloth.version },
      body: { colour, lightness, directional, kind, price, guessed, print, ...part },
    }),
  )
}
async function photograph(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) await attempt(() => sendFile('PUT', '/api/shelf/cloths/{id}/photo', { path: { id: props.cloth.id } }, file))
  photoAt.value++
  input.value = ''
}
const text = (event: Event) => (event.target as HTMLInputElement).value.trim()
const facts = computed(() =>
  [
    { of: 'Value', is: props.cloth.value },
    { of: 'Kind', is: props.cloth.kind },
    { of: 'Direction', is: props.cloth.directional ? 'has an up and a down' : '' },
    { of: 'Price', is: props.cloth.price },
    { of: 'Pack', is: props.cloth.pack },
  ].filter((fact) => fact.is),
)
</script>

<template>
  <section class="space-y-3" :aria-label="cloth.name" :data-cloth="cloth.name">
    <span class="block h-32 overflow-hidden rounded-xl border border-[#8b959c]">
      <img
        v-if="cloth.photographed"
        class="size-full object-cover"
        :src="`/api/shelf/cloths/${cloth.id}/photo?${photoAt}`"
        :alt="`Photograph of ${cloth.name}`"
      />
      <PrintSwatch v-else class="size-full" :colour="cloth.colour" :print="cloth.print" />
    </span>
    <h2 class="text-xl font-bold">{{ cloth.name }}</h2>
    <p v-if="cloth.guessed" class="text-sm" data-guessed>
      You haven't picked its colour yet. This swatch only tells it from the others.
      <button class="cursor-pointer underline" @click="open = true">Pick or photograph it</button>, or
      <button
        class="cursor-pointer underline"
        :aria-label="`It is right as it is: the swatch of ${cloth.name}`"
        @click="change({ guessed: false })"
      >
        it is right as it is</button
      >.
    </p>
    <h3 class="font-bold">On the shelf</h3>
    <ul>
      <ShelfLine
        v-for="line in cloth.lines"
        :key="line.id"
        :line="line"
        :name="cloth.name"
        @corrected="emit('changed')"
        @removed="emit('removed', line)"
      />
    </ul>
    <dl class="divide-y divide-line border-y border-line">
      <div v-for="fact in facts" :key="fact.of" class="flex justify-between gap-3 py-2">
        <dt>{{ fact.of }}</dt>
        <dd class="text-right font-medium">{{ fact.is }}</dd>
      </div>
    </dl>
    <ProblemNote :problems="problems" />
    <button class="button w-full" :aria-expanded="open" @click="open = !open">
      {{ open ? 'Done' : 'Colour, print, photograph, price' }}<span class="sr-only"> of {{ cloth.name }}</span>
    </button>
    <fieldset v-if="open" class="grid gap-3 rounded-xl bg-paper p-3">
      <legend class="sr-only">About {{ cloth.name }}</legend>
      <label class="block">
        <span class="mb-1 block font-medium">Swatch, picked</span>
        <input
          type="color"
          class="h-11 w-full cursor-pointer rounded border border-line"
          :value="cloth.colour"
          :aria-label="`Colour of ${cloth.name}`"
          @change="change({ colour: text($event), guessed: false })"
        />
      </label>
      <PrintChoice
        :name="cloth.name"
        :colour="cloth.colour"
        :chosen="cloth.print"
        @chosen="change({ print: $event })"
      />
      <div>
        <label class="block">
          <span class="mb-1 block font-medium">Swatch from a photograph</span>
          <input
            type="file"
            accept="image/png,image/jpeg"
            class="field w-full"
            :aria-label="`Photograph of ${cloth.name}`"
            @change="photograph"
          />
        </label>
        <button
          v-if="cloth.photographed"
          class="mt-1 cursor-pointer underline"
          @click="attempt(() => call('DELETE', '/api/shelf/cloths/{id}/photo', { path: { id: cloth.id } }))"
        >
          Remove the photograph
        </button>
      </div>
      <label class="block">
        <span class="mb-1 block font-medium">Lightness, overruled</span>
        <input
          class="field w-full"
          inputmode="decimal"
          placeholder="0 dark – 100 light. Empty: as the swatch"
          v-shows="cloth.lightness"
          @change="change({ lightness: text($event) })"
        />
      </label>
      <label class="block">
        <span class="mb-1 block font-medium">Kind</span>
        <input
          class="field w-full"
          placeholder="cotton, linen, wide backing …"
          maxlength="60"
          v-shows="cloth.kind"
          @change="change({ kind: text($event) })"
        />
      </label>
      <label class="block">
        <span class="mb-1 block font-medium">Price</span>
        <input
          class="field w-full"
          placeholder="12.50 a yard, 14 a metre, 4 each"
          maxlength="40"
          v-shows="cloth.price"
          @change="change({ price: text($event) })"
        />
      </label>
      <label class="flex min-h-11 items-center gap-2 self-end">
        <input
          type="checkbox"
          class="size-5"
          :checked="cloth.directional"
          @change="change({ directional: ($event.target as HTMLInputElement).checked })"
        />
        The print has an up and a down: never cut turned
      </label>
    </fieldset>
  </section>
</template>
