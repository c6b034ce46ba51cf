<script setup lang="ts">
import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Dialog,
  DialogPanel,
  DialogTitle,
} from '@headlessui/vue'

export interface Findable {
  key: string | number
  name: string
  colour: string | undefined
  /** What stands before its name. */
  number?: number | undefined
}

export interface FinderDialogProps {
  title: string
  /** What can be typed. */
  label: string
  /** What is found for the words typed so far, under headings where there are any. */
  groups: readonly { label: string; choices: readonly Findable[] }[]
  /** Said where nothing is found. */
  nothing: string
}

defineProps<FinderDialogProps>()
const words = defineModel<string>({ required: true })
const emit = defineEmits<{ closed: []; found: [key: string | number] }>()
</script>

<template>
  <Dialog open class="relative z-40" @close="emit('closed')">
    <div class="fixed inset-0 bg-ink/50" aria-hidden="true"></div>
    <div class="fixed inset-0 flex items-start justify-center p-4 pt-[12dvh]">
      <DialogPanel class="flex max-h-[70dvh] w-full max-w-md flex-col gap-3 rounded-2xl bg-paper p-5">
        <DialogTitle class="text-lg font-bold">{{ title }}</DialogTitle>
        <Combobox :model-value="undefined" @update:model-value="(key: string | number) => emit('found', key)">
          <ComboboxInput
            class="field w-full"
            :aria-label="label"
            :placeholder="label.toLowerCase()"
            autocomplete="off"
            maxlength="80"
            @change="words = $event.target.value"
          />
          <ComboboxOptions static class="min-h-0 overflow-y-auto">
            <template v-for="group in groups" :key="group.label">
              <li v-if="group.label" class="px-2 pt-2 text-sm text-soft" role="presentation">{{ group.label }}</li>
              <ComboboxOption
                v-for="choice in group.choices"
                :key="choice.key"
                v-slot="{ active }"
                :value="choice.key"
                as="template"
              >
                <li
                  class="flex min-h-11 cursor-pointer items-center gap-3 rounded-lg px-2"
                  :class="{ 'bg-tape-pale outline-2 outline-tape-deep': active }"
                >
                  <span v-if="choice.number !== undefined" class="w-8 text-right text-soft">{{ choice.number }}</span>
                  <span
                    class="size-6 shrink-0 rounded-full border border-ink/40"
                    :style="{ background: choice.colour }"
                  ></span>
                  {{ choice.name }}
                </li>
              </ComboboxOption>
            </template>
          </ComboboxOptions>
        </Combobox>
        <p v-if="!groups.some((group) => group.choices.length)" role="status" class="text-soft">{{ nothing }}</p>
        <button class="button self-end" @click="emit('closed')">Close</button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
