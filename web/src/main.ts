import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import ToastService from 'primevue/toastservice'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import './style.css'
import { CantHook } from './theme'

if (localStorage.getItem('lamp') === 'dark') document.documentElement.classList.add('dark')

createApp(App)
  .use(createPinia())
  .use(router)
  .use(PrimeVue, {
    theme: {
      preset: CantHook,
      options: { darkModeSelector: '.dark', cssLayer: { name: 'primevue', order: 'base, primevue, app' } }
    }
  })
  .use(ToastService)
  .mount('#app')
