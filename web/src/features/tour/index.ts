export { default as TourButton } from './TourButton.vue'
export { default as TourCard } from './TourCard.vue'
