<script setup lang="ts">
import { computed, onMounted, onUnmounted, watchEffect } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { PrintPatterns } from '@/features/prints'
import { useOpenQuilt } from '@/features/quilts'
import { TourCard } from '@/features/tour'
import { WaitNote } from '@/shared'
import TapeHeader from './TapeHeader.vue'

const route = useRoute()
const router = useRouter()
const quilt = useOpenQuilt()
const title = computed(() =>
  [route.meta.title, quilt.id.value && quilt.name.value, 'Golden Tally'].filter(Boolean).join(' – '),
)
watchEffect(() => (document.title = title.value))

/** A question mark anywhere but in a field opens what stations, keys and words mean. */
function onKey(event: KeyboardEvent) {
  const field = event.target instanceof HTMLElement && event.target.closest('input, textarea, select')
  if (event.key === '?' && !field) void router.push('/words')
}
onMounted(() => window.addEventListener('keydown', onKey))
onUnmounted(() => window.removeEventListener('keydown', onKey))
</script>

<template>
  <a href="#work" class="button button-main absolute -top-20 left-2 z-50 focus:top-2">Skip to the work</a>
  <div class="flex min-h-dvh flex-col">
    <TapeHeader v-if="!route.meta.bare" />
    <main id="work" tabindex="-1" class="flex flex-1 flex-col outline-none">
      <RouterView v-slot="{ Component }">
        <component :is="Component" v-if="Component" />
        <WaitNote v-else what="the page" reloads />
      </RouterView>
    </main>
    <TourCard />
    <PrintPatterns />
  </div>
</template>
