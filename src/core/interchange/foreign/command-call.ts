/** One call of a transfer program: its options read one by one, and the requests that they make. */
import type { ShellPiece, ShellWord } from '../../documentation/reading/shell-words.js';
import { percentEncode } from '../../expression/filters/text.js';
import { type CommandOption, longOption, type Says, shortOption } from './command-options.js';
import { filled, hasHole, hole } from './holes.js';
import type { ForeignBody, ForeignPart, ForeignRequest, LeftOut } from './request.js';

export const address = /^https?:\/\//i;
/** Without a scheme, which such programs take for http: with a port, so that no path of a file is meant. */
export const bare = /^(?:localhost|[\w-]+(?:\.[\w-]+)+):\d+(?:\/|$)/;

/** One command, its options read one by one. */
export class Call {
  readonly left: LeftOut[] = [];
  private readonly addresses: string[] = [];
  private method: string | undefined;
  private readonly headers: (readonly [string, string])[] = [];
  /** Each joined with an ampersand. */
  private readonly data: string[] = [];
  private readonly parts: ForeignPart[] = [];
  private readonly query: string[] = [];
  private file: string | undefined;
  private json = false;
  private inQuery = false;
  private head = false;
  private put = false;
  private user: ForeignRequest['user'];
  private redirects: number | undefined;
  private timeout: { connect?: number; total?: number } = {};
  private input: string | undefined;

  constructor(
    private readonly from: string,
    private readonly text: (pieces: readonly ShellPiece[]) => string,
  ) {}

  read(words: readonly ShellWord[], input: readonly ShellPiece[] | undefined): void {
    this.input = input && this.text(input);
    const texts = words.map(({ pieces }) => this.text(pieces));
    let onlyAddresses = false;
    for (let at = 0; at < texts.length; at += 1) {
      const word = texts[at] as string;
      if (!onlyAddresses && word === '--') onlyAddresses = true;
      else if (!onlyAddresses && word.startsWith('--')) at += this.long(word, texts[at + 1]);
      else if (!onlyAddresses && /^-[^-]/.test(word)) at += this.short(word, texts[at + 1]);
      else this.addresses.push(bare.test(word) ? `http://${word}` : word);
    }
  }

  requests(): ForeignRequest[] {
    const given = this.addresses.filter(
      (one) => (address.test(one) && isReadable(one)) || /^\uE000[^\uE001]*\uE001\//.test(one),
    );
    for (const one of this.addresses)
      if (!given.includes(one))
        this.leave(/\s|^[\w.-]*$/.test(one) ? `the word ${shown(one)}` : `the address ${shown(one)}`);
    return given.map((one) => this.request(one));
  }

  private request(url: string): ForeignRequest {
    const body = this.inQuery || this.head ? undefined : this.body();
    const query = [...this.query, ...(this.inQuery || this.head ? this.data : [])].join('&');
    const method =
      this.method ?? (this.head ? 'HEAD' : this.put ? 'PUT' : body !== undefined && !this.inQuery ? 'POST' : 'GET');
    const [bare = '', fragment] = url.split('#', 2);
    if (fragment !== undefined && fragment !== '') this.leave(`#${shown(fragment)}: it is not sent`);
    return {
      from: this.from,
      method,
      url: withHoles(query === '' ? bare : `${bare}${bare.includes('?') ? '&' : '?'}${query}`),
      headers: this.withTypes(body),
      body,
      user: this.user,
      redirects: this.redirects,
      ...(Object.keys(this.timeout).length > 0 && { timeout: this.timeout }),
    };
  }

  private withTypes(body: ForeignBody | undefined): readonly (readonly [string, string])[] {
    const has = (name: string): boolean => this.headers.some(([one]) => one.toLowerCase() === name);
    const own = this.headers.slice();
    if (this.json) {
      if (!has('content-type')) own.push(['Content-Type', 'application/json']);
      if (!has('accept')) own.push(['Accept', 'application/json']);
    } else if (body?.kind === 'text' && this.data.length > 0 && !has('content-type'))
      own.push(['Content-Type', 'application/x-www-form-urlencoded']);
    return own;
  }

  private body(): ForeignBody | undefined {
    if (this.parts.length > 0) return { kind: 'parts', parts: this.parts };
    if (this.file !== undefined) return { kind: 'file', path: this.file };
    if (this.data.length === 0) return undefined;
    return { kind: 'text', text: this.data.join(this.json ? '' : '&') };
  }

  /** How many further words it took. */
  private long(word: string, next: string | undefined): number {
    const [name = '', own] = split(word.slice(2), '=');
    const option = longOption(name) ?? (name.startsWith('no-') ? longOption(name.slice(3)) : undefined);
    if (!option) {
      this.leave(`the option --${shown(name)}`);
      return 0;
    }
    if (!option.takes) {
      this.say(option, '');
      return 0;
    }
    this.say(option, own ?? next ?? '');
    return own === undefined ? 1 : 0;
  }

  /** Letters together, of which the last may take the rest of the word. */
  private short(word: string, next: string | undefined): number {
    for (let at = 1; at < word.length; at += 1) {
      const letter = word[at] as string;
      const option = shortOption(letter);
      if (!option) {
        this.leave(`the option -${shown(letter)}`);
        return 0;
      }
      if (!option.takes) {
        this.say(option, '');
        continue;
      }
      const own = word.slice(at + 1);
      this.say(option, own === '' ? (next ?? '') : own);
      return own === '' ? 1 : 0;
    }
    return 0;
  }

  private leave(what: string): void {
    this.left.push({ from: this.from, what });
  }

  private say({ long, says }: CommandOption, value: string): void {
    if (says === undefined) return;
    const say = this.sayings[says];
    if (say) say(value);
    else this.leave(`--${long}${value === '' ? '' : ` ${shown(value)}`}: set it in the environment instead`);
  }

