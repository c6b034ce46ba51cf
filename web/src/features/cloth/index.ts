export { default as ClothStation } from './ClothStation.vue'
export { useShelf } from './queries'
export { useShelfActs } from './useShelfActs'
