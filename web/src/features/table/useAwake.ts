import { onMounted, onUnmounted, ref } from 'vue'

/** Keeps the screen on while a card is shown, where the browser can; it ends when another page is looked at. */
export function useAwake() {
  const awake = ref(false)
  let lock: WakeLockSentinel | undefined

  async function keep() {
    if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
    try {
      lock = await navigator.wakeLock.request('screen')
      awake.value = true
      lock.addEventListener('release', () => (awake.value = false))
    } catch {
      // A battery that is nearly empty: the screen sleeps as usual.
      awake.value = false
    }
  }
  onMounted(() => {
    void keep()
    document.addEventListener('visibilitychange', keep)
  })
  onUnmounted(() => {
    document.removeEventListener('visibilitychange', keep)
    void lock?.release()
  })
  return awake
}
