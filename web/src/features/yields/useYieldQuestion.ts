import { useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, toRaw, watch } from 'vue'
import { call, type Schemas } from '@/api/client'

export type Question = Schemas['YieldQuestion']
export type MethodAnswer = Schemas['MethodRow']

/** What each system starts out with. */
export const USUAL = {
  INCH: { piece: '10 in square', size: '3', corner: '1', seam: '1/4', grid: 'EIGHTH_INCH' },
  CENTIMETRE: { piece: '25 cm square', size: '8', corner: '2.5', seam: '0.75', grid: 'HALF_CENTIMETRE' },
} as const

const KEPT = 'golden-tally.yields'

function first(): Question {
  const kept = localStorage.getItem(KEPT)
  if (kept) return JSON.parse(kept) as Question
  const { piece, size, corner, seam, grid } = USUAL.INCH
  return {
    piece,
    unit: { kind: 'HALF_SQUARE', size, height: '', corner, count: 2 },
    settings: { system: 'INCH', seam, grid, allowance: 'TRIM' },
    wanted: 0,
  }
}

const question = reactive<Question>(first())
/** What is asked of the server: the question, once typing pauses. */
const asked = ref<Question>(structuredClone(toRaw(question)))
let pause: ReturnType<typeof setTimeout> | undefined
watch(question, () => {
  localStorage.setItem(KEPT, JSON.stringify(question))
  clearTimeout(pause)
  pause = setTimeout(() => (asked.value = JSON.parse(JSON.stringify(question)) as Question), 150)
})

/** The question on the Yields page, which survives a reload. */
export function useYieldQuestion() {
  return { question, asked }
}

/** Every method side by side. The last good answer stays while a new one is on its way. */
export function useYields() {
  return useQuery({
    queryKey: computed(() => ['yields', asked.value]),
    queryFn: () => call('POST', '/api/yields', { body: asked.value }),
    placeholderData: (before) => before,
    retry: false,
  })
}

/** How the yields fall as the unit grows. */
export function useLimits() {
  return useQuery({
    queryKey: computed(() => ['limits', { ...asked.value, wanted: 0 }]),
    queryFn: () => call('POST', '/api/yields/limits', { body: { ...asked.value, wanted: 0 } }),
    placeholderData: (before) => before,
    retry: false,
  })
}

export function useUnitKinds() {
  return useQuery({ queryKey: ['unit kinds'], queryFn: () => call('GET', '/api/yields/units'), staleTime: Infinity })
}
