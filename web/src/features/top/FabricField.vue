<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, ref, useTemplateRef } from 'vue'
import type { FabricGroup } from './fabricLists'

/** The one list in which a fabric is chosen: native and short to walk through, with a search for long ones. */
export interface FabricFieldProps {
  groups: readonly FabricGroup[]
  /** Key of the fabric; empty for none. */
  value: string
  /** What no fabric is called here. */
  none: string
  /** What it is chosen for, where no label stands round it. */
  name?: string
}

defineOptions({ inheritAttrs: false })
const props = defineProps<FabricFieldProps>()
const emit = defineEmits<{ wanted: []; chosen: [place: number] }>()

const FIND = -2
/** Fewer are seen at a glance. */
const LONG = 8
const FabricFinder = defineAsyncComponent(() => import('./FabricFinder.vue'))

const select = useTemplateRef<HTMLSelectElement>('select')
const finding = ref(false)
/** Options are numbered through all groups: a number is the place of its choice among all of them. */
const numbered = computed(() => {
  let next = 0
  return props.groups.map(({ label, choices }) => ({
    label,
    choices: choices.map((choice) => ({ ...choice, number: next++ })),
  }))
})
const choices = computed(() => numbered.value.flatMap((group) => group.choices))
const place = computed(() => choices.value.find((each) => each.key === props.value && props.value)?.number ?? -1)

function choose(number: number) {
  if (number !== FIND) return emit('chosen', number)
  if (select.value) select.value.value = String(place.value)
  finding.value = true
}
async function close() {
  finding.value = false
  await nextTick()
  select.value?.focus()
}
function found(number: number) {
  emit('chosen', number)
  void close()
}
</script>

<template>
  <select
    ref="select"
    v-bind="$attrs"
    class="field"
    :value="place"
    :aria-label="name"
    @pointerenter="emit('wanted')"
    @focus="emit('wanted')"
    @change="choose(Number(($event.target as HTMLSelectElement).value))"
  >
    <option :value="-1">{{ none }}</option>
    <option v-if="choices.length > LONG" :value="FIND">Find by name …</option>
    <optgroup v-for="group in numbered" :key="group.label" :label="group.label">
      <option v-for="choice in group.choices" :key="choice.number" :value="choice.number">{{ choice.name }}</option>
    </optgroup>
  </select>
  <FabricFinder v-if="finding" :groups="numbered" @closed="close" @found="found" />
</template>
