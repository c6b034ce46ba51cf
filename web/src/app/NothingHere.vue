<script setup lang="ts">
import { useRoute } from 'vue-router'

const route = useRoute()
</script>

<template>
  <section class="mx-auto w-full max-w-2xl space-y-4 p-6">
    <h1 class="text-2xl font-bold">There is nothing at this address</h1>
    <p class="break-words">
      “{{ route.path }}” is no page of Golden Tally. Perhaps a letter is missing, or the quilt it belonged to was
      deleted.
    </p>
    <p class="flex flex-wrap gap-3">
      <RouterLink to="/quilts" class="button button-main inline-flex items-center">To your quilts</RouterLink>
      <RouterLink to="/yields" class="button inline-flex items-center">What does a piece give?</RouterLink>
    </p>
  </section>
</template>
