// What the front end is made of, for the application to name: every package of the lock file that goes along, in CycloneDX 1.5. (npm's own list
// leaves out packages that others only ask to be there, vue among them.)
import { readFileSync, writeFileSync } from 'node:fs'

/** What the build leaves in the application though it is only wanted to build it: the pages that lie by on a device. */
const goesAlong = /^node_modules\/workbox-(core|precaching|routing|strategies)$/
const lock = JSON.parse(readFileSync('package-lock.json', 'utf8'))
const components = Object.entries(lock.packages)
  .filter(([at, its]) => goesAlong.test(at) || (at.startsWith('node_modules/') && !its.dev && !its.devOptional && !its.optional))
  .map(([at, its]) => {
    const { name, version, license } = JSON.parse(readFileSync(`${at}/package.json`, 'utf8'))
    return {
      type: 'library',
      name,
      version,
      purl: `pkg:npm/${name.replace('@', '%40')}@${version}`,
      hashes: its.integrity ? [{ alg: 'SHA-512', content: Buffer.from(its.integrity.split('-')[1], 'base64').toString('hex') }] : [],
      licenses: [/ /.test(license) ? { expression: license } : { license: { id: license } }]
    }
  })
  .sort((a, b) => a.name.localeCompare(b.name))
writeFileSync(
  'dist/sbom.cdx.json',
  JSON.stringify({ bomFormat: 'CycloneDX', specVersion: '1.5', version: 1, components }, null, 1)
)
