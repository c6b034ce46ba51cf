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
import type { QuiltDesign } from '@/features/quilts'
import { clothsFound } from './edit/finding'

export interface ClothFinderProps {
  open: boolean
  cloths: QuiltDesign['cloths']
  /** What is dressed in the cloth that is found; nothing where it is only taken in hand. */
  where: string | undefined
}

const props = defineProps<ClothFinderProps>()
const emit = defineEmits<{ closed: []; found: [clothKey: string] }>()

const words = ref('')
const found = computed(() => clothsFound(props.cloths, words.value))
function take(key: string | undefined) {
  if (!key) return
  words.value = ''
  emit('found', key)
}
function close() {
  words.value = ''
  emit('closed')
}
</script>

<template>
  <Dialog :open="open" class="relative z-40" @close="close">
    <div class="fixed inset-0 bg-ink/50" aria-hidden="true"></div>
    <div class="fixed inset-0 flex items-start justify-center p-4 pt-[12dvh]">
      <DialogPanel class="flex max-h-[70dvh] w-full max-w-md flex-col gap-3 rounded-2xl bg-paper p-5">
        <DialogTitle class="text-lg font-bold">{{
          where ? `Which fabric for ${where}?` : 'Which fabric is taken in hand?'
        }}</DialogTitle>
        <Combobox :model-value="undefined" @update:model-value="take">
          <ComboboxInput
            class="field w-full"
            aria-label="Number or name of the fabric"
            placeholder="its number, or part of its name"
            autocomplete="off"
            maxlength="80"
            @change="words = $event.target.value"
          />
          <ComboboxOptions static class="min-h-0 overflow-y-auto">
            <ComboboxOption
              v-for="{ cloth, number } in found"
              :key="cloth.key"
              v-slot="{ active }"
              :value="cloth.key"
              as="template"
            >
              <li
                class="flex min-h-11 cursor-pointer items-center gap-3 rounded-lg px-2"
                :class="{ 'bg-tape-pale outline-2 outline-tape-deep': active }"
              >
                <span class="w-8 text-right text-soft">{{ number }}</span>
                <span
                  class="size-6 shrink-0 rounded-full border border-ink/40"
                  :style="{ background: cloth.colour }"
                ></span>
                {{ cloth.name }}
              </li>
            </ComboboxOption>
          </ComboboxOptions>
        </Combobox>
        <p v-if="!found.length" class="text-soft">
          No fabric in hand is called so. Take more from the shelf, in the tray beside the wall.
        </p>
        <button class="button self-end" @click="close">Close</button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
