// @vitest-environment happy-dom
import { afterEach, describe, expect, it, vi } from 'vitest'
import { mounted, quiet } from '../test-mount'
import FixButtons from './FixButtons.vue'
import { useBench } from './store'

describe('changes that would mend something', () => {
  afterEach(() => vi.restoreAllMocks())

  function two() {
    const fixes = ['Take 11 sections', 'A helper spreads too'].map((label) => ({ label, after: {} }))
    const on = mounted(FixButtons, { fixes })
    const show = vi.spyOn(useBench(), 'show').mockResolvedValue()
    const buttons = [...on.page.querySelectorAll('button')]
    const happens = (at: number, name: string) => buttons[at]?.dispatchEvent(new Event(name))
    return { ...on, show, happens, fixes }
  }

  it('are not shown on the bench because they came to lie under a pointer at rest', async () => {
    const { show, happens, close } = two()
    happens(1, 'pointerenter')
    happens(1, 'pointerover')
    await quiet()
    expect(show).not.toHaveBeenCalled()
    close()
  })

  it('are shown once when the pointer moves over them, and no more when it has left', async () => {
    const { show, happens, fixes, close } = two()
    happens(1, 'pointermove')
    happens(1, 'pointermove')
    expect(show.mock.calls).toEqual([[fixes[1]]])
    happens(1, 'pointerleave')
    expect(show).toHaveBeenLastCalledWith(null)
    happens(1, 'pointermove')
    expect(show).toHaveBeenLastCalledWith(fixes[1])
    close()
  })

  it('are shown to who comes by key', () => {
    const { show, happens, fixes, close } = two()
    happens(0, 'focus')
    expect(show).toHaveBeenLastCalledWith(fixes[0])
    happens(0, 'blur')
    expect(show).toHaveBeenLastCalledWith(null)
    close()
  })
})
