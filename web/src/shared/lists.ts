/** Keys that would choose another line of a list that is not even open. */
const PASSING = /^(Arrow(Up|Down|Left|Right)|Home|End|Page(Up|Down)|.)$/u

/**
 * A list is chosen from by Enter or by the pointer, never by passing over its lines: keys open it first. Browsers that
 * cannot open a list at a page's wish keep their own ways.
 */
export function openListsByKeys(page: Pick<Document, 'addEventListener'>) {
  page.addEventListener(
    'keydown',
    (event) => {
      const list = event.target
      if (!(list instanceof HTMLSelectElement) || list.multiple || list.size > 1 || list.disabled) return
      if (event.ctrlKey || event.metaKey || event.altKey || !PASSING.test(event.key)) return
      if (typeof list.showPicker !== 'function') return
      try {
        list.showPicker()
      } catch {
        return
      }
      event.preventDefault()
    },
    { capture: true },
  )
}
