<script setup lang="ts">
import { computed, watchEffect } from 'vue'
import { useRoute } from 'vue-router'
import { useOpenQuilt } from '@/features/quilts'
import TapeHeader from './TapeHeader.vue'

const route = useRoute()
const quilt = useOpenQuilt()
const title = computed(() =>
  [route.meta.title, quilt.id.value && quilt.name.value, 'Golden Tally'].filter(Boolean).join(' – '),
)
watchEffect(() => (document.title = title.value))
</script>

<template>
  <a href="#work" class="button button-main absolute -top-20 left-2 z-50 focus:top-2">Skip to the work</a>
  <div class="flex min-h-dvh flex-col">
    <TapeHeader />
    <main id="work" tabindex="-1" class="flex flex-1 flex-col outline-none">
      <RouterView />
    </main>
  </div>
</template>
