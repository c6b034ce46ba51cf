<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { askAnew } from '@/api/askAnew'
import { call, type Problem, problemsOf } from '@/api/client'
import { paintsOf } from '@/features/prints'
import { ProblemNote, spellCount, TopPicture, WaitNote } from '@/shared'

const route = useRoute()
const router = useRouter()
const client = useQueryClient()
const ids = computed(() => [route.query.quilt ?? []].flat().map(String))
const { data: compared, error } = useQuery({
  queryKey: computed(() => ['quilt', 'compare', ...ids.value]),
  queryFn: () => call('GET', '/api/compare', { query: { quilt: ids.value } }),
  retry: false,
})
const problems = ref<Problem[]>([])

/** The others go to the archive, from where each can be brought back. */
async function keep(id: string) {
  try {
    for (const other of ids.value.filter((each) => each !== id)) {
      await call('PUT', '/api/quilts/{id}/archived', { path: { id: other } })
    }
    void askAnew(client, ['quilts'])
    await router.push(`/quilts/${id}/top`)
  } catch (thrown) {
    problems.value = problemsOf(thrown)
  }
}
</script>

<template>
  <div class="mx-auto w-full max-w-7xl space-y-4 p-6">
    <h1 class="text-2xl font-bold">Side by side</h1>
    <WaitNote v-if="!compared" what="the quilts" :error="error" />
    <template v-else>
      <ProblemNote :problems="problems" />
      <p data-differences>
        {{
          compared.differ.length
            ? `They differ in ${spellCount(compared.differ.length, 'thing', 'things')}, told first.`
            : 'Nothing that is counted here differs.'
        }}
      </p>
      <div class="overflow-x-auto">
        <table class="w-full border-collapse bg-white">
          <caption class="sr-only">
            What differs, then what is the same
          </caption>
          <thead>
            <tr class="align-top">
              <td class="w-64 p-3"></td>
              <th v-for="version in compared.versions" :key="version.id" scope="col" class="min-w-56 p-3 text-left">
                <span class="mb-2 flex h-56 items-center justify-center">
                  <TopPicture
                    :picture="version.picture.top"
                    :colours="paintsOf(version.picture.colours, version.picture.prints)"
                  />
                </span>
                <RouterLink
                  :to="`/quilts/${version.id}/top`"
                  class="block text-lg font-bold underline decoration-dotted"
                  >{{ version.name }}</RouterLink
                >
                <button
                  class="button mt-2"
                  :aria-label="`Keep this one: ${version.name}; the other is archived`"
                  @click="keep(version.id)"
                >
                  Keep this one
                </button>
              </th>
            </tr>
          </thead>
          <tbody v-if="compared.differ.length" data-differ>
            <tr>
              <th :colspan="compared.versions.length + 1" scope="rowgroup" class="bg-tape-pale p-2 text-left font-bold">
                What differs
              </th>
            </tr>
            <tr v-for="row in compared.differ" :key="row.what" class="border-b border-line align-top">
              <th scope="row" class="p-3 text-left font-medium">{{ row.what }}</th>
              <td v-for="(value, i) in row.values" :key="i" class="p-3 font-bold">{{ value }}</td>
            </tr>
          </tbody>
          <tbody v-if="compared.same.length">
            <tr>
              <th :colspan="compared.versions.length + 1" scope="rowgroup" class="bg-paper p-2 text-left font-bold">
                What is the same
              </th>
            </tr>
            <tr v-for="row in compared.same" :key="row.what" class="border-b border-line align-top">
              <th scope="row" class="p-3 text-left font-medium">{{ row.what }}</th>
              <td :colspan="compared.versions.length" class="p-3">{{ row.values[0] }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </div>
</template>
