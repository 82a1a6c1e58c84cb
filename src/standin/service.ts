/** A service of the stand-in: what it adds to the server, and what `demo serve` says of it. */
import type { FastifyInstance } from 'fastify';
import type { HarbourState } from './harbour/state.js';

export interface Service {
  readonly name: string;
  readonly about: string;
  readonly address: string;
}

export interface ServiceModule {
  /** @param origin known when the server listens */
  register(app: FastifyInstance, state: HarbourState, origin: () => string): void;
  services(origin: string): readonly Service[];
}
