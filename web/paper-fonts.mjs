// Turns the letters the pages are set in into files that a paper can carry: public/paper-fonts, made anew at every build.
import { mkdir, readFile, writeFile } from 'node:fs/promises'
import { createRequire } from 'node:module'
import wawoff2 from 'wawoff2'

const require = createRequire(import.meta.url)
const faces = {
  'plain.ttf': '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2',
  'bold.ttf': '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff2',
  'number.ttf': '@fontsource/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-700-normal.woff2',
  'arabic.ttf': '@fontsource/noto-sans-arabic/files/noto-sans-arabic-arabic-400-normal.woff2',
  'pictures.ttf': '@fontsource/noto-emoji/files/noto-emoji-emoji-400-normal.woff2'
}
await mkdir('public/paper-fonts', { recursive: true })
for (const [name, file] of Object.entries(faces)) {
  await writeFile(`public/paper-fonts/${name}`, await wawoff2.decompress(await readFile(require.resolve(file))))
}
