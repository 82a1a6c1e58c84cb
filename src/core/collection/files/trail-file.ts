/** `trails/NAME.yaml`: an ordered chain of requests that share values. */
import * as z from 'zod/mini';
import { described } from './described.js';
import { about, expect, inputs, keep, session, values } from './parts.js';

const shared = {
  name: described(z.optional(z.string()), 'What the step is called in the output.'),
  when: described(
    z.optional(values),
    'Matchers over names, all of which must hold for the step to run; a name that does not exist is nothing.',
  ),
};

const undo = described(
  z.strictObject({
    send: described(z.string(), 'The request that takes the step back.'),
    give: described(z.optional(values), 'Values for its inputs.'),
  }),
  'What takes the step back; armed when the step is sent.',
);

const sendStep = described(
  z.strictObject({
    send: described(z.string(), 'The request to send.'),
    ...shared,
    give: described(z.optional(values), 'Values for its inputs.'),
    session: z.optional(session),
    expect: z.optional(expect),
    keep: z.optional(keep),
    undo: z.optional(undo),
  }),
  'Sends a request.',
);

const trailStep = described(
  z.strictObject({
    trail: described(z.string(), 'The trail to walk.'),
    ...shared,
    give: described(z.optional(values), 'Values for its inputs.'),
    keep: described(z.optional(values), 'Names for values that the trail ends with: `{callId: "${callId}"}`.'),
  }),
  'Walks another trail.',
);

const keepStep = described(
  z.strictObject({
    keep: described(values, 'Names for values: `{berth: "${berths | first}"}`.'),
    ...shared,
  }),
  'Only names values.',
);

export const step = z.union([sendStep, trailStep, keepStep]);
export type StepFile = z.infer<typeof step>;
export type SendStepFile = z.infer<typeof sendStep>;
export type TrailStepFile = z.infer<typeof trailStep>;
export type KeepStepFile = z.infer<typeof keepStep>;
export type UndoFile = z.infer<typeof undo>;

export const trailFile = described(
  z.strictObject({
    about: z.optional(about),
    inputs: z.optional(inputs),
    rows: described(z.optional(z.string()), 'A csv or jsonl file in the collection: the trail is walked once a row.'),
    'at-once': described(
      z.optional(z.number().check(z.int(), z.minimum(1), z.maximum(256))),
      'How many rows are walked at once. 1 where nothing is said.',
    ),
    undo: described(
      z.optional(z.enum(['failure', 'always', 'never'])),
      'When undo parts run. `failure` where nothing is said.',
    ),
    steps: described(z.array(step).check(z.minLength(1)), 'The steps, in order.'),
  }),
  'A trail: an ordered chain of requests that share values.',
);
export type TrailFile = z.infer<typeof trailFile>;
