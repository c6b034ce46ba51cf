<script setup lang="ts">
import { onBeforeUnmount, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { WaitNote } from '@/shared'
import ConflictNote from './ConflictNote.vue'
import VersionBar from './VersionBar.vue'
import { lastPlace } from './lastPlace'
import { useOpenQuilt } from './useOpenQuilt'

export interface QuiltPageProps {
  /** Which quilt is open. */
  id: string
}

const props = defineProps<QuiltPageProps>()
const STATIONS: readonly string[] = ['cloth', 'top', 'tally', 'cut', 'sew']
const route = useRoute()
const quilt = useOpenQuilt()
const error = ref<unknown>()

watch(
  () => props.id,
  async (id) => {
    try {
      error.value = undefined
      await quilt.open(id)
    } catch (thrown) {
      error.value = thrown
    }
  },
  { immediate: true },
)

/** It opens again where it was left; at the table it is the station that belongs to it. */
watch(
  () => route.path.split('/').at(-1),
  (station) => {
    if (station && STATIONS.includes(station)) lastPlace.leaveAt(props.id, station)
  },
  { immediate: true },
)

onBeforeUnmount(() => quilt.close())
</script>

<template>
  <section v-if="quilt.gone.value !== undefined" class="card m-6 space-y-3 p-5" role="alert" data-gone>
    <h1 class="text-xl font-bold">{{ quilt.gone.value }} was deleted in another window.</h1>
    <p>It can be brought back from the list of quilts.</p>
    <RouterLink class="button button-main" to="/quilts">To your quilts</RouterLink>
  </section>
  <WaitNote v-else-if="error || !quilt.design.value" what="the quilt" :error="error" />
  <template v-else>
    <ConflictNote v-if="quilt.saveState.value === 'conflict'" />
    <p v-else-if="quilt.saveState.value === 'unreachable'" role="alert" class="bg-brick-pale p-3">
      <strong v-if="quilt.trouble.value">It can’t be saved just now: {{ quilt.trouble.value }}.</strong>
      <strong v-else>Golden Tally does not answer just now.</strong>
      <template v-if="quilt.stored.value">
        What you did is kept in this browser, also if you close it, and is sent by itself once there is an answer at
        this address;
      </template>
      <template v-else>
        This browser has no room to keep what you did: leave this page open, and it is sent once there is an answer;
      </template>
      see that Golden Tally is started. Cards and cutting steps are ticked and tallied as ever. The picture and the
      figures of a changed design need the answer and follow then.
    </p>
    <VersionBar v-if="!route.meta.bare" :id="id" />
    <RouterView />
  </template>
</template>
