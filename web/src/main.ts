import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import ToastService from 'primevue/toastservice'
import { createApp } from 'vue'
import { problemOf, stranger } from './api/client'
import App from './App.vue'
import { router } from './router'
import { lookWhoAsks } from './shop/asking'
import { lieBy } from './shop/lie-by'
import './style.css'
import { CantHook } from './theme'

if (localStorage.getItem('lamp') === 'dark') document.documentElement.classList.add('dark')

/** So long a failure stands told, ms; the same one is not told twice meanwhile. */
const TOLD_FOR = 8000
const NOT_LET_IN = 401

const app = createApp(App)
  .use(createPinia())
  .use(router)
  .use(PrimeVue, {
    theme: {
      preset: CantHook,
      options: { darkModeSelector: '.dark', cssLayer: { name: 'primevue', order: 'base, primevue, app' } }
    }
  })
  .use(ToastService)

// nothing that fails does so silently, whether it was waited for or not
const standing = new Set<string>()
function tell(error: unknown) {
  console.warn(error)
  const summary = problemOf(error).detail
  if (standing.has(summary)) return
  standing.add(summary)
  window.setTimeout(() => standing.delete(summary), TOLD_FOR)
  app.config.globalProperties.$toast.add({ severity: 'error', summary, life: TOLD_FOR })
}
app.config.errorHandler = tell
window.addEventListener('unhandledrejection', (event) => {
  event.preventDefault()
  // who is not let in is led to the door, which says so
  if (problemOf(event.reason).status !== NOT_LET_IN) tell(event.reason)
})
// a device that was put out, or never let in, is led to the door and from there to where it wanted
stranger.asked = async () => {
  await router.isReady()
  const at = router.currentRoute.value
  if (at.name !== 'join') await router.push({ name: 'join', query: { to: at.fullPath } })
}
// what this device may do is told at its place when it is asked; without an answer the shop itself refuses
lookWhoAsks().catch(() => undefined)
app.mount('#app')
lieBy(router)
