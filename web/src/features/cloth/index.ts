export { useShelf } from './queries'
export { useShelfActs } from './useShelfActs'
export { default as ShelfEntry } from './ShelfEntry.vue'
