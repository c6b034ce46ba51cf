import { QueryClient, QueryObserver } from '@tanstack/vue-query'
import { describe, expect, it, vi } from 'vitest'
import { askAnew } from './askAnew'

/** A page that asks a server, whose answers come when the test says so. */
function asked() {
  const client = new QueryClient()
  const answers: ((answer: string) => void)[] = []
  const page = new QueryObserver(client, {
    queryKey: ['quilt', 'a', 'kits'],
    queryFn: () => new Promise<string>((answer) => answers.push(answer)),
    retry: false,
  })
  page.subscribe(() => {})
  return { client, answers, page }
}

const shows = async (page: { getCurrentResult(): { data: unknown } }, what: string) =>
  vi.waitFor(() => expect(page.getCurrentResult().data).toBe(what))

describe('after a change', () => {
  it('the answer to a first question that was asked before it is not taken for the new one', async () => {
    const { client, answers, page } = asked()
    const done = askAnew(client, ['quilt', 'a'])
    await vi.waitFor(() => expect(answers).toHaveLength(2))
    answers[1]!('12 kits')
    await done
    answers[0]!('1 kit')
    await shows(page, '12 kits')
  })

  it('what is shown stays until the new answer comes', async () => {
    const { client, answers, page } = asked()
    answers[0]!('1 kit')
    await shows(page, '1 kit')
    const done = askAnew(client, ['quilt', 'a'])
    await vi.waitFor(() => expect(answers).toHaveLength(2))
    expect(page.getCurrentResult().data).toBe('1 kit')
    answers[1]!('12 kits')
    await done
    await shows(page, '12 kits')
  })

  it('another quilt is not asked for', async () => {
    const { client, answers } = asked()
    await askAnew(client, ['quilt', 'b'])
    expect(answers).toHaveLength(1)
  })
})
