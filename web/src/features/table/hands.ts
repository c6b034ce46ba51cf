/** What is told to a card from a distance: done and on, one card back or forth, counts. */
export type Told =
  | { act: 'done' }
  | { act: 'back' }
  | { act: 'next' }
  | { act: 'made'; count: number }
  | { act: 'spoiled'; count: number }

/** Keys of a keyboard, and of foot pedals and page turners, which send the same. */
export function toldByKey(key: string): Told | undefined {
  switch (key) {
    case ' ':
    case 'Enter':
    case 'PageDown':
      return { act: 'done' }
    case 'PageUp':
    case 'Backspace':
    case 'ArrowLeft':
    case 'ArrowUp':
      return { act: 'back' }
    case 'ArrowRight':
    case 'ArrowDown':
      return { act: 'next' }
    default:
      return undefined
  }
}

const NUMBERS = [
  'none',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
  'twenty',
]

/** More at once is misheard (our own limit). */
const MOST_SAID = 60

function numberIn(words: readonly string[]): number | undefined {
  for (const word of words) {
    const number = /^\d+$/.test(word) ? Number(word) : NUMBERS.indexOf(word)
    if (number > 0 && number <= MOST_SAID) return number
  }
  return undefined
}

/** What was heard, where it is one of the few things that are listened for: “done”, “back”, “made fourteen”, “spoiled two”. */
export function toldByVoice(heard: string): Told[] {
  const words = heard
    .toLowerCase()
    .replaceAll(/[^a-z0-9 ]/g, ' ')
    .split(' ')
    .filter(Boolean)
  const told: Told[] = []
  words.forEach((word, i) => {
    const count = numberIn(words.slice(i + 1, i + 2))
    if (word === 'made') told.push({ act: 'made', count: count ?? 1 })
    else if (word === 'spoiled' || word === 'spoilt') told.push({ act: 'spoiled', count: count ?? 1 })
    else if (word === 'done') told.push({ act: 'done' })
    else if (word === 'next') told.push({ act: 'next' })
    else if (word === 'back') told.push({ act: 'back' })
  })
  return told
}
