<script setup lang="ts">
import { ref } from 'vue'
import { call, type Problem, problemsOf, type Schemas, sendFile } from '@/api/client'
import { ProblemNote, vShows } from '@/shared'
import ShelfLine from './ShelfLine.vue'

type Cloth = Schemas['ShelfClothView']

export interface ClothCardProps {
  cloth: Cloth
}

const props = defineProps<ClothCardProps>()
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
  const { colour, lightness, directional, kind, price, guessed } = props.cloth
  return attempt(() =>
    call('PUT', '/api/shelf/cloths/{id}', {
      path: { id: props.cloth.id },
      query: { version: props.cloth.version },
      body: { colour, lightness, directional, kind, price, guessed, ...part },
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
const summary = (cloth: Cloth) =>
  [
    cloth.value,
    cloth.kind,
    cloth.directional ? 'directional print' : '',
    cloth.price,
    cloth.pack ? `of the pack ${cloth.pack}` : '',
  ]
    .filter(Boolean)
    .join(' · ')
</script>

<template>
  <li class="card p-4" :data-cloth="cloth.name">
    <div class="flex gap-4">
      <span
        class="mt-1 block size-12 shrink-0 overflow-hidden rounded-full border border-[#8b959c]"
        :style="{ background: cloth.colour }"
      >
        <img
          v-if="cloth.photographed"
          class="size-full object-cover"
          :src="`/api/shelf/cloths/${cloth.id}/photo?${photoAt}`"
          :alt="`Photograph of ${cloth.name}`"
        />
      </span>
      <div class="min-w-0 flex-1">
        <div class="flex items-start justify-between gap-2">
          <div>
            <h2 class="text-lg font-bold">{{ cloth.name }}</h2>
            <p class="text-sm text-soft">{{ summary(cloth) }}</p>
          </div>
          <button class="button" :aria-expanded="open" :aria-label="`More about ${cloth.name}`" @click="open = !open">
            {{ open ? 'Close' : 'More' }}
          </button>
        </div>
        <p v-if="cloth.guessed" class="mt-1 text-sm" data-guessed>
          You haven't picked its colour yet. This swatch only tells it from the others.
          <button class="cursor-pointer underline" @click="open = true">Pick or photograph it</button>, or
          <button
            class="cursor-pointer underline"
            :aria-label="`The swatch of ${cloth.name} is right as it is`"
            @click="change({ guessed: false })"
          >
            it is right as it is</button
          >.
        </p>
        <ProblemNote class="mt-2" :problems="problems" />
        <fieldset v-if="open" class="my-3 grid gap-3 rounded-xl bg-paper p-3 sm:grid-cols-2">
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
              Take the photograph away
            </button>
          </div>
          <label class="block">
            <span class="mb-1 block font-medium">Lightness, overruled</span>
            <input
              class="field w-full"
              inputmode="decimal"
              placeholder="0 dark – 100 light; empty: as the swatch"
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
        <ul>
          <ShelfLine
            v-for="line in cloth.lines"
            :key="line.id"
            :line="line"
            @corrected="emit('changed')"
            @removed="emit('removed', line)"
          />
        </ul>
      </div>
    </div>
  </li>
</template>
