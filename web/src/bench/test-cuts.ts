import { shallowRef, type Ref } from 'vue'
import { answer as got, api, type Damaged, type KeptTestCut, type NewTestCut } from '../api/client'

/**
 * The test cuts of the box on the bench.
 *
 * @param work works the box anew with them
 */
export function testCutsOf(id: Ref<string>, work: () => Promise<void>) {
  const testCuts = shallowRef<KeptTestCut[]>([])
  /** those that cannot be read */
  const damagedTestCuts = shallowRef<Damaged[]>([])

  /**
   * Keeps a test cut.
   *
   * @param kept told as soon as it is kept, before the box is worked again with it
   */
  async function addTestCut(cut: NewTestCut, kept: () => void) {
    const box = await got(
      api.POST('/api/boxes/{id}/test-cuts', {
        params: { path: { id: id.value } },
        body: cut
      })
    )
    testCuts.value = box.testCuts
    kept()
    await work()
  }

  async function removeTestCut(cutId: number, back = false) {
    const path = { id: id.value, cutId }
    const box = back
      ? await got(api.POST('/api/boxes/{id}/test-cuts/{cutId}/restore', { params: { path } }))
      : await got(api.DELETE('/api/boxes/{id}/test-cuts/{cutId}', { params: { path } }))
    testCuts.value = box.testCuts
    damagedTestCuts.value = box.damagedTestCuts
    await work()
  }

  return { testCuts, damagedTestCuts, addTestCut, removeTestCut }
}
