/** The environment in which requests that were taken over are sent: one that has their origin, or a new one. */
import type { Collection } from '../../collection/collection.js';
import { freeName } from './names.js';

export interface EnvironmentFor {
  readonly name: string;
  /** There is none with this origin yet. */
  readonly isNew: boolean;
}

/** @param chosen the one that is used where no other is named */
export function environmentFor(collection: Collection, origin: string, chosen: string | undefined): EnvironmentFor {
  const names = collection.names('environment');
  const first = chosen === undefined ? [] : names.filter((name) => name === chosen);
  const fitting = [...first, ...names].find((name) => originOf(collection, name) === origin);
  if (fitting !== undefined) return { name: fitting, isNew: false };
  const { hostname, port } = new URL(origin);
  const labels = hostname.split('.').filter((label) => !/^(?:api|www|rest|gateway)$/.test(label));
  const address = /^[\d.]+$|:/.test(hostname);
  const wanted = address
    ? `host-${`${hostname}-${port}`.replace(/[^\w]+/g, '-').replace(/-$/, '')}`
    : (labels[0] ?? hostname);
  return { name: freeName(wanted, (name) => names.includes(name)), isNew: true };
}

function originOf(collection: Collection, environment: string): string | undefined {
  try {
    const given = collection.read('environment', environment).content.variables?.origin;
    return typeof given === 'string' && URL.canParse(given) ? new URL(given).origin : undefined;
  } catch {
    return undefined;
  }
}
