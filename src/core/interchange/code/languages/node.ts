/** `node`: JavaScript, with `node:http` and `node:https`. */
import { ownMember } from '../../../value/own-member.js';
import {
  camelName,
  filesOf,
  grouped,
  type Language,
  type Needs,
  Needs as NeedsOf,
  type Notation,
  quoted,
  remarks,
  written,
} from '../language.js';

const hash = (algorithm: string): string => `'${algorithm.replace('-', '')}'`;

const signOptions: Readonly<Record<string, string>> = {
  'rsa-pss': 'padding: constants.RSA_PKCS1_PSS_PADDING, saltLength: constants.RSA_PSS_SALTLEN_DIGEST',
  ecdsa: "dsaEncoding: 'ieee-p1363'",
};

const notation = ({ need }: Needs): Notation => ({
  text: quoted,
  env(name) {
    need('helper', 'env');
    return `env('${name}')`;
  },
  name: camelName,
  join: (parts) => parts.join(' + '),
  time(form, shift) {
    need('helper', 'moment');
    if (form === 'iso' && shift === 0) {
      need('helper', 'now');
      return 'now';
    }
    const at = shift === 0 ? 'moment' : `new Date(moment.getTime() + ${shift})`;
    if (form === 'iso') return `${at}.toISOString()`;
    if (form === 'http') return `${at}.toUTCString()`;
    return form === 'unix' ? `String(Math.floor(${at}.getTime() / 1000))` : `String(${at}.getTime())`;
  },
  uuid() {
    need('helper', 'uuid');
    need('crypto', 'randomUUID');
    return 'uuid';
  },
  nonce() {
    need('helper', 'nonce');
    need('crypto', 'randomBytes');
    return 'nonce';
  },
  bytes: (text) => `Buffer.from(${text})`,
  digest(algorithm, data) {
    need('crypto', 'createHash');
    return `createHash(${hash(algorithm)}).update(${data}).digest()`;
  },
  hmac(algorithm, key, data) {
    need('crypto', 'createHmac');
    return `createHmac(${hash(algorithm)}, ${key}).update(${data}).digest()`;
  },
  sign(scheme, key, data) {
    need('crypto', 'sign');
    if (scheme.kind === 'ed25519') return `sign(null, ${data}, ${key})`;
    const options = ownMember(signOptions, scheme.kind);
    if (scheme.kind === 'rsa-pss') need('crypto', 'constants');
    return `sign(${hash(scheme.hash)}, ${data}, ${options === undefined ? key : `{ key: ${key}, ${options} }`})`;
  },
  encode: (how, data) => `${data}.toString('${how}')`,
  decode: (how, data) => `Buffer.from(${data}, '${how.replace('from-', '')}')`,
  change(how, data) {
    switch (how) {
      case 'upper':
        return `${grouped(data)}.toUpperCase()`;
      case 'lower':
        return `${grouped(data)}.toLowerCase()`;
      case 'json':
        return `JSON.stringify(${data}).slice(1, -1)`;
      case 'form':
        return `new URLSearchParams([['', ${data}]]).toString().slice(1)`;
      default:
        need('helper', how);
        return `${how}(${data})`;
    }
  },
  slice: (data, from, to) => `${grouped(data)}.slice(${from}, ${to})`,
  body: () => 'body',
});

const helpers: Readonly<Record<string, string>> = {
  env: `const env = (name) => {
  if (process.env[name] === undefined) throw new Error(\`\${name} is not set\`);
  return process.env[name];
};`,
  percent:
    "const percent = (text) =>\n  encodeURIComponent(text).replace(/[!'()*]/g, (sign) => `%${sign.charCodeAt(0).toString(16).toUpperCase()}`);",
  xml: "const xml = (text) =>\n  text.replace(/[&<>\"']/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '\"': '&quot;', \"'\": '&apos;' })[sign]);",
  moment: 'const moment = new Date();',
  now: 'const now = moment.toISOString();',
  uuid: 'const uuid = randomUUID();',
  nonce: "const nonce = randomBytes(16).toString('hex');",
};

export const node: Language = {
  name: 'node',
  about: 'JavaScript for Node 18 and later, with node:http or node:https',
  ending: '.mjs',
  write(request) {
    const needs = new NeedsOf();
    const own = notation(needs);
    const expression = (given: Parameters<typeof written>[0]): string => written(given, own);
    const segments = request.body.map((one) => {
      if (one.kind === 'text') return `Buffer.from(${expression(one.value)})`;
      if (one.kind === 'bytes') return `Buffer.from('${Buffer.from(one.bytes).toString('base64')}', 'base64')`;
      needs.need('import', "import { readFileSync } from 'node:fs';");
      return `readFileSync(${quoted(one.path)})`;
    });
    const bindings = request.bindings.map(({ name, value }) => `const ${camelName(name)} = ${expression(value)};`);
    const url = expression(request.url);
    const lines = new Map<string, string[]>();
    for (const { name, value } of request.headers) lines.set(name, [...(lines.get(name) ?? []), expression(value)]);
    const headers = [...lines].map(([name, values]) => {
      const [first = ''] = values;
      return `    ${quoted(name)}: ${values.length === 1 ? first : `[${values.join(', ')}]`},`;
    });
    if (segments.length > 0) headers.push("    'Content-Length': body.length,");
    const crypto = needs.of('crypto').sort();
    const secure = !/^"http:/.test(url);
    return [
      ...remarks(request, '//', filesOf(request)),
      ...(crypto.length > 0 ? [`import { ${crypto.join(', ')} } from 'node:crypto';`] : []),
      ...needs.of('import'),
      `import { request } from 'node:${secure ? 'https' : 'http'}';`,
      '',
      ...needs.of('helper').map((name) => ownMember(helpers, name) as string),
      ...(segments.length === 1 ? [`const body = ${segments[0]};`] : []),
      ...(segments.length > 1 ? [`const body = Buffer.concat([\n  ${segments.join(',\n  ')},\n]);`] : []),
      ...bindings,
      '',
      'const call = request(',
      `  ${url},`,
      '  {',
      `    method: '${request.method}',`,
      ...(headers.length > 0 ? ['    headers: {', ...headers.map((line) => `  ${line}`), '    },'] : []),
      '  },',
      '  (response) => {',
      '    console.error(`${response.statusCode} ${response.statusMessage}`);',
      '    response.pipe(process.stdout);',
      '  },',
      ');',
      "call.on('error', (error) => {",
      '  console.error(error.message);',
      '  process.exitCode = 1;',
      '});',
      `call.end(${segments.length > 0 ? 'body' : ''});`,
      '',
    ].join('\n');
  },
};