  private readonly sayings: Readonly<Partial<Record<Says, (value: string) => void>>> = {
    method: (value) => {
      this.method = value.toUpperCase();
    },
    header: (value) => this.header(value),
    data: (value) => this.datum(value, true),
    'data-as-written': (value) => this.datum(value, false),
    'data-encoded': (value) => this.data.push(this.encoded(value)),
    json: (value) => {
      this.json = true;
      this.datum(value, true);
    },
    part: (value) => this.part(value),
    'part-text': (value) => {
      const [name = '', text = ''] = split(value, '=');
      this.parts.push({ name, content: { text } });
    },
    'in-query': () => {
      this.inQuery = true;
    },
    query: (value) => this.query.push(value.startsWith('+') ? value.slice(1) : this.encoded(value)),
    head: () => {
      this.head = true;
    },
    user: (value) => {
      const [name = '', password = hole('password')] = split(value, ':');
      this.user = { name, password };
    },
    bearer: (value) => this.headers.push(['Authorization', `Bearer ${value}`]),
    cookie: (value) => {
      if (value.includes('=')) this.headers.push(['Cookie', value]);
      else this.leave(`cookies from the file ${shown(value)}`);
    },
    agent: (value) => this.headers.push(['User-Agent', value]),
    referrer: (value) => this.headers.push(['Referer', value]),
    redirects: (value) => {
      if (/^\d+$/.test(value)) this.redirects = Number(value);
    },
    total: (value) => {
      this.timeout = { ...this.timeout, ...milliseconds('total', value) };
    },
    connect: (value) => {
      this.timeout = { ...this.timeout, ...milliseconds('connect', value) };
    },
    upload: (value) => {
      this.put = true;
      this.file = value;
    },
    address: (value) => {
      this.addresses.push(value);
    },
    digest: () => this.leave('--digest: write a session of the kind digest in place of basic'),
  };

  private header(line: string): void {
    const [name, value] = split(line, ':');
    if (line.startsWith('@')) this.leave(`header lines from the file ${shown(line.slice(1))}`);
    else if (value === undefined) {
      const [empty] = split(line, ';');
      if (line.endsWith(';')) this.headers.push([empty as string, '']);
      else this.leave(`${shown(line)} is not a header line`);
    } else if (value.trim() === '') this.leave(`${shown(name)}: without a value, which takes the line away`);
    else this.headers.push([(name as string).trim(), value.trim()]);
  }

  private datum(value: string, mayBeFile: boolean): void {
    if (!mayBeFile || !value.startsWith('@')) this.data.push(value);
    else if (value === '@-' && this.input !== undefined) this.data.push(this.input);
    else this.file = value.slice(1);
  }

  /** `name=value` whose value is encoded, `=value`, `value`; of a file, nothing. */
  private encoded(value: string): string {
    const [name, text] = split(value, '=');
    if (text === undefined && value.includes('@')) {
      this.leave(`${shown(value)}: encoding what a file holds`);
      return value.split('@')[0] ?? '';
    }
    const encode = (one: string): string => filled(one, hole, percentEncode);
    if (text === undefined) return encode(value);
    return name === '' ? encode(text) : `${name}=${encode(text)}`;
  }

  /** `name=text`, `name=@path`, `name=<path`, each with `;type=` and `;filename=` behind it. */
  private part(given: string): void {
    const [name = '', all = ''] = split(given, '=');
    const [content = '', ...settings] = all.split(/;(?=\s*(?:type|filename|headers|encoder)=)/);
    const setting = (wanted: string): string | undefined =>
      settings
        .map((one) => split(one.trim(), '='))
        .find(([key]) => key === wanted)?.[1]
        ?.replace(/^"(.*)"$/, '$1');
    const file = /^[@<]/.test(content) ? content.slice(1).replace(/^"(.*)"$/, '$1') : undefined;
    this.parts.push({
      name,
      content: file === undefined ? { text: content } : { file },
      type: setting('type'),
      fileName: setting('filename'),
    });
    if (content.startsWith('<'))
      this.leave(`${name}=${shown(content)}: it is sent as a file, not as the text of a field`);
  }
}

/** A host with a hole is filled in later. */
const isReadable = (url: string): boolean => hasHole(url.split('/')[2] ?? '') || URL.canParse(filled(url, () => 'x'));

/** At the first sign; the second is undefined where there is none. */
function split(text: string, sign: string): [string, string | undefined] {
  const at = text.indexOf(sign);
  return at === -1 ? [text, undefined] : [text.slice(0, at), text.slice(at + 1)];
}

const shown = (text: string): string => filled(text, (name) => `$${name}`).slice(0, 80);

/** `{id}` and `<id>` in a path are what guides write for a reader to fill in. */
const withHoles = (url: string): string => {
  const [head = '', ...query] = url.split('?');
  const made = head.replace(/(?<=\/)(?:\{([\w.-]+)\}|<([\w .-]+)>|:([A-Za-z_]\w*))(?=\/|$)/g, (_, ...names: string[]) =>
    hole((names.slice(0, 3).find((name) => name !== undefined) as string).replaceAll(' ', '-')),
  );
  return [
    made,
    ...query.map((one) => one.replace(/=<([\w .-]+)>/g, (_, name: string) => `=${hole(name.replaceAll(' ', '-'))}`)),
  ].join('?');
};

function milliseconds<K extends string>(key: K, seconds: string): Partial<Record<K, number>> {
  const number = Number(seconds);
  return Number.isFinite(number) && number > 0 ? ({ [key]: Math.round(number * 1000) } as Record<K, number>) : {};
}
