<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, nextTick, ref } from 'vue'
import { problemsOf, type Schemas } from '@/api/client'
import { paintsOf } from '@/features/prints'
import { TallyMarks, TopPicture, vShows } from '@/shared'
import { lastPlace } from './lastPlace'
import { glanceQuery } from './queries'
import QuiltMenu, { type QuiltAct } from './QuiltMenu.vue'
import { quiltState } from './quiltState'

export interface QuiltCardProps {
  quilt: Schemas['QuiltSummary']
  /** Name of the quilt that it is a version of; empty for none. */
  versionOf: string
  /** Whether quilts are being chosen to be compared, and this one is. */
  compared: boolean | undefined
}

const props = defineProps<QuiltCardProps>()
const emit = defineEmits<{
  act: [what: Exclude<QuiltAct, 'rename'>]
  rename: [name: string]
  compare: [wanted: boolean]
}>()

const { data: glance, error } = useQuery(computed(() => glanceQuery(props.quilt.id, props.quilt.version)))
const wrong = computed(() => (error.value ? problemsOf(error.value)[0] : undefined))
const state = computed(() => quiltState(glance.value!))
const LOOKS = { short: 'font-medium text-brick', ready: 'font-medium text-leaf', quiet: 'text-soft' }

const place = computed(() => `/quilts/${props.quilt.id}/${lastPlace.stationOf(props.quilt.id) ?? 'top'}`)

const renaming = ref(false)
const field = ref<HTMLInputElement>()
async function act(what: QuiltAct) {
  if (what !== 'rename') return emit('act', what)
  renaming.value = true
  await nextTick()
  field.value?.select()
}
function renamed() {
  const name = field.value?.value.trim() ?? ''
  renaming.value = false
  if (name && name !== props.quilt.name) emit('rename', name)
}
</script>

<template>
  <div :data-quilt="quilt.name">
    <label v-if="compared !== undefined" class="mb-1 inline-flex min-h-10 items-center gap-2">
      <input
        type="checkbox"
        class="size-5"
        :checked="compared"
        :aria-label="`Compare ${quilt.name}`"
        @change="emit('compare', ($event.target as HTMLInputElement).checked)"
      />
      Compare
    </label>
    <RouterLink
      :to="place"
      class="flex h-60 items-center justify-center rounded-2xl bg-[#e4e6df] p-4 max-sm:h-48"
      aria-hidden="true"
      tabindex="-1"
    >
      <TopPicture
        v-if="glance"
        :picture="glance.picture.top"
        :colours="paintsOf(glance.picture.colours, glance.picture.prints)"
      />
    </RouterLink>
    <div class="mt-2 flex items-start gap-1">
      <form v-if="renaming" class="flex min-w-0 flex-1 gap-2" @submit.prevent="renamed" @keydown.esc="renaming = false">
        <input
          ref="field"
          class="field min-w-0 flex-1"
          v-shows="quilt.name"
          maxlength="80"
          :aria-label="`Name of ${quilt.name}`"
        />
        <button class="button button-main">Keep</button>
      </form>
      <h3 v-else class="min-w-0 flex-1">
        <RouterLink
          :to="place"
          class="flex min-h-11 items-center text-lg leading-6 font-bold hover:underline"
          :title="quilt.name"
          ><span class="truncate">{{ quilt.name }}</span></RouterLink
        >
      </h3>
      <QuiltMenu :quilt="quilt" @act="act" />
    </div>
    <p v-if="versionOf" class="truncate text-soft">a variation of {{ versionOf }}</p>
    <p v-if="wrong" class="text-brick">{{ wrong.where }}: {{ wrong.why }}</p>
    <!-- The room of what comes is kept, so that nothing moves. -->
    <p v-else-if="!glance" class="h-12 text-soft" aria-hidden="true" />
    <template v-else>
      <p class="text-soft">{{ glance.size }} finished · {{ glance.blocks }}</p>
      <p :class="LOOKS[state.look]" data-state>{{ state.says }}</p>
      <TallyMarks
        v-if="glance.sewn && glance.sewn < glance.sets"
        class="max-h-8 overflow-hidden"
        :count="glance.sewn"
      />
    </template>
  </div>
</template>
