import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import App from './app/App.vue'
import { fetchOtherPages, router } from './app/router'
import { sendTaps } from './features/bench'
import { sendDrafts } from './features/quilts'
import { startOffline } from './offline/takeAlong'
import { openListsByKeys } from './shared'
import './style.css'

const queryClient = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true, staleTime: 1000 } },
})
startOffline()
openListsByKeys(document)
// What was not kept when the browser was closed is sent, whichever page is opened first.
sendDrafts(queryClient)
sendTaps(queryClient)

createApp(App).use(router).use(VueQueryPlugin, { queryClient }).mount('#page')
fetchOtherPages()
