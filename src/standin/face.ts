/** A face of the stand-in: what it adds to the server, and what `demo serve` says of it. */
import type { FastifyInstance } from 'fastify';
import type { HarbourState } from './harbour/state.js';

export interface Face {
  readonly name: string;
  readonly about: string;
  readonly address: string;
}

export interface FaceModule {
  /** @param origin known when the server listens */
  register(app: FastifyInstance, state: HarbourState, origin: () => string): void;
  faces(origin: string): readonly Face[];
}
