export { default as TopStation } from './TopStation.vue'
export { useClothColours } from './useClothColours'
