export { default as ProblemNote } from './ProblemNote.vue'
export { default as TopPicture } from './TopPicture.vue'
export { default as WaitNote } from './WaitNote.vue'
export { spellCount } from './words'
