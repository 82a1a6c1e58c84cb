/** The schemas of the harbour's documents, in JSON Schema 2020-12: served in the OpenAPI document, and enforced. */
import { cargoes, flags, quays, vesselKinds } from './state.js';

const id = {
  type: 'string',
  pattern: '^PC-[0-9]{4,}$',
  description: 'The number of the port call',
  examples: ['PC-0007'],
};
const imo = {
  type: 'string',
  pattern: '^[0-9]{7}$',
  description: 'IMO number of the vessel, seven digits',
  examples: ['9000017'],
};
const berthCode = { type: 'string', pattern: '^[NSW][0-9]$', description: 'Code of the berth', examples: ['N1'] };

const wish = {
  berth: berthCode,
  nights: { type: 'integer', minimum: 1, maximum: 14, description: 'Nights at the berth', examples: [2] },
  cargo: { type: 'string', enum: [...cargoes], default: 'mixed', description: 'What is on board' },
  pilot: { type: 'boolean', default: false, description: 'Whether a pilot is wanted' },
  arrival: {
    type: 'string',
    format: 'date-time',
    description: 'When the vessel is expected; tomorrow by default',
    examples: ['2026-11-25T06:00:00Z'],
  },
  notify: {
    type: 'array',
    items: { type: 'string', enum: ['agent', 'pilot', 'customs'] },
    maxItems: 3,
    uniqueItems: true,
    default: ['agent'],
    description: 'Who is told about changes',
  },
  remarks: { type: 'string', maxLength: 200, default: '', description: 'Anything else, in a sentence' },
};

/** An amendment changes what it names and nothing else. */
function withoutDefaults(properties: Readonly<Record<string, object>>): Record<string, object> {
  return Object.fromEntries(
    Object.entries(properties).map(([name, schema]) => [
      name,
      Object.fromEntries(Object.entries(schema).filter(([key]) => key !== 'default')),
    ]),
  );
}

export const schemas = {
  SearchTerms: {
    type: 'object',
    description: 'What the clauses of a search may name',
    required: ['fields', 'operators'],
    properties: {
      fields: {
        type: 'array',
        items: { type: 'object', required: ['name'], properties: { name: { type: 'string' } } },
      },
      operators: {
        type: 'array',
        items: {
          type: 'object',
          required: ['word', 'about'],
          properties: { word: { type: 'string' }, about: { type: 'string' } },
        },
      },
    },
  },
  Vessel: {
    type: 'object',
    description: 'A vessel in the register',
    required: ['imo', 'name', 'flag', 'kind', 'lengthM', 'draftM'],
    properties: {
      imo,
      name: { type: 'string', description: 'Name of the vessel', examples: ['Amber Tern'] },
      flag: { type: 'string', enum: [...flags], description: 'Where it is registered' },
      kind: { type: 'string', enum: [...vesselKinds], description: 'Kind of vessel' },
      lengthM: { type: 'number', exclusiveMinimum: 0, description: 'Length in metres', examples: [82] },
      draftM: { type: 'number', exclusiveMinimum: 0, description: 'Draft in metres', examples: [4.1] },
    },
  },
  Berth: {
    type: 'object',
    description: 'A place at a quay',
    required: ['code', 'quay', 'lengthM', 'draftM', 'free'],
    properties: {
      code: berthCode,
      quay: { type: 'string', enum: [...quays], description: 'The quay it is at' },
      lengthM: { type: 'number', description: 'Longest vessel that fits, in metres', examples: [120] },
      draftM: { type: 'number', description: 'Deepest vessel that fits, in metres', examples: [6.5] },
      free: { type: 'boolean', readOnly: true, description: 'Whether no port call has it' },
    },
  },
  Fee: {
    type: 'object',
    required: ['code', 'amount'],
    properties: {
      code: { type: 'string', description: 'What is paid for', examples: ['mooring'] },
      amount: { type: 'number', minimum: 0, description: 'Amount in crowns', examples: [80] },
    },
  },
  PortCall: {
    type: 'object',
    description: 'A stay of a vessel at a berth',
    required: [
      'id',
      'imo',
      'state',
      'berth',
      'nights',
      'cargo',
      'pilot',
      'arrival',
      'notify',
      'fees',
      'created',
      'updated',
    ],
    properties: {
      id: { ...id, readOnly: true },
      imo: { ...imo, readOnly: true },
      state: {
        type: 'string',
        enum: ['requested', 'confirmed'],
        readOnly: true,
        description: 'A call is requested until the harbour office confirms it',
      },
      ...wish,
      fees: {
        type: 'array',
        readOnly: true,
        description: 'What the stay costs',
        items: { $ref: '#/components/schemas/Fee' },
      },
      created: { type: 'string', format: 'date-time', readOnly: true, description: 'When it was made' },
      updated: { type: 'string', format: 'date-time', readOnly: true, description: 'When it was last changed' },
    },
    examples: [
      {
        id: 'PC-0007',
        imo: '9000017',
        state: 'requested',
        berth: 'N1',
        nights: 2,
        cargo: 'timber',
        pilot: false,
        arrival: '2026-11-25T06:00:00Z',
        notify: ['agent'],
        remarks: '',
        fees: [{ code: 'mooring', amount: 80 }],
        created: '2026-11-24T09:00:00Z',
        updated: '2026-11-24T09:00:00Z',
      },
    ],
  },
  NewPortCall: {
    type: 'object',
    description: 'A port call to be made',
    required: ['berth', 'nights'],
    additionalProperties: false,
    properties: wish,
  },
  PortCallReplacement: {
    type: 'object',
    description: 'A port call in full; what is left out gets its default',
    required: ['berth', 'nights', 'cargo'],
    additionalProperties: false,
    properties: wish,
  },
  PortCallAmendment: {
    type: 'object',
    description: 'The fields to change; all others stay',
    minProperties: 1,
    additionalProperties: false,
    properties: withoutDefaults(wish),
  },
  LogIn: {
    type: 'object',
    required: ['user', 'password'],
    additionalProperties: false,
    properties: {
      user: { type: 'string', minLength: 1, description: 'Name of the user', examples: ['agent'] },
      password: {
        type: 'string',
        minLength: 1,
        writeOnly: true,
        format: 'password',
        description: 'Password of the user',
      },
    },
  },
  Session: {
    type: 'object',
    required: ['token', 'user', 'expiresIn'],
    properties: {
      token: { type: 'string', readOnly: true, description: 'To be sent as a bearer token' },
      user: { type: 'string', readOnly: true, description: 'Who is logged in' },
      expiresIn: { type: 'integer', readOnly: true, description: 'Seconds for which the token is good' },
    },
  },
  Problem: {
    type: 'object',
    description: 'A refusal (RFC 9457)',
    required: ['type', 'title', 'status', 'detail'],
    properties: {
      type: { type: 'string', description: 'What kind of refusal' },
      title: { type: 'string' },
      status: { type: 'integer' },
      detail: { type: 'string', description: 'What is wrong with this request' },
      instance: { type: 'string' },
      errors: {
        type: 'array',
        description: 'The fields at fault',
        items: {
          type: 'object',
          required: ['detail'],
          properties: { pointer: { type: 'string' }, parameter: { type: 'string' }, detail: { type: 'string' } },
        },
      },
    },
  },
} as const;

export const parts = { id, imo, berthCode };
