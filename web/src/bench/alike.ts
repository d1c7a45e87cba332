/** The same decisions, in whatever order they stand. */
export function alike(a: unknown, b: unknown): boolean {
  if (a === b || typeof a !== 'object' || typeof b !== 'object' || !a || !b)
    return a === b || (a ?? null) === (b ?? null)
  const names = new Set([...Object.keys(a), ...Object.keys(b)])
  return [...names].every((name) =>
    alike((a as Record<string, unknown>)[name], (b as Record<string, unknown>)[name])
  )
}
