export { default as HowIWork } from './HowIWork.vue'
export { useTally } from './queries'
