import { useQueryClient } from '@tanstack/vue-query'
import { computed, onUnmounted, ref, toValue, type MaybeRefOrGetter } from 'vue'
import { call, type Problem, problemsOf, Refusal, type Schemas } from '@/api/client'
import type { Card } from './queries'

export type Entry = Schemas['Written']

/** An entry that could not be sent is tried again after this long. */
const RETRY_MS = 3000

const waitingKey = (quiltId: string) => `golden-tally.bench.${quiltId}`

/** A name for an entry, so that one sent twice counts once; also where the browser lends no randomUUID. */
export function newId(): string {
  if (typeof crypto.randomUUID === 'function') return crypto.randomUUID()
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  bytes[6] = (bytes[6]! & 0x0f) | 0x40
  bytes[8] = (bytes[8]! & 0x3f) | 0x80
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-')
}

/**
 * Writes into the bench log. Entries are sent in order; what cannot be sent waits in this browser, outlives a reload, and
 * is sent again under the same name. Counts on the screen are the server's: what they show is kept.
 */
export function useBench(quiltId: MaybeRefOrGetter<string>) {
  const client = useQueryClient()
  const waiting = ref<Entry[]>(JSON.parse(localStorage.getItem(waitingKey(toValue(quiltId))) ?? '[]') as Entry[])
  const problems = ref<Problem[]>([])
  let sending = false
  let timer: ReturnType<typeof setTimeout> | undefined

  function remember() {
    const key = waitingKey(toValue(quiltId))
    if (waiting.value.length) localStorage.setItem(key, JSON.stringify(waiting.value))
    else localStorage.removeItem(key)
  }

  function write(entry: Omit<Entry, 'id'>) {
    waiting.value = [...waiting.value, { ...entry, id: newId() }]
    remember()
    void send()
  }

  async function send() {
    if (sending) return
    sending = true
    clearTimeout(timer)
    while (waiting.value.length) {
      const next = waiting.value[0]!
      try {
        const card = await call<Card>('POST', `/api/quilts/${toValue(quiltId)}/sew/log`, next)
        client.setQueryData(['quilt', toValue(quiltId), 'sew', 'card', next.batch], card)
        problems.value = []
      } catch (error) {
        const refused = error instanceof Refusal && error.status >= 400 && error.status < 500
        problems.value = refused ? problemsOf(error) : []
        if (!refused) {
          timer = setTimeout(() => void send(), RETRY_MS)
          break
        }
      }
      waiting.value = waiting.value.slice(1)
      remember()
    }
    sending = false
    void client.invalidateQueries({ queryKey: ['quilt', toValue(quiltId), 'sew', 'batches'] })
  }

  if (waiting.value.length) void send()
  onUnmounted(() => clearTimeout(timer))

  return { write, waiting: computed(() => waiting.value.length), problems: computed(() => problems.value) }
}
