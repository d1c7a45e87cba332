import { useEventListener } from '@vueuse/core'
import { onBeforeUnmount, watch, type Ref } from 'vue'

/** The browser's back button closes what lies over the page before it leaves the page. */
export function backCloses(open: Ref<boolean>, close: () => void) {
  const mark = `over-${Math.random().toString(36).slice(2)}`
  watch(open, (now) => {
    if (now) history.pushState({ ...history.state, over: mark }, '')
    else if (history.state?.over === mark) history.back()
  })
  useEventListener('popstate', () => {
    if (open.value && history.state?.over !== mark) close()
  })
  onBeforeUnmount(() => {
    if (open.value) close()
  })
}
