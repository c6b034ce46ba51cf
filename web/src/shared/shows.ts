import type { ObjectDirective } from 'vue'

type Field = Pick<HTMLInputElement, 'value'>

/** What each field showed last of its own accord; whatever else stands in it was typed. */
const shown = new WeakMap<Field, string>()

/** Shows a value in a field, unless somebody is typing something else there. */
export function show(field: Field, value: string | number, focused: boolean) {
  const text = String(value)
  const before = shown.get(field)
  if (focused && before !== undefined && field.value !== before && field.value !== text) return
  field.value = text
  shown.set(field, text)
}

/**
 * `v-shows="name"`: for a field that tells its change once it is left. Bound to its value, it would be set back to that
 * whenever anything beside it is shown anew, and what was typed so far would be lost.
 */
export const vShows: ObjectDirective<HTMLInputElement, string | number> = {
  created: (field, { value }) => show(field, value, false),
  updated: (field, { value }) => show(field, value, document.activeElement === field),
}
