<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '@/api/client'

export interface CutSizeFieldProps {
  size: Schemas['CutSizeView']
  /** Of the units that it is for. */
  label: string
  unitOfLength: string
  /** The school of the whole quilt, in its own word. */
  school: string
}

const props = defineProps<CutSizeFieldProps>()
const emit = defineEmits<{ typed: [typed: string]; typedAll: [typed: string] }>()

const SCHOOLS = ['exact', 'trim', 'roomy']
const OWN = 'own'
const RAW = 'raw'

const isRaw = computed(() => props.size.typed.startsWith(RAW))
const given = computed(() => (isRaw.value ? props.size.typed.slice(RAW.length).trim() : props.size.typed))
/** Sizes of the shelf stay in the list once they are taken. */
const asItComes = computed(() => [
  ...new Set([...props.size.asItComes, ...(fromShelf.value ? [props.size.typed] : [])]),
])
const fromShelf = ref(false)
const kind = ref('')
watch(
  () => props.size.typed,
  (typed) => {
    if (!typed || SCHOOLS.includes(typed)) kind.value = typed
    else if (isRaw.value) kind.value = RAW
    else kind.value = fromShelf.value ? typed : OWN
  },
  { immediate: true },
)

function choose(event: Event) {
  kind.value = (event.target as HTMLSelectElement).value
  fromShelf.value = props.size.asItComes.includes(kind.value)
  if (kind.value !== OWN && kind.value !== RAW) emit('typed', kind.value)
}
function type(event: Event) {
  const text = (event.target as HTMLInputElement).value.trim().slice(0, 30)
  emit('typed', text && kind.value === RAW ? `${RAW} ${text}` : text)
}
</script>

<template>
  <fieldset class="rounded-xl border border-line p-2" data-cut-size>
    <legend class="px-1 font-medium">{{ size.what }}: {{ size.cut }}</legend>
    <div class="flex flex-wrap items-center gap-2">
      <select class="field min-w-0 flex-1" :value="kind" :aria-label="`How large ${label} are cut`" @change="choose">
        <option value="">as the whole quilt: {{ school }}</option>
        <option v-for="each in SCHOOLS.filter((one) => one !== school || kind === one)" :key="each" :value="each">
          {{ each }}, for these only
        </option>
        <option v-for="each in asItComes" :key="each" :value="each">
          {{ each }} {{ unitOfLength }} squares as they come
        </option>
        <option :value="OWN">I cut … and trim</option>
        <option :value="RAW">I like them raw at …</option>
      </select>
      <label v-if="kind === OWN || kind === RAW" class="flex items-center gap-1">
        <span class="text-sm">{{ kind === OWN ? 'cut' : 'raw' }}</span>
        <input
          class="field w-20"
          :value="given"
          :placeholder="kind === OWN ? size.least.replace(` ${unitOfLength}`, '') : ''"
          :aria-label="kind === OWN ? `Cut size of ${label}` : `Raw size of ${label}`"
          @change="type"
        />
        <span class="text-sm">{{ unitOfLength }}</span>
      </label>
    </div>
    <p class="mt-1 text-sm text-soft" data-follows>
      At least {{ size.least }}<template v-for="each in size.follows" :key="each">; {{ each }}</template
      >.
    </p>
    <button v-if="size.typed" class="button mt-1 min-h-9 px-2 text-sm" @click="emit('typedAll', size.typed)">
      So for all units of this kind
    </button>
  </fieldset>
</template>
