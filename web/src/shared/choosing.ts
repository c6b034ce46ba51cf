/** Keys that go on without choosing. */
const PASSING_ON = new Set(['Tab', 'Shift', 'Control', 'Alt', 'Meta', 'Escape'])

/**
 * A list that something is taken from: by the pointer at once, by keys with Enter only, since typing a name passes over
 * others on its way. Where keys open the list first, it is chosen from with Enter by itself.
 *
 * @param take what is done with what was chosen; the list is set back by whoever takes
 */
export function choosing(take: (list: HTMLSelectElement) => void) {
  let passing = false
  return {
    pointerdown: () => (passing = false),
    keydown: (event: KeyboardEvent) => {
      if (event.key === 'Enter') {
        event.preventDefault()
        passing = false
        take(event.target as HTMLSelectElement)
      } else if (!event.defaultPrevented && !PASSING_ON.has(event.key)) passing = true
    },
    change: (event: Event) => {
      if (!passing) take(event.target as HTMLSelectElement)
    },
  }
}
