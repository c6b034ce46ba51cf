<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, onUnmounted, ref } from 'vue'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import { ProblemNote, WaitNote } from '@/shared'

type Style = Schemas['StyleView']

export interface StylePlansProps {
  quiltId: string
  clothKey: string
  clothName: string
}

const props = defineProps<StylePlansProps>()
const emit = defineEmits<{ chosen: [style: Style['style'], effort: number, everywhere: boolean] }>()

const client = useQueryClient()
const { data: plans, error } = useQuery({
  queryKey: computed(() => ['quilt', props.quiltId, 'styles', props.clothKey]),
  queryFn: () =>
    call('GET', '/api/quilts/{id}/cloths/{cloth}/styles', { path: { id: props.quiltId, cloth: props.clothKey } }),
  placeholderData: (before) => before,
  retry: false,
})
const search = ref<Schemas['SearchView']>()
const problems = ref<Problem[]>([])
let timer: ReturnType<typeof setTimeout> | undefined

async function start(style: Style['style']) {
  await show(() =>
    call('POST', '/api/quilts/{id}/cloths/{cloth}/searches', {
      path: { id: props.quiltId, cloth: props.clothKey },
      body: { style },
    }),
  )
}
async function stop() {
  await show(() => call('POST', '/api/searches/{search}/stop', { path: { search: search.value!.id } }))
}
async function show(ask: () => Promise<Schemas['SearchView']>) {
  clearTimeout(timer)
  try {
    search.value = await ask()
    problems.value = []
  } catch (thrown) {
    problems.value = problemsOf(thrown)
    return
  }
  if (!search.value.done)
    timer = setTimeout(
      () => show(() => call('GET', '/api/searches/{search}', { path: { search: search.value!.id } })),
      400,
    )
  else void askAnew(client, ['quilt', props.quiltId, 'styles'])
}
onUnmounted(() => {
  clearTimeout(timer)
  if (search.value && !search.value.done)
    void call('POST', '/api/searches/{search}/stop', { path: { search: search.value.id } })
})
</script>

<template>
  <WaitNote v-if="!plans" what="the cutting plans; thrifty ones take a moment" :error="error" />
  <div v-else class="space-y-2 rounded-xl border border-line p-3">
    <h4 class="font-bold">How much trouble saves how much {{ clothName }}</h4>
    <div class="grid gap-2 sm:grid-cols-3">
      <article
        v-for="each in plans.styles"
        :key="each.style"
        class="card flex flex-col gap-1 p-2 data-[chosen]:border-2 data-[chosen]:border-tape-deep data-[chosen]:bg-tape-pale"
        :data-chosen="each.chosen || undefined"
        :data-style="each.style"
      >
        <h5 class="flex justify-between font-bold">
          <span>{{ each.name }}</span><span>buy {{ each.buys }}</span>
        </h5>
        <p class="text-sm">{{ each.meaning }}</p>
        <p class="text-sm text-soft">
          <template v-if="each.exactly">{{ each.exactly }} exactly; </template>cuts into {{ each.opens }};
          {{ each.layouts }} {{ each.layouts === 1 ? 'layout' : 'different layouts' }}; {{ each.leftOver }} left
          over<template v-if="each.proof">; {{ each.proof }}</template>
        </p>
        <span class="mt-auto flex flex-wrap gap-1 pt-1">
          <button
            class="button min-h-9 flex-1 px-2"
            :disabled="each.chosen"
            :aria-label="each.chosen ? `Chosen: ${clothName} ${each.name}` : `Cut like this: ${clothName} ${each.name}`"
            @click="emit('chosen', each.style, each.effort, false)"
          >
            {{ each.chosen ? 'chosen' : 'Cut like this' }}
          </button>
          <button
            v-if="each.style !== 'PLAIN'"
            class="button min-h-9 px-2"
            :disabled="!!search && !search.done"
            :aria-label="`Search longer, ${each.name}`"
            @click="start(each.style)"
          >
            Search longer
          </button>
        </span>
      </article>
    </div>
    <p v-if="plans.styles.some((each) => each.chosen)">
      <button
        class="cursor-pointer underline decoration-dotted underline-offset-4"
        @click="emit('chosen', plans.styles.find((each) => each.chosen)!.style, 1, true)"
      >
        Cut every fabric {{ plans.styles.find((each) => each.chosen)!.name }}
      </button>
    </p>
    <div v-if="search" class="rounded-lg bg-paper p-2" role="status" :data-search="search.done ? 'done' : 'running'">
      <p>
        <template v-if="!search.done"
          >Searching, {{ search.effort }} of {{ search.mostEffort }} times the usual effort …</template
        >
        <template v-else>Search ended.</template>
        <template v-if="search.best">
          Best so far: buy {{ search.best.buys
          }}<template v-if="search.best.exactly">, {{ search.best.exactly }} exactly</template>.</template
        >
      </p>
      <progress
        class="mt-1 w-full"
        :max="Math.log2(search.mostEffort) + 1"
        :value="search.done ? Math.log2(search.mostEffort) + 1 : Math.log2(search.effort)"
      ></progress>
      <button v-if="!search.done" class="button min-h-9" @click="stop">Stop, keep the best so far</button>
      <button
        v-else-if="search.best"
        class="button min-h-9"
        @click="emit('chosen', search.best.style, search.best.effort, false)"
      >
        Cut {{ clothName }} by it
      </button>
    </div>
    <ProblemNote :problems="problems" />
  </div>
</template>
