/** Rows of so many: all but the last are full. */
export function rowsOf<T>(all: readonly T[], across: number): T[][] {
  return Array.from({ length: Math.ceil(all.length / across) }, (_, row) => all.slice(row * across, (row + 1) * across))
}
