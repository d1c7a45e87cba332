import type { Router } from 'vue-router'
import { answer, api, problemOf } from '../api/client'
import { brought } from './brought'

/**
 * Brings a file in: a box is laid on the bench, a whole shop is looked at before any of it is taken.
 *
 * @returns what is wrong with it; empty when it was brought in
 */
export async function bringIn(file: File, router: Router): Promise<string> {
  if (/\.zip$/i.test(file.name)) {
    brought.value = file
    await router.push('/rack/backups')
    return ''
  }
  try {
    if (file.size > 1_000_000)
      throw new Error('This is over a megabyte; a box is a few kilobytes. Is it the right file?')
    let content: unknown
    try {
      content = JSON.parse(await file.text())
    } catch {
      throw new Error('This is not a box saved by Cant Hook: it is not JSON.')
    }
    const box = await answer(api.POST('/api/boxes/import', { body: content as never }))
    await router.push({ name: 'bench', params: { id: box.id } })
    return ''
  } catch (error) {
    const problem = problemOf(error)
    return `${file.name}: ${problem.field ? `${problem.field}: ` : ''}${problem.detail}`
  }
}
