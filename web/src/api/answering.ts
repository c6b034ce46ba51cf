import { readonly, ref } from 'vue'
import { GrowingPause } from '@/shared/GrowingPause'

const answering = ref(true)
const pause = new GrowingPause()

/** Whether the server answered when it was last asked; while it does not, it is asked again by itself. */
export function useAnswering() {
  return readonly(answering)
}

/** Notes that the server answered, or that it did not. */
export function noteAnswer(came: boolean) {
  if (came) pause.reset()
  else if (answering.value) pause.later(ask)
  answering.value = came
}

async function ask() {
  try {
    await fetch('/', { method: 'HEAD', cache: 'no-store' })
    noteAnswer(true)
  } catch {
    pause.later(ask)
  }
}
