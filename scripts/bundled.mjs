/** What the bundle holds of others: their licences, and a list of parts in the format of CycloneDX 1.6. */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * Packages of which something is in the bundle, sorted.
 * @param root of the project
 * @param inputs paths of the files that were bundled, from there
 */
export function bundledPackages(root, inputs) {
  const folders = new Set(
    inputs.map((input) => /^(.*node_modules\/(?:@[^/]+\/)?[^/]+)\//.exec(input)?.[1]).filter(Boolean),
  );
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
  const all = new Map();
  for (const folder of [...folders].sort()) {
    const { name, version, license } = JSON.parse(readFileSync(join(root, folder, 'package.json'), 'utf8'));
    const file = readdirSync(join(root, folder)).find((entry) => /^licen[cs]e/i.test(entry));
    const text =
      file && existsSync(join(root, folder, file))
        ? readFileSync(join(root, folder, file), 'utf8')
        : `Licence: ${license}\n`;
    // The same version may lie in two places.
    all.set(`${name} ${version}`, { name, version, license, text, integrity: packages[folder]?.integrity });
  }
  return [...all.values()];
}

/** The text of all their licences. */
export const notices = (all) =>
  all.map(({ name, version, text }) => `${name} ${version}\n\n${text.trim()}\n`).join(`\n${'-'.repeat(72)}\n\n`);

/** Without a time or a number of its own: the same parts give the same bytes. */
export function partsList({ name, version, description, license }, all) {
  const purl = (one, own) => `pkg:npm/${one.replace('@', '%40')}@${own}`;
  const component = (type, part) => ({
    type,
    'bom-ref': purl(part.name, part.version),
    name: part.name,
    version: part.version,
    ...(part.description && { description: part.description }),
    ...(part.integrity && { hashes: hashesOf(part.integrity) }),
    // An expression such as (MIT OR Apache-2.0), or the name of one (SPDX).
    licenses: [/[ ()]/.test(part.license) ? { expression: part.license } : { license: { id: part.license } }],
    purl: purl(part.name, part.version),
  });
  const own = component('application', { name, version, description, license });
  const components = all.map((one) => component('library', one));
  return {
    $schema: 'http://cyclonedx.org/schema/bom-1.6.schema.json',
    bomFormat: 'CycloneDX',
    specVersion: '1.6',
    version: 1,
    metadata: { component: own },
    components,
    dependencies: [{ ref: own['bom-ref'], dependsOn: components.map((one) => one['bom-ref']) }],
  };
}

/** Of an archive as the registry gives it (Subresource Integrity). */
const hashesOf = (integrity) =>
  integrity.split(' ').map((one) => {
    const [algorithm, digest] = one.split(/-(.*)/s);
    return { alg: algorithm.replace('sha', 'SHA-'), content: Buffer.from(digest, 'base64').toString('hex') };
  });
