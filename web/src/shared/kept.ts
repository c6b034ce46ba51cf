/** What this browser keeps until the server has it. A full or forbidden store is no reason to lose what is on the screen. */
export const kept = {
  read<T>(key: string): T | undefined {
    try {
      const text = localStorage.getItem(key)
      return text === null ? undefined : (JSON.parse(text) as T)
    } catch {
      return undefined
    }
  },
  /** Whether it is kept. */
  write(key: string, value: unknown): boolean {
    try {
      localStorage.setItem(key, JSON.stringify(value))
      return true
    } catch {
      return false
    }
  },
  remove(key: string) {
    try {
      localStorage.removeItem(key)
    } catch {
      // Nothing was kept there, then.
    }
  },
  /** What follows the prefix, of every key that begins with it. */
  keysAfter(prefix: string): string[] {
    try {
      return Object.keys(localStorage)
        .filter((key) => key.startsWith(prefix))
        .map((key) => key.slice(prefix.length))
    } catch {
      return []
    }
  },
}
