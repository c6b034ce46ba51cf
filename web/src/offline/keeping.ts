/** Answers with this header come out of the browser: nobody was there to give newer ones. */
export const FROM_BEFORE = 'X-Answered-Before'

/**
 * Whether an answer is kept for when there is no network: what pages show of a quilt, the shelf and the log, and sheets
 * that were opened. Not what is asked again and again while work is under way, nor files to take away, nor how the
 * application is.
 */
export function isKept(path: string): boolean {
  return (
    path.startsWith('/api/') &&
    !/^\/api\/(health|manage|openapi|copies|everything|searches)\b/.test(path) &&
    !/\/(searches|quilt-file|file)(\/|$)|\.(json|csv|zip)$/.test(path)
  )
}

/** The same answer, marked as one of before. */
export function ofBefore(answer: Response): Response {
  const headers = new Headers(answer.headers)
  headers.set(FROM_BEFORE, 'yes')
  return new Response(answer.body, { status: answer.status, statusText: answer.statusText, headers })
}
