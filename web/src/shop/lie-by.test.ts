// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Router } from 'vue-router'
import { quiet } from '../test-mount'
import { lieBy } from './lie-by'

/** A tablet with a newer application waiting, or none. */
function tablet(newer: boolean, protocol = 'https:') {
  const waiting = newer ? { postMessage: vi.fn() } : null
  const listeners: Record<string, () => void> = {}
  const register = vi.fn(async () => ({ waiting, addEventListener: () => undefined }))
  const serviceWorker = {
    register,
    controller: {},
    addEventListener: (name: string, act: () => void) => void (listeners[name] = act)
  }
  vi.stubGlobal('navigator', { serviceWorker })
  const reload = vi.fn()
  vi.stubGlobal('location', { protocol, reload })
  let went: (to: { name: string }) => void = () => undefined
  lieBy({ afterEach: (act: typeof went) => void (went = act) } as unknown as Router)
  return {
    register,
    waiting,
    reload,
    go: (name: string) => went({ name }),
    takesOver: () => listeners.controllerchange?.()
  }
}

describe('an application that lies by on a tablet', () => {
  beforeEach(() => vi.spyOn(console, 'info').mockImplementation(() => undefined))
  afterEach(() => vi.unstubAllGlobals())

  it('is laid by only where the device trusts the shop', () => {
    expect(tablet(false, 'http:').register).not.toHaveBeenCalled()
    expect(tablet(false).register).toHaveBeenCalledWith('/sw.js')
  })

  it('is taken over by a newer one on the way between places, never at the saw, the glue or a first cut', async () => {
    const on = tablet(true)
    await quiet()
    for (const place of ['saw', 'gluing', 'first-cut']) on.go(place)
    expect(on.waiting?.postMessage).not.toHaveBeenCalled()
    on.go('boxes')
    expect(on.waiting?.postMessage).toHaveBeenCalledWith({ type: 'SKIP_WAITING' })
    on.takesOver()
    expect(on.reload).toHaveBeenCalledOnce()
  })

  it('is not loaded anew when nobody asked a newer one to take over', async () => {
    const on = tablet(false)
    await quiet()
    on.go('boxes')
    on.takesOver()
    expect(on.reload).not.toHaveBeenCalled()
  })
})
