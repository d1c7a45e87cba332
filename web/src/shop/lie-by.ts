import type { Router } from 'vue-router'

/**
 * On a tablet the application lies by, so that it opens without the network. Only over the shop's network, with a certificate the device trusts; at the
 * machine itself the shop is always there. A newer application takes over on the way between places, never under a run at the saw.
 */
export function lieBy(router: Router) {
  if (location.protocol !== 'https:' || !('serviceWorker' in navigator)) return
  let newer: ServiceWorker | null = null
  let taken = false
  navigator.serviceWorker
    .register('/sw.js')
    .then((registration) => {
      newer = registration.waiting
      registration.addEventListener('updatefound', () => {
        const coming = registration.installing
        coming?.addEventListener('statechange', () => {
          if (coming.state === 'installed' && navigator.serviceWorker.controller) newer = coming
        })
      })
    })
    // without a certificate it trusts the browser takes none; everything else works
    .catch((error) => console.info('The application does not lie by on this device.', error))
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    if (taken) location.reload()
  })
  router.afterEach((to) => {
    if (!newer || to.name === 'saw' || to.name === 'gluing' || to.name === 'first-cut') return
    taken = true
    newer.postMessage({ type: 'SKIP_WAITING' })
  })
}
