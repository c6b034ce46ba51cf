export { default as TallyStation } from './TallyStation.vue'
export { useTally } from './queries'
