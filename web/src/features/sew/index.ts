export { default as SewStation } from './SewStation.vue'
export { useBatches } from './queries'
