<script setup lang="ts">
import { ref, watch } from 'vue'

export interface CountTypedProps {
  /** What is made at once, in the plural: pairs, units. */
  sets: string
  /** What can be spoiled singly, in the plural. */
  things: string
  /** Sets that the plan still wants. */
  left: number
  /** Of what, where it is not the batch that is open. */
  of?: string
}

const props = withDefaults(defineProps<CountTypedProps>(), { of: '' })
const named = (what: string) => (props.of ? `${what}, ${props.of}` : what)
const emit = defineEmits<{ counted: [made: number, spoiled: number] }>()

/** More at once is a slip of the finger (our own limit). */
const MOST = 2000

const made = ref('')
const spoiled = ref('')
const wrong = ref('')
/** Asked about before it is counted, since the plan wants fewer. */
const asked = ref(false)
watch([made, spoiled], () => (asked.value = false))

const read = (typed: string) => (typed.trim() === '' ? 0 : /^\d+$/.test(typed.trim()) ? Number(typed) : NaN)

function count() {
  const [good, bad] = [read(made.value), read(spoiled.value)]
  const odd = [made.value, spoiled.value].find((typed) => !(read(typed) <= MOST))
  if (odd !== undefined) {
    wrong.value = `“${odd}” cannot be counted: type a whole number up to ${MOST}`
    return
  }
  wrong.value = ''
  if (!good && !bad) return
  if (good > props.left && !asked.value) {
    asked.value = true
    return
  }
  emit('counted', good, bad)
  made.value = ''
  spoiled.value = ''
}
</script>

<template>
  <form class="flex flex-wrap items-center gap-2" :aria-label="named('Count what is done')" @submit.prevent="count">
    <label class="inline-flex items-center gap-2"
      ><input v-model="made" class="field w-20" inputmode="numeric" :aria-label="named(`${sets} made`)" />
      {{ sets }} made,</label
    >
    <label class="inline-flex items-center gap-2"
      ><input v-model="spoiled" class="field w-20" inputmode="numeric" :aria-label="named(`${things} spoiled`)" />
      {{ things }} spoiled</label
    >
    <button class="button">{{ asked ? `Count all ${made}` : 'Count them' }}</button>
    <p v-if="asked" role="alert" class="basis-full rounded-lg bg-tape-pale p-2" data-asked>
      {{ made }} {{ sets }}? The plan wants {{ left }} more. Press again to count them all, or change the number.
    </p>
    <p v-if="wrong" role="alert" class="basis-full rounded-lg bg-brick-pale p-2">{{ wrong }}</p>
  </form>
</template>
