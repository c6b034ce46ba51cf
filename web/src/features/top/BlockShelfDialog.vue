<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf } from '@/api/client'
import { PatchPicture, ProblemNote, WaitNote } from '@/shared'
import { ownBlocksKey, type ShelfBlock, useForgottenBlocks, useOwnBlocks, useTraditionalBlocks } from './queries'

export interface BlockShelfDialogProps {
  open: boolean
}

defineProps<BlockShelfDialogProps>()
const emit = defineEmits<{ closed: []; taken: [block: ShelfBlock] }>()

const client = useQueryClient()
const words = ref('')
const { data: traditional, error } = useTraditionalBlocks(words)
const { data: own } = useOwnBlocks()
const { data: forgotten } = useForgottenBlocks()
const problems = ref<Problem[]>([])

/** The letters a to e of a shelf block are only there to show where its cloths differ. */
const SHOWN: Record<string, string> = { a: '#efe6d0', b: '#22384d', c: '#d99a2b', d: '#2e6f5e', e: '#b2472f' }

async function remove(block: ShelfBlock) {
  await attempt(() => call('DELETE', '/api/blocks/own/{id}', { path: { id: block.ownId } }))
}
async function bringBack(block: ShelfBlock) {
  await attempt(() => call('POST', '/api/blocks/own/{id}/bring-back', { path: { id: block.ownId } }))
}
async function attempt(work: () => Promise<unknown>) {
  try {
    await work()
    problems.value = []
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
  await askAnew(client, ownBlocksKey)
}
</script>

<template>
  <Dialog :open="open" class="relative z-40" @close="emit('closed')">
    <div class="fixed inset-0 bg-ink/50" aria-hidden="true"></div>
    <div class="fixed inset-0 flex items-center justify-center p-4">
      <DialogPanel class="flex max-h-full w-full max-w-5xl flex-col gap-4 rounded-2xl bg-paper p-5">
        <div class="flex flex-wrap items-center gap-4">
          <DialogTitle class="text-xl font-bold">The shelf of blocks</DialogTitle>
          <label class="flex flex-1 items-center gap-2"
            ><span>Find</span>
            <input
              v-model="words"
              class="field min-w-40 flex-1"
              placeholder="star, 3 x 3, hourglass …"
              autocomplete="off"
              maxlength="100"
            />
          </label>
          <button class="button" @click="emit('closed')">Close</button>
        </div>
        <div class="overflow-y-auto">
          <template v-if="own?.length">
            <h3 class="panel-title mb-2">Your own</h3>
            <ul class="mb-4 grid grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-3">
              <li v-for="block in own" :key="block.ownId" class="card p-2 text-center">
                <button
                  class="block w-full cursor-pointer"
                  :aria-label="`${block.name}: take into the quilt`"
                  @click="emit('taken', block)"
                >
                  <PatchPicture
                    class="mx-auto h-20"
                    :width="block.width"
                    :height="block.height"
                    :patches="block.patches"
                    :colours="block.cloths.map((cloth) => SHOWN[cloth])"
                  />
                  <span class="block font-medium">{{ block.name }}</span>
                  <span class="block text-sm text-soft">{{ block.grid }}</span>
                </button>
                <button
                  class="button min-h-8 w-full text-sm"
                  :aria-label="`Forget ${block.name}`"
                  @click="remove(block)"
                >
                  Forget
                </button>
              </li>
            </ul>
          </template>
          <ProblemNote :problems="problems" />
          <details v-if="forgotten?.length" class="mb-4">
            <summary class="cursor-pointer underline decoration-dotted">
              Forgotten, kept for thirty days ({{ forgotten.length }})
            </summary>
            <ul class="mt-2 flex flex-wrap gap-2">
              <li v-for="block in forgotten" :key="block.ownId">
                <button class="button" :aria-label="`Bring back ${block.name}`" @click="bringBack(block)">
                  Bring back {{ block.name }}
                </button>
              </li>
            </ul>
          </details>
          <h3 class="panel-title mb-2">Traditional</h3>
          <WaitNote v-if="!traditional" what="the blocks" :error="error" />
          <p v-else-if="!traditional.length">
            No block has all these words. Try its grid (“3 x 3”), a unit (“goose”) or part of its name.
          </p>
          <ul v-else class="grid grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-3">
            <li v-for="block in traditional" :key="block.name">
              <button
                class="card block h-full w-full cursor-pointer p-2 hover:border-ink"
                :aria-label="`${block.name}: take into the quilt`"
                @click="emit('taken', block)"
              >
                <PatchPicture
                  class="mx-auto h-24"
                  :width="block.width"
                  :height="block.height"
                  :patches="block.patches"
                  :colours="block.cloths.map((cloth) => SHOWN[cloth])"
                />
                <span class="block font-medium">{{ block.name }}</span>
                <span class="block text-sm text-soft">{{ block.grid }}: {{ block.units.join(', ') }}</span>
              </button>
            </li>
          </ul>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
