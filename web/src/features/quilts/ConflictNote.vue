<script setup lang="ts">
import { ref, watch } from 'vue'
import { call } from '@/api/client'
import { useOpenQuilt } from './useOpenQuilt'

/** Two have changed one quilt: what mine would change in theirs, and the choice. */
const quilt = useOpenQuilt()
const differences = ref<string[]>()

async function compare() {
  try {
    differences.value = await call('POST', '/api/quilts/{id}/differences', {
      path: { id: quilt.id.value! },
      body: { name: quilt.name.value, design: quilt.design.value! },
    })
  } catch {
    // Without an answer there is nothing to compare with; the choice stays open.
    differences.value = undefined
  }
}
watch([quilt.name, quilt.design], compare, { immediate: true })
</script>

<template>
  <div class="flex flex-wrap items-center gap-3 bg-brick-pale p-3" role="alert">
    <div class="min-w-64 flex-1">
      <p>
        <strong>This quilt was changed elsewhere while you worked on it.</strong> Your change is still on your screen.
      </p>
      <p v-if="differences" data-differences>
        {{
          differences.length
            ? `Keeping yours would change in theirs: ${differences.join('; ')}.`
            : 'Yours and theirs are alike.'
        }}
      </p>
    </div>
    <button class="button button-main" @click="quilt.keepMine()">Keep mine</button>
    <button class="button" @click="quilt.takeTheirs()">Take theirs</button>
  </div>
</template>
