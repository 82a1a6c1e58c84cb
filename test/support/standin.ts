/** The stand-in harbour for one test file, on a free port, ended with it. */
import { after } from 'node:test';
import { type Standin, startStandin } from '../../src/standin/server.js';

export async function harbourForThisFile(): Promise<Standin> {
  const standin = await startStandin({ port: 0 });
  after(() => standin.close());
  return standin;
}
