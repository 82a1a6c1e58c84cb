/** What expressions ask of their surroundings (secrets, files, the time, randomness), opened once for a command. */
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import type { Readable } from 'node:stream';
import { Problem } from '../problem/problem.js';
import { pathInside } from '../storage/inside.js';
import { seeded, seededUuid } from '../value/seeded.js';
import type { Evaluation, Moment, Runtime, Through } from './evaluation.js';

export interface RuntimeSettings {
  /** The collection folder. */
  readonly root: string;
  readonly secret: Runtime['secret'];
  /** Real paths of files that the user named on the command line, by what was typed; they may lie anywhere. */
  readonly typedFiles?: ReadonlyMap<string, string> | undefined;
  readonly standardInput?: (() => Readable) | undefined;
  /** Renders template files; without it there are none. */
  readonly render?: Runtime['render'] | undefined;
  /** Makes random values, UUIDs included, repeat. */
  readonly seed?: number | undefined;
  /** In place of the present: what a documented example was made with. */
  readonly moment?: Moment | undefined;
  /** In place of a random one. */
  readonly uuid?: string | undefined;
  readonly through?: Through | undefined;
}

/** A maker of runtimes, one a request, sharing one stream of random numbers. */
export function runtimeMaker(settings: RuntimeSettings): () => Runtime {
  const { root, secret, seed, render = noTemplates, moment, typedFiles, standardInput, through } = settings;
  const random = seed === undefined ? Math.random : seeded(seed);
  const { uuid: fixed } = settings;
  const uuid = fixed !== undefined ? () => fixed : seed === undefined ? randomUUID : () => seededUuid(random);
  const nonce = (): string => moment?.nonce ?? uuid().replaceAll('-', '');
  const path = (named: string): string => typedFiles?.get(named) ?? pathInside(root, named);
  const file = (named: string): Uint8Array => readFileSync(path(named));
  const shared = { random, uuid, nonce, file, path, render, secret, standardInput, through };
  return () => new OneRequest(shared, moment?.now);
}

/** What all requests of a run share, with one moment and one UUID of its own. */
class OneRequest implements Runtime {
  private made: string | undefined;
  private once: string | undefined;

  constructor(
    private readonly shared: Pick<
      Runtime,
      'random' | 'file' | 'path' | 'render' | 'secret' | 'standardInput' | 'through'
    > & {
      uuid(): string;
      nonce(): string;
    },
    private moment: Date | undefined,
  ) {}

  get now(): Date {
    this.moment ??= new Date();
    return this.moment;
  }

  get uuid(): string {
    this.made ??= this.shared.uuid();
    return this.made;
  }

  get nonce(): string {
    this.once ??= this.shared.nonce();
    return this.once;
  }

  random(): number {
    return this.shared.random();
  }

  file(path: string): Uint8Array {
    return this.shared.file(path);
  }

  path(named: string): string {
    return this.shared.path(named);
  }

  get through(): Runtime['through'] {
    return this.shared.through;
  }

  get standardInput(): Runtime['standardInput'] {
    return this.shared.standardInput;
  }

  render(path: string, evaluation: Evaluation): string {
    return this.shared.render(path, evaluation);
  }

  secret(name: string, key?: string): string | undefined {
    return this.shared.secret(name, key);
  }

  again({ now, nonce }: Moment): Runtime {
    const next = new OneRequest(this.shared, now);
    next.made = this.uuid;
    next.once = nonce;
    return next;
  }
}

const noTemplates = (path: string): never => {
  throw new Problem('expression-value', { what: `no template can be rendered here: ${path}` });
};
