import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useTakenOff } from './taken-off'

const board = { id: 'b7', name: 'Cherry, 1.2 m' }

describe('what was taken off a shelf', () => {
  const of = {
    id: (item: typeof board) => item.id,
    remove: vi.fn(async () => undefined as unknown),
    restore: vi.fn(async () => undefined as unknown),
    shown: vi.fn(),
    load: vi.fn(async () => undefined)
  }
  beforeEach(() => vi.clearAllMocks())

  it('can be put back, and is looked at then', async () => {
    const shelf = useTakenOff(of)
    await shelf.takeOff(board)
    expect(of.remove).toHaveBeenCalledWith('b7')
    expect(of.shown).toHaveBeenLastCalledWith('')
    expect(shelf.gone.value).toEqual(board)
    await shelf.putBack()
    expect(of.restore).toHaveBeenCalledWith('b7')
    expect(of.shown).toHaveBeenLastCalledWith('b7')
    expect(shelf.gone.value).toBeUndefined()
    expect(of.load).toHaveBeenCalledTimes(2)
  })

  it('still hangs there when the shop refuses, and why is said until it goes well', async () => {
    const shelf = useTakenOff(of)
    of.remove.mockRejectedValueOnce(new Error('A box is cut from it.'))
    await shelf.takeOff(board)
    expect(shelf.refused.value).toBe('A box is cut from it.')
    expect(shelf.gone.value).toBeUndefined()
    expect(of.load).not.toHaveBeenCalled()
    await shelf.takeOff(board)
    expect(shelf.refused.value).toBe('')
  })

  it('can still be put back after that failed once', async () => {
    const shelf = useTakenOff(of)
    await shelf.takeOff(board)
    of.restore.mockRejectedValueOnce(new Error('busy'))
    await shelf.putBack()
    expect(shelf.gone.value).toEqual(board)
    await shelf.putBack()
    expect(shelf.gone.value).toBeUndefined()
  })

  it('is nothing where nothing was chosen', async () => {
    const shelf = useTakenOff(of)
    await shelf.takeOff(undefined)
    await shelf.putBack()
    expect(of.remove).not.toHaveBeenCalled()
    expect(of.restore).not.toHaveBeenCalled()
  })
})
