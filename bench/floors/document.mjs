/** The floor of `docs add`: the document parsed, and as many bytes written as the index and the snapshot take. */
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const [file, kept, target] = process.argv.slice(2);
const text = readFileSync(file, 'utf8');
if (file.endsWith('.yaml')) (await import('js-yaml')).default.load(text);
else JSON.parse(text);
mkdirSync(target, { recursive: true });
writeFileSync(join(target, 'snapshot'), text);
for (const name of readdirSync(kept)) writeFileSync(join(target, name), readFileSync(join(kept, name)));
