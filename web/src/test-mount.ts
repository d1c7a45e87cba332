import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { createApp, h, nextTick, reactive, type Component } from 'vue'

/** Mounts one component in a page of its own; its properties may be changed later, what it says is written down. */
export function mounted(component: Component, given: Record<string, unknown>, before?: () => void) {
  const pinia = createPinia()
  setActivePinia(pinia)
  before?.()
  const props = reactive({ ...given })
  const said: [string, ...unknown[]][] = []
  const listeners = Object.fromEntries(
    ['read', 'settled', 'leave', 'choose', 'open', 'edit', 'point'].map((name) => [
      `on${name[0]?.toUpperCase()}${name.slice(1)}`,
      (...what: unknown[]) => said.push([name, ...what])
    ])
  )
  const app = createApp({ render: () => h(component, { ...props, ...listeners }) })
  app.use(pinia)
  app.use(PrimeVue, { unstyled: true })
  app.component('RouterLink', (_, { slots }) => h('a', slots.default?.()))
  const page = document.createElement('div')
  document.body.append(page)
  app.mount(page)
  return { page, props, said, close: () => app.unmount() }
}

/** Until promises and drawing are through. */
export async function quiet() {
  for (let i = 0; i < 5; i++) {
    await Promise.resolve()
    await new Promise((later) => setTimeout(later))
    await nextTick()
  }
}
