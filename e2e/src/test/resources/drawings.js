// What is wrong with the drawings on the page: labels that touch, lie on a dimension line, leave the picture or are cut; drawings small in their place.
() => {
  const out = []
  const seen = (e) => {
    if (!e.checkVisibility()) return false
    const r = e.getBoundingClientRect()
    return (
      r.width > 0 && r.height > 0 && getComputedStyle(e).visibility !== 'hidden' && !e.closest('[hidden]')
    )
  }
  for (const svg of document.querySelectorAll('svg')) {
    if (!seen(svg)) continue
    const clip = svg.getBoundingClientRect()
    const name =
      svg.querySelector('title')?.textContent || svg.getAttribute('aria-label') || svg.parentElement.className
    const texts = [...svg.querySelectorAll('text')]
      .filter(seen)
      .map((t) => {
        const r = t.getBoundingClientRect()
        const up = t.closest('[transform*="rotate"]')
        const dx = up ? r.width * 0.22 : 0.5,
          dy = up ? 0.5 : r.height * 0.22
        return {
          t: t.textContent.replace(/\s+/g, ' ').trim(),
          l: r.left + dx,
          r: r.right - dx,
          a: r.top + dy,
          b: r.bottom - dy,
        }
      })
      .filter((t) => t.t)
    for (const t of texts) {
      if (t.t.includes('…')) out.push(`${name}: cut "${t.t}"`)
      if (t.l < clip.left - 1 || t.r > clip.right + 1 || t.a < clip.top - 1 || t.b > clip.bottom + 1)
        out.push(`${name}: outside "${t.t}"`)
    }
    for (let i = 0; i < texts.length; i++)
      for (let j = i + 1; j < texts.length; j++) {
        const a = texts[i],
          b = texts[j]
        if (a.l < b.r && b.l < a.r && a.a < b.b && b.a < a.b) out.push(`${name}: "${a.t}" × "${b.t}"`)
      }
    for (const m of svg.querySelectorAll('.measure')) {
      const r = m.getBoundingClientRect()
      for (const t of texts)
        if (t.l < r.right && r.left < t.r && t.a < r.bottom + 0.1 && r.top - 0.1 < t.b)
          out.push(`${name}: "${t.t}" on a dimension line`)
    }
  }
  for (const f of document.querySelectorAll('.figure')) {
    if (!seen(f)) continue
    const c = f.getBoundingClientRect()
    let l = 1e9,
      r = -1e9,
      a = 1e9,
      b = -1e9
    for (const s of f.querySelectorAll('svg .shape, svg .line, svg text')) {
      const k = s.getBoundingClientRect()
      if (!k.width && !k.height) continue
      l = Math.min(l, k.left)
      r = Math.max(r, k.right)
      a = Math.min(a, k.top)
      b = Math.max(b, k.bottom)
    }
    const wide = (r - l) / c.width,
      high = (b - a) / c.height
    // one that reaches across its place one way is as large as it can be
    if (Math.max(wide, high) < 0.7 || (wide * high < 0.4 && Math.max(wide, high) < 0.8))
      out.push(
        `${f.querySelector('title')?.textContent}: fills ${(wide * 100).toFixed(0)} × ${(high * 100).toFixed(0)} % of ${c.width | 0} × ${c.height | 0}`,
      )
  }
  return out
}
