<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { nextTick, watch } from 'vue'

export interface SideDrawerProps {
  open: boolean
  title: string
  /** For tables that need the room. */
  wide?: boolean
}

const props = defineProps<SideDrawerProps>()
const emit = defineEmits<{ close: [] }>()

/** What opened it has the focus again once it is closed, also where what was pressed is a part of a button. */
let opener: Element | null = null
watch(
  () => props.open,
  (open) => {
    if (open) opener = document.activeElement
    else void nextTick(() => requestAnimationFrame(() => requestAnimationFrame(giveBack)))
  },
)
function giveBack() {
  if (opener instanceof HTMLElement && document.activeElement === document.body) opener.focus()
}
</script>

<template>
  <Dialog :open="open" class="relative z-40" @close="emit('close')">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true"></div>
    <div class="fixed inset-0 flex justify-end">
      <DialogPanel
        class="h-full w-full space-y-5 overflow-y-auto bg-paper p-5"
        :class="wide ? 'max-w-2xl' : 'max-w-md'"
      >
        <div class="flex items-start justify-between gap-3">
          <DialogTitle class="text-xl font-bold first-letter:uppercase">{{ title }}</DialogTitle>
          <button class="button" @click="emit('close')">Close</button>
        </div>
        <slot />
      </DialogPanel>
    </div>
  </Dialog>
</template>
