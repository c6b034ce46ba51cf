<script setup lang="ts">
import TapeHeader from './TapeHeader.vue'
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
