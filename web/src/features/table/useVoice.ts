import { onUnmounted, ref } from 'vue'
import { type Told, toldByVoice } from './hands'

/** As much of the browser's speech recognition as is used; types of it do not come with TypeScript. */
interface Recognition {
  continuous: boolean
  lang: string
  start(): void
  stop(): void
  onresult: ((event: { resultIndex: number; results: ArrayLike<ArrayLike<{ transcript: string }>> }) => void) | null
  onend: (() => void) | null
  onerror: ((event: { error: string }) => void) | null
}

function recognition(): (new () => Recognition) | undefined {
  const browser = window as unknown as Record<string, unknown>
  return (browser.SpeechRecognition ?? browser.webkitSpeechRecognition) as (new () => Recognition) | undefined
}

/** Listens for a few words, where the browser can and only when asked to. */
export function useVoice(tell: (told: Told) => void) {
  const can = recognition() !== undefined
  const listening = ref(false)
  const heard = ref('')
  const trouble = ref('')
  let ears: Recognition | undefined

  function start() {
    ears = new (recognition()!)()
    ears.continuous = true
    ears.lang = 'en'
    ears.onresult = (event) => {
      for (let i = event.resultIndex; i < event.results.length; i++) {
        const said = event.results[i]![0]!.transcript.trim()
        const told = toldByVoice(said)
        heard.value = told.length ? `“${said}”` : `“${said}”: not one of the words`
        told.forEach(tell)
      }
    }
    ears.onerror = (event) => {
      if (event.error === 'no-speech') return
      trouble.value = `This browser can’t listen (${event.error}). Allow the microphone for this page, or go on by tap.`
      stop()
    }
    // Browsers stop listening after a while of silence.
    ears.onend = () => listening.value && ears?.start()
    listening.value = true
    trouble.value = ''
    ears.start()
  }
  function stop() {
    listening.value = false
    ears?.stop()
  }
  onUnmounted(stop)
  return { can, listening, heard, trouble, toggle: () => (listening.value ? stop() : start()) }
}
