<script setup lang="ts">
import { computed, ref } from 'vue'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { PrintSwatch } from '@/features/prints'
import { ProblemNote } from '@/shared'
import { type Lot, summary } from './shelfDrawing'

export interface PackPanelProps {
  pack: Lot
}

const props = defineProps<PackPanelProps>()
const emit = defineEmits<{ changed: []; chosen: [cloth: string] }>()

const choosing = ref(false)
const problems = ref<Problem[]>([])
const busy = ref(false)
const guessed = computed(() => props.pack.cloths.filter((cloth) => cloth.guessed))

type Cloth = Schemas['ShelfClothView']
function put(cloth: Cloth, part: { colour?: string; guessed: boolean }) {
  const { colour, lightness, directional, kind, price, print } = cloth
  return call('PUT', '/api/shelf/cloths/{id}', {
    path: { id: cloth.id },
    query: { version: cloth.version },
    body: { colour, lightness, directional, kind, price, print, ...part },
  })
}
async function attempt(work: () => Promise<unknown>) {
  busy.value = true
  try {
    await work()
    problems.value = []
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
  busy.value = false
  emit('changed')
}
const pick = (cloth: Cloth, event: Event) =>
  attempt(() => put(cloth, { colour: (event.target as HTMLInputElement).value, guessed: false }))
/** One after the other, so that what fails is known by name. */
const allAreRight = () =>
  attempt(async () => {
    for (const cloth of guessed.value) await put(cloth, { guessed: false })
  })
</script>

<template>
  <section class="space-y-3" :aria-label="`${pack.name}, a pack`" :data-pack="pack.name">
    <h2 class="text-xl font-bold">{{ pack.name }}</h2>
    <p class="text-soft">a pack of {{ summary(pack) }}</p>
    <p v-if="guessed.length" class="text-sm" data-guessed>
      {{ guessed.length === pack.cloths.length ? 'The' : `${guessed.length}` }} colours are only guessed from the name.
    </p>
    <ProblemNote :problems="problems" />
    <template v-if="choosing">
      <p class="text-soft">Lay the pack beside the screen and press each swatch that is wrong.</p>
      <ul class="grid grid-cols-[repeat(auto-fill,minmax(5.5rem,1fr))] gap-2">
        <li v-for="cloth in pack.cloths" :key="cloth.id">
          <label class="block text-sm">
            <input
              type="color"
              class="h-12 w-full cursor-pointer rounded border"
              :class="cloth.guessed ? 'border-dashed border-[#8b959c]' : 'border-ink'"
              :value="cloth.colour"
              :aria-label="`Colour of ${cloth.name}`"
              :disabled="busy"
              @change="pick(cloth, $event)"
            />
            <span class="block truncate">{{ cloth.name }}</span>
          </label>
        </li>
      </ul>
      <button v-if="guessed.length" class="button" :disabled="busy" @click="allAreRight">
        {{ guessed.length === pack.cloths.length ? 'All are right as they are' : 'The others are right as they are' }}
      </button>
      <p v-else class="text-leaf" role="status">All are picked.</p>
    </template>
    <ul
      v-else
      class="grid grid-cols-[repeat(auto-fill,minmax(5.5rem,1fr))] gap-2"
      :aria-label="`Prints of ${pack.name}`"
    >
      <li v-for="cloth in pack.cloths" :key="cloth.id">
        <button class="block w-full cursor-pointer text-sm" @click="emit('chosen', cloth.id)">
          <PrintSwatch
            class="block h-12 w-full rounded border"
            :class="cloth.guessed ? 'border-dashed border-[#8b959c]' : 'border-ink'"
            :colour="cloth.colour"
            :print="cloth.print"
          />
          <span class="block truncate">{{ cloth.name }}</span>
        </button>
      </li>
    </ul>
    <button class="button w-full" :aria-pressed="choosing" @click="choosing = !choosing">
      {{ choosing ? 'Done' : 'Choose the colours' }}<span class="sr-only"> of {{ pack.name }}</span>
    </button>
  </section>
</template>
