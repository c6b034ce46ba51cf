/** {@code spellCount(1, 'square', 'squares')} is "1 square". */
export function spellCount(count: number, one: string, many: string): string {
  return `${count} ${count === 1 ? one : many}`
}
