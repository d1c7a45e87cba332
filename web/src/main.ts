import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import ToastService from 'primevue/toastservice'
import { createApp } from 'vue'
import { problemOf } from './api/client'
import App from './App.vue'
import { router } from './router'
import './style.css'
import { CantHook } from './theme'

if (localStorage.getItem('lamp') === 'dark') document.documentElement.classList.add('dark')

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

// nothing that fails does so silently
app.config.errorHandler = (error) => {
  app.config.globalProperties.$toast.add({ severity: 'error', summary: problemOf(error).detail, life: 8000 })
  console.warn(error)
}
app.mount('#app')
