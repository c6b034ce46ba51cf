<script setup lang="ts">
import { ref } from 'vue'
import { call, type Problem, problemsOf, type Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import { PLAIN_BORDER } from './edit/borders'
import { ProblemNote } from '@/shared'
import { useUsualSizes } from './queries'

export interface SizeHelperProps {
  design: QuiltDesign
  unitOfLength: string
}

const props = defineProps<SizeHelperProps>()
const emit = defineEmits<{ taken: [part: Partial<QuiltDesign>] }>()

const { data: usual } = useUsualSizes(() => props.design.system)
const open = ref(false)
const width = ref('')
const height = ref('')
const layouts = ref<Schemas['LayoutView'][]>([])
const problems = ref<Problem[]>([])

function start(event: Event) {
  const [w, h] = (event.target as HTMLSelectElement).value.split(' × ')
  if (w && h) {
    width.value = w
    height.value = h
    void look()
  }
}
async function look() {
  try {
    layouts.value = await call('POST', '/api/top/near', {
      body: { design: props.design, width: width.value, height: height.value },
    })
    problems.value = []
  } catch (thrown) {
    layouts.value = []
    problems.value = problemsOf(thrown)
  }
}
/** Takes a layout; its border takes the place of those there are. */
function take(layout: Schemas['LayoutView']) {
  const before = props.design.borders[0]
  const plain = {
    ...PLAIN_BORDER,
    width: layout.border,
    cloth: before?.cloth ?? '',
    corners: before?.corners === 'MITRED' ? ('MITRED' as const) : ('BUTTED' as const),
  }
  emit('taken', {
    setting: { ...props.design.setting, across: layout.across, down: layout.down },
    borders: layout.border ? [plain] : [],
  })
}
</script>

<template>
  <section class="rounded-xl border border-line bg-white p-3" aria-label="Start from a size">
    <button
      class="flex w-full cursor-pointer justify-between text-left font-medium"
      :aria-expanded="open"
      @click="open = !open"
    >
      <span>How large should it be?</span><span aria-hidden="true">{{ open ? '▴' : '▾' }}</span>
    </button>
    <div v-if="open" class="mt-2 space-y-2">
      <select class="field w-full" aria-label="A usual size" @change="start">
        <option value="">a usual size …</option>
        <option v-for="size in usual" :key="size.name" :value="size.size">{{ size.name }}, {{ size.size }}</option>
      </select>
      <form class="flex items-center gap-2" @submit.prevent="look">
        <span>about</span>
        <input v-model="width" class="field w-16" aria-label="Wanted width" autocomplete="off" />
        <span>×</span>
        <input v-model="height" class="field w-16" aria-label="Wanted height" autocomplete="off" />
        <button class="button flex-1 px-2">Layouts</button>
      </form>
      <ProblemNote :problems="problems" />
      <ul class="space-y-1">
        <li v-for="layout in layouts" :key="`${layout.across}-${layout.down}-${layout.border}`">
          <button
            class="w-full cursor-pointer rounded-lg border border-line p-2 text-left hover:border-ink"
            @click="take(layout)"
          >
            <strong>{{ layout.across }} × {{ layout.down }} blocks</strong
            >{{ layout.border ? `, border ${layout.border}` : ', no border' }}
            <span class="block text-sm text-soft"
              >{{ layout.finishedWidth }} × {{ layout.finishedHeight }} {{ unitOfLength }} finished{{
                layout.exact ? ', just so' : ''
              }}</span
            >
          </button>
        </li>
      </ul>
    </div>
  </section>
</template>
