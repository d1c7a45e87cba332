import { watch, type Ref } from 'vue'

/**
 * Holds what stands in a slate as high as it is while something is only looked at: a button that shows a change must not be
 * moved from under the pointer by the change it shows.
 *
 * @param shown whether something is only looked at
 */
export function heldStill(shown: () => boolean, ...held: Ref<HTMLElement | null>[]) {
  watch(
    shown,
    (isShown) => {
      for (const { value: element } of held) {
        if (!element) continue
        element.style.height = isShown ? `${element.getBoundingClientRect().height}px` : ''
        element.classList.toggle('held-still', isShown)
      }
    },
    // measured before what is shown is drawn
    { flush: 'pre' }
  )
}
