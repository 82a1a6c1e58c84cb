/** A kind of signature: from its file to what it adds to a request that is about to leave. */
import type { SignatureFile } from '../collection/files/signature-file.js';
import type { YamlFile } from '../collection/yaml.js';
import type { WireRequest } from '../exchange/request/wire.js';
import type { Received } from '../exchange/response/received.js';
import type { Loads } from '../expression/compile.js';
import type { Runtime } from '../expression/evaluation.js';
import type { Names } from '../expression/names.js';
import type { Problem } from '../problem/problem.js';
import type { Value } from '../value/written.js';

/** What one signing has at hand. */
export interface SigningContext {
  /** The moment of signing, a nonce, the secrets. */
  readonly runtime: Runtime;
  /** Variables of the environment and the collection. */
  readonly variables: Names;
  /** Told of every value that was computed from a secret. */
  readonly onSecret: (value: Value) => void;
  /** Somebody looks: what may be seen of each step is told; what needs a secret that is not set is left out, with all that is made from it. */
  readonly look?: boolean | undefined;
}

/** One value on the way to the signature, in the order in which they were computed. */
export interface SigningStep {
  readonly name: string;
  /** What it is for: a value of its own, or what is added to the request. */
  readonly part: 'value' | 'header' | 'query' | 'body';
  readonly value: Value;
  /** Worked out from a secret. */
  readonly secret: boolean;
  /** For a look: the text with what is secret in it hidden; undefined where nothing of it may be seen. */
  readonly shown: string | undefined;
}

export interface Signed {
  readonly wire: WireRequest;
  readonly steps: readonly SigningStep[];
  /** Why something was left out. */
  readonly missing?: Problem | undefined;
}

/** Whether a response is signed as it must be. */
export type Verify = (received: Received, sent: WireRequest, room: SigningContext) => Problem | undefined;

/** A signature file made ready: signs any number of requests. */
export interface Signer {
  readonly name: string;
  /**
   * The request with its signature.
   * @param only what is wanted, such as `value base` and `header X-Seal`, with what it needs; everything by default
   * @throws Problem unknown-name, secret-missing and all that evaluation may throw
   */
  sign(wire: WireRequest, room: SigningContext, only?: ReadonlySet<string>): Signed;
  /** undefined where responses are not signed. */
  readonly verify?: Verify | undefined;
}

export interface SignatureSetting {
  readonly name: string;
  readonly yaml: YamlFile;
  /** What must have settled before the signer is used. */
  readonly loads: Loads;
}

export interface SignatureKind<File extends SignatureFile = SignatureFile> {
  readonly name: NonNullable<File['kind']>;
  readonly about: string;
  /** @throws Problem about anything in the file that cannot be made ready */
  compile(file: File, setting: SignatureSetting): Signer;
}
