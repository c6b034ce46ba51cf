<script setup lang="ts">
import { computed, ref } from 'vue'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { ProblemNote } from '@/shared'
import ClothCard from './ClothCard.vue'
import { type Lot, summary } from './shelfDrawing'

export interface PackCardProps {
  pack: Lot
}

const props = defineProps<PackCardProps>()
const emit = defineEmits<{ changed: []; removed: [line: Schemas['ShelfLineView']] }>()

const shows = ref<'colours' | 'prints'>()
const toggle = (what: 'colours' | 'prints') => (shows.value = shows.value === what ? undefined : what)
const problems = ref<Problem[]>([])
const busy = ref(false)
const guessed = computed(() => props.pack.cloths.filter((cloth) => cloth.guessed))

type Cloth = Schemas['ShelfClothView']
function put(cloth: Cloth, part: { colour?: string; guessed: boolean }) {
  const { colour, lightness, directional, kind, price } = cloth
  return call('PUT', '/api/shelf/cloths/{id}', {
    path: { id: cloth.id },
    query: { version: cloth.version },
    body: { colour, lightness, directional, kind, price, ...part },
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
  <li class="card p-4" :data-pack="pack.name">
    <div class="flex flex-wrap items-start gap-x-4 gap-y-2">
      <div class="min-w-0 flex-1 basis-52">
        <h2 class="text-lg font-bold">{{ pack.name }}</h2>
        <p class="text-sm text-soft">a pack of {{ summary(pack) }}</p>
      </div>
      <button class="button" :aria-expanded="shows === 'colours'" @click="toggle('colours')">
        Choose the colours<span class="sr-only"> of {{ pack.name }}</span>
      </button>
      <button class="button" :aria-expanded="shows === 'prints'" @click="toggle('prints')">
        Each print<span class="sr-only"> of {{ pack.name }}</span>
      </button>
    </div>
    <div v-if="shows !== 'colours'" class="mt-2 flex h-6 overflow-hidden rounded" aria-hidden="true">
      <span v-for="cloth in pack.cloths" :key="cloth.id" class="flex-1" :style="{ background: cloth.colour }"></span>
    </div>
    <p v-if="guessed.length && shows !== 'colours'" class="mt-1 text-sm" data-guessed>
      {{ guessed.length === pack.cloths.length ? 'The' : `${guessed.length}` }} colours are only guessed from the name.
    </p>
    <ProblemNote class="mt-2" :problems="problems" />
    <section v-if="shows === 'colours'" class="mt-3 space-y-3" :aria-label="`Colours of ${pack.name}`">
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
    </section>
    <ul v-if="shows === 'prints'" class="mt-3 space-y-3" :aria-label="`Prints of ${pack.name}`">
      <ClothCard
        v-for="cloth in pack.cloths"
        :key="cloth.id"
        :cloth="cloth"
        @changed="emit('changed')"
        @removed="emit('removed', $event)"
      />
    </ul>
  </li>
</template>
