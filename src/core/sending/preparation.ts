/** What makes the files of a collection ready to be sent and walked. It needs neither an environment nor a secret. */
import { readFileSync } from 'node:fs';
import type { Collection } from '../collection/collection.js';
import { openDocumentationLater } from '../collection/sources/source-index.js';
import { echoText } from '../echo/read.js';
import type { Signer } from '../signature/signature-kind.js';
import { pathInside } from '../storage/inside.js';
import { type PreparedRequest, prepareRequest, prepareSigner } from './prepare.js';

export interface Preparation {
  readonly collection: Collection;
  /** A file of the collection, or the response of an echo by its id. */
  readText(path: string): string;
  /** @throws Problem about anything in the request file, or in what it names */
  prepare(request: string): Promise<PreparedRequest>;
  /** @throws Problem name-not-found, and about anything in the signature file */
  signer(signature: string): Promise<Signer>;
}

/** Each file is made ready once, when it is first wanted. */
export async function openPreparation(collection: Collection): Promise<Preparation> {
  await openDocumentationLater(collection);
  const prepared = new Map<string, Promise<PreparedRequest>>();
  const signers = new Map<string, Promise<Signer>>();
  const preparation: Preparation = {
    collection,
    readText: (path) =>
      echoId.test(path) ? echoText(collection.local, path) : readFileSync(pathInside(collection.root, path), 'utf8'),
    prepare(request) {
      const name = collection.resolve('request', request);
      let ready = prepared.get(name);
      if (!ready) {
        ready = prepareRequest(collection, name, preparation.readText, preparation.signer);
        prepared.set(name, ready);
      }
      return ready;
    },
    async signer(signature) {
      const name = collection.resolve('signature', signature);
      let ready = signers.get(name);
      if (!ready) {
        ready = prepareSigner(collection, name);
        signers.set(name, ready);
      }
      return ready;
    },
  };
  return preparation;
}

const echoId = /^[a-z0-9]{4}\.\d+$/;
