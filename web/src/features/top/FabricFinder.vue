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
import { computed, ref } from 'vue'
import { type FabricChoice, foundIn } from './fabricLists'

export interface FabricFinderProps {
  groups: readonly { label: string; choices: (FabricChoice & { number: number })[] }[]
}

const props = defineProps<FabricFinderProps>()
const emit = defineEmits<{ closed: []; found: [place: number] }>()

const words = ref('')
const found = computed(() => foundIn(props.groups, words.value))
</script>

<template>
  <Dialog open class="relative z-40" @close="emit('closed')">
    <div class="fixed inset-0 bg-ink/50" aria-hidden="true"></div>
    <div class="fixed inset-0 flex items-start justify-center p-4 pt-[12dvh]">
      <DialogPanel class="flex max-h-[70dvh] w-full max-w-md flex-col gap-3 rounded-2xl bg-paper p-5">
        <DialogTitle class="text-lg font-bold">Which fabric?</DialogTitle>
        <Combobox :model-value="undefined" @update:model-value="(place: number) => emit('found', place)">
          <ComboboxInput
            class="field w-full"
            aria-label="Part of its name, or of the pack's"
            placeholder="part of its name, or of the pack's"
            autocomplete="off"
            maxlength="80"
            @change="words = $event.target.value"
          />
          <ComboboxOptions static class="min-h-0 overflow-y-auto">
            <template v-for="group in found" :key="group.label">
              <li class="px-2 pt-2 text-sm text-soft" role="presentation">{{ group.label }}</li>
              <ComboboxOption
                v-for="choice in group.choices"
                :key="choice.number"
                v-slot="{ active }"
                :value="choice.number"
                as="template"
              >
                <li
                  class="flex min-h-11 cursor-pointer items-center gap-3 rounded-lg px-2"
                  :class="{ 'bg-tape-pale outline-2 outline-tape-deep': active }"
                >
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
        <p v-if="!found.length" role="status" class="text-soft">No fabric is called so.</p>
        <button class="button self-end" @click="emit('closed')">Close</button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
