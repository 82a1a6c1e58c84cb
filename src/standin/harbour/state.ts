/** What the harbour knows: vessels and berths from a seed, port calls and sessions as they are made. */
import { randomBytes } from 'node:crypto';
import { seeded } from '../seeded.js';

export interface Vessel {
  readonly imo: string;
  readonly name: string;
  readonly flag: string;
  readonly kind: string;
  readonly lengthM: number;
  readonly draftM: number;
}

export interface Berth {
  readonly code: string;
  readonly quay: string;
  readonly lengthM: number;
  readonly draftM: number;
}

export interface CallWish {
  readonly berth: string;
  readonly nights: number;
  readonly cargo: string;
  readonly pilot: boolean;
  readonly arrival: string;
  readonly notify: readonly string[];
  readonly remarks: string;
}

export interface PortCall extends CallWish {
  readonly id: string;
  readonly imo: string;
  readonly created: string;
  readonly updated: string;
}

export interface HarbourState {
  readonly vessels: ReadonlyMap<string, Vessel>;
  readonly berths: ReadonlyMap<string, Berth>;
  readonly calls: Map<string, PortCall>;
  /** Tokens by user and end. */
  readonly sessions: Map<string, { readonly user: string; readonly ends: number }>;
  nextCallId(): string;
  newToken(): string;
  now(): Date;
}

export const flags = ['Larkhaven', 'Merrow Isles', 'Ostrand'] as const;
export const vesselKinds = ['coaster', 'bulk carrier', 'tanker', 'ferry'] as const;
export const quays = ['north', 'south', 'west'] as const;
export const cargoes = ['grain', 'timber', 'mixed'] as const;
/** How long a call is `requested` before the harbour office confirms it. */
const confirmsAfterMs = 400;
export const tokenLastsS = 1800;

const names = [
  'Grey Heron',
  'Saltmarsh',
  'Amber Tern',
  'Northern Lantern',
  'Quiet Plover',
  'Tidewright',
  'Larkspur',
  'Old Mole',
  'Windrose',
  'Sandpiper Grace',
  'Evening Shoal',
  'Copper Gull',
  'Reedling',
  'Morning Bell',
];

export function harbourState(seed: number, now: () => Date = () => new Date()): HarbourState {
  const made = seeded(seed);
  const vessels = new Map<string, Vessel>();
  for (const [index, name] of names.entries()) {
    const lengthM = made.whole(48, 190);
    const imo = String(9000003 + index * 7);
    vessels.set(imo, {
      imo,
      name,
      flag: made.pick(flags),
      kind: made.pick(vesselKinds),
      lengthM,
      draftM: Math.round(lengthM * 5) / 100,
    });
  }
  // The vessel of the manual: small enough for most berths.
  vessels.set('9000017', {
    imo: '9000017',
    name: 'Amber Tern',
    flag: 'Larkhaven',
    kind: 'coaster',
    lengthM: 82,
    draftM: 4.1,
  });
  const berths = new Map<string, Berth>();
  for (const quay of quays) {
    for (let number = 1; number <= 4; number += 1) {
      const code = `${quay[0]?.toUpperCase()}${number}`;
      berths.set(code, { code, quay, lengthM: made.whole(9, 22) * 10, draftM: made.whole(45, 110) / 10 });
    }
  }
  berths.set('N1', { code: 'N1', quay: 'north', lengthM: 120, draftM: 6.5 });
  let count = 0;
  const state: HarbourState = {
    vessels,
    berths,
    calls: new Map(),
    sessions: new Map(),
    nextCallId: () => {
      count += 1;
      return `PC-${String(count).padStart(4, '0')}`;
    },
    newToken: () => `lh_${randomBytes(24).toString('base64url')}`,
    now,
  };
  // Two berths are taken from the start.
  for (const [imo, berth] of [
    ['9000003', 'N2'],
    ['9000010', 'S1'],
  ] as const) {
    const id = state.nextCallId();
    const day = new Date(now().getTime() - 86_400_000).toISOString();
    state.calls.set(id, {
      id,
      imo,
      berth,
      nights: 5,
      cargo: 'grain',
      pilot: true,
      arrival: day,
      notify: ['agent'],
      remarks: '',
      created: day,
      updated: day,
    });
  }
  return state;
}

/** A call as the harbour shows it: its state and fees follow from what it knows. */
export function shownCall(call: PortCall, { vessels, now }: HarbourState): object {
  const { lengthM = 0 } = vessels.get(call.imo) ?? {};
  const age = now().getTime() - Date.parse(call.created);
  return {
    id: call.id,
    imo: call.imo,
    state: age < confirmsAfterMs ? 'requested' : 'confirmed',
    berth: call.berth,
    nights: call.nights,
    cargo: call.cargo,
    pilot: call.pilot,
    arrival: call.arrival,
    notify: call.notify,
    remarks: call.remarks,
    fees: [
      { code: 'harbour-due', amount: lengthM * 1.25 },
      { code: 'mooring', amount: 80 },
    ],
    created: call.created,
    updated: call.updated,
  };
}

export function berthTaken(code: string, { calls }: HarbourState, besides?: string): boolean {
  return [...calls.values()].some(({ berth, id }) => berth === code && id !== besides);
}
