<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, nextTick, ref } from 'vue'
import { problemsOf, type Schemas } from '@/api/client'
import { TallyMarks, TopPicture, vShows } from '@/shared'
import { glanceQuery } from './queries'

export interface QuiltCardProps {
  quilt: Schemas['QuiltSummary']
  /** Name of the quilt that it is a version of; empty for none. */
  versionOf: string
  /** Whether it is among those to be compared. */
  compared: boolean
}

const props = defineProps<QuiltCardProps>()
const emit = defineEmits<{
  act: [what: 'copy' | 'version' | 'archive' | 'unarchive' | 'remove']
  rename: [name: string]
  compare: [wanted: boolean]
}>()

const { data: glance, error } = useQuery(computed(() => glanceQuery(props.quilt.id, props.quilt.version)))
const wrong = computed(() => (error.value ? problemsOf(error.value)[0] : undefined))
const short = computed(() => glance.value?.buys ?? [])

const renaming = ref(false)
const field = ref<HTMLInputElement>()
async function beginRenaming() {
  renaming.value = true
  await nextTick()
  field.value?.select()
}
function renamed() {
  const name = field.value?.value.trim() ?? ''
  renaming.value = false
  if (name && name !== props.quilt.name) emit('rename', name)
}
const when = (instant: string) => new Date(instant).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })
</script>

<template>
  <li class="card flex flex-wrap gap-4 p-4" :data-quilt="quilt.name">
    <div class="flex h-32 w-32 flex-none items-center justify-center">
      <TopPicture
        v-if="glance"
        :picture="glance.picture.top"
        :colours="glance.picture.colours"
        :label="`The top of ${quilt.name}`"
      />
    </div>
    <div class="min-w-60 flex-1 space-y-1">
      <form v-if="renaming" class="flex flex-wrap gap-2" @submit.prevent="renamed" @keydown.esc="renaming = false">
        <input
          ref="field"
          class="field flex-1"
          v-shows="quilt.name"
          maxlength="80"
          :aria-label="`Name of ${quilt.name}`"
        />
        <button class="button button-main">Keep</button>
      </form>
      <RouterLink v-else :to="`/quilts/${quilt.id}/top`" class="block hover:underline">
        <span class="block truncate text-lg font-bold" :title="quilt.name">{{ quilt.name }}</span>
        <span class="text-soft">changed {{ when(quilt.changedAt) }}</span>
      </RouterLink>
      <p v-if="versionOf" class="text-soft">a version of {{ versionOf }}</p>
      <p v-if="wrong" class="text-brick">{{ wrong.where }}: {{ wrong.why }}</p>
      <template v-else-if="glance">
        <p>{{ glance.size }} finished · {{ glance.blocks }}</p>
        <p v-if="short.length" class="font-medium text-brick">
          short: {{ short.slice(0, 2).join(', ') }}{{ short.length > 2 ? ` and ${short.length - 2} more` : '' }}
        </p>
        <p v-else-if="!glance.notCounted.length" class="font-medium text-leaf">
          you have enough{{ glance.buysOfNoCloth.length ? ', but for ' + glance.buysOfNoCloth.join(' and ') : '' }}
        </p>
        <p v-if="glance.notCounted.length" class="font-medium">not counted: {{ glance.notCounted.join('; ') }}</p>
        <p class="flex flex-wrap items-center gap-x-3">
          <span v-if="!glance.cut && !glance.sewn">Not started</span>
          <template v-else>
            <span>cut {{ glance.cut }} of {{ glance.cutSteps }} steps</span>
            <span>sewn {{ glance.sewn }} of {{ glance.sets }}</span>
          </template>
          <TallyMarks v-if="glance.sewn" :count="glance.sewn" />
        </p>
      </template>
      <div class="flex flex-wrap gap-2 pt-1">
        <label class="button">
          <input
            type="checkbox"
            class="size-5"
            :checked="compared"
            :aria-label="`Compare ${quilt.name}`"
            @change="emit('compare', ($event.target as HTMLInputElement).checked)"
          />
          Compare
        </label>
        <button class="button" :aria-label="`Try something else with ${quilt.name}`" @click="emit('act', 'version')">
          Try something else with it
        </button>
        <button class="button" :aria-label="`Rename ${quilt.name}`" @click="beginRenaming">Rename</button>
        <button class="button" :aria-label="`Copy ${quilt.name}`" @click="emit('act', 'copy')">Copy</button>
        <button
          class="button"
          :aria-label="`${quilt.archivedAt ? 'Bring back' : 'Archive'} ${quilt.name}`"
          @click="emit('act', quilt.archivedAt ? 'unarchive' : 'archive')"
        >
          {{ quilt.archivedAt ? 'Bring back' : 'Archive' }}
        </button>
        <button class="button" :aria-label="`Delete ${quilt.name}`" @click="emit('act', 'remove')">Delete</button>
        <a class="button" :aria-label="`${quilt.name} as a file`" :href="`/api/quilts/${quilt.id}/file`" download
          >File</a
        >
      </div>
    </div>
  </li>
</template>
