export { default as AWord } from './AWord.vue'
