/** `trails/NAME.yaml`: an ordered chain of requests that share values. A new kind of step adds its schema to the union here. */
import * as z from 'zod/mini';
import { described } from './described.js';
import {
  about,
  anyValue,
  duration,
  expect,
  ignoring,
  inputs,
  keep,
  only,
  session,
  unordered,
  values,
} from './parts.js';

const shared = {
  name: described(z.optional(z.string()), 'What the step is called in the output.'),
  'only-if': described(
    z.optional(values),
    'Matchers over names, all of which must hold for the step to run; a name that does not exist is nothing. `any` is a list of such sets, one of which must hold; `not` is one that must not.',
  ),
  when: described(z.optional(values), 'What `only-if` was called before: read until the next release.'),
};

const give = described(z.optional(values), 'Values for its inputs.');

const undo = described(
  z.strictObject({
    send: described(z.string(), 'The request that takes the step back.'),
    give,
  }),
  'What takes the step back; armed when the step is sent.',
);

const atOnce = z.number().check(z.int(), z.minimum(1), z.maximum(256));

const table = described(
  z.strictObject({
    columns: described(
      z.record(z.string(), z.string()),
      'The value of each column: an expression, or a place in the last response.',
    ),
    as: described(z.optional(z.string()), 'The name that what follows knows the table by: a list of maps.'),
    to: described(
      z.optional(z.string()),
      'A csv, json or jsonl file in the collection, written when all is done. Its name may hold `${…}`, and has to where there are many such tables.',
    ),
    show: described(z.optional(z.boolean()), 'Whether it is printed. By default, a table without `as` and `to` is.'),
  }),
  'What leaves the rows or the iterations: a line each, in their order, a failed one with its error.',
);
export type TableFile = z.infer<typeof table>;

const sendStep = described(
  z.strictObject({
    send: described(z.string(), 'The request to send.'),
    ...shared,
    give,
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
    give,
    keep: described(z.optional(values), 'Names for values that the trail ends with: `{callId: "${callId}"}`.'),
  }),
  'Walks another trail.',
);

const pollStep = described(
  z.strictObject({
    poll: described(z.string(), 'The request that is sent until what is awaited has come.'),
    ...shared,
    give,
    session: z.optional(session),
    until: described(
      values,
      'What is awaited, by place. Together with what the request expects; a miss, a 404 or a lost response means "not yet".',
    ),
    unless: described(z.optional(values), 'What fails at once, by place, when all of it is so.'),
    pause: described(z.optional(duration), 'Between two sendings. 1s by default.'),
    growth: described(
      z.optional(z.number().check(z.minimum(1), z.maximum(10))),
      'How many times as long each further pause is, up to 30s. 1 by default.',
    ),
    within: described(z.optional(duration), 'How long to wait for it altogether. 60s by default.'),
    keep: z.optional(keep),
  }),
  'Sends a request until its response is as awaited.',
);

const chooseStep = described(
  z.strictObject({
    choose: described(
      z.strictObject({
        from: described(anyValue, 'The list to choose from.'),
        label: described(z.optional(z.string()), 'What a person sees of an `${item}`.'),
        value: described(z.optional(z.string()), 'What is kept of it. The item itself by default.'),
        as: described(
          z.string(),
          'The name that it is kept under; unattended, a label or a value that is given under it chooses.',
        ),
      }),
      'What there is to choose.',
    ),
    ...shared,
  }),
  'Lets a person pick one of a list.',
);

const side = z.union([
  z.strictObject({ send: described(z.string(), 'A request that is sent now.'), give, session: z.optional(session) }),
  z.strictObject({ echo: described(z.string(), 'A recorded exchange: its id.') }),
  z.strictObject({ file: described(z.string(), 'A document in the collection: its path.') }),
  z.strictObject({ value: described(anyValue, 'A value that was kept.') }),
]);
export type SideFile = z.infer<typeof side>;

const compareStep = described(
  z.strictObject({
    compare: described(z.array(side).check(z.minLength(2), z.maxLength(2)), 'The two sides.'),
    ...shared,
    ignoring: z.optional(ignoring),
    only: z.optional(only),
    unordered: z.optional(unordered),
    changed: described(
      z.optional(z.array(z.string())),
      'Places that must differ, while nothing else may: only the intended fields changed.',
    ),
    'time-ratio': described(
      z.optional(anyValue),
      'A matcher over how many times as long the second response took as the first: `{at-most: 3}`.',
    ),
  }),
  'Fails where two responses or documents differ.',
);

const keepStep = described(
  z.strictObject({
    keep: described(values, 'Names for values: `{berth: "${berths | first}"}`.'),
    ...shared,
  }),
  'Only names values.',
);

export type SendStepFile = z.infer<typeof sendStep>;
export type TrailStepFile = z.infer<typeof trailStep>;
export type PollStepFile = z.infer<typeof pollStep>;
export type ChooseStepFile = z.infer<typeof chooseStep>;
export type CompareStepFile = z.infer<typeof compareStep>;
export type KeepStepFile = z.infer<typeof keepStep>;
export type UndoFile = z.infer<typeof undo>;

/** A text is computed when the step is taken. */
const rangeEnd = z.union([z.number().check(z.int()), z.string()]);

const members = described(
  z.union([
    z.string(),
    z.array(anyValue),
    z.strictObject({
      range: described(
        z.tuple([rangeEnd, rangeEnd]),
        'Whole numbers, from the first to the last. `${…}` may say which; one that is computed never goes down.',
      ),
    }),
    z.strictObject({ rows: described(z.string(), 'A csv, json or jsonl file in the collection.') }),
    z.strictObject({
      pages: described(z.string(), 'A request with `pages`: the items of its pages, as they come.'),
      give,
    }),
  ]),
  'What is gone through: a list or a map in `${…}`, a list written out, a range, the rows of a file, or the pages of a request.',
);
export type MembersFile = z.infer<typeof members>;

export interface ForEachStepFile extends z.infer<z.ZodMiniObject<typeof shared, z.core.$strict>> {
  'for-each': MembersFile;
  as?: string | undefined;
  'at-once'?: number | undefined;
  'once-by'?: string | undefined;
  steps: StepFile[];
  table?: TableFile | undefined;
}

export type StepFile =
  | SendStepFile
  | TrailStepFile
  | ForEachStepFile
  | PollStepFile
  | ChooseStepFile
  | CompareStepFile
  | KeepStepFile;

const forEachStep: z.ZodMiniType<ForEachStepFile, ForEachStepFile> = described(
  z.strictObject({
    'for-each': members,
    ...shared,
    as: described(
      z.optional(z.string()),
      'The name of each one: `item` by default. Of a map, it has `key` and `value`.',
    ),
    'at-once': described(z.optional(atOnce), 'How many are under way at once. 1 by default.'),
    'once-by': described(
      z.optional(z.string()),
      'The place in an item that identifies it, such as `$.id`: one that was handled is passed over when the run is repeated.',
    ),
    steps: described(
      z.lazy(() => z.array(step).check(z.minLength(1))),
      'The steps for each one.',
    ),
    table: z.optional(table),
  }),
  'Takes steps for each of many.',
);

const step: z.ZodMiniType<StepFile, StepFile> = z.union([
  sendStep,
  trailStep,
  forEachStep,
  pollStep,
  chooseStep,
  compareStep,
  keepStep,
]);

export const trailFile = described(
  z.strictObject({
    about: z.optional(about),
    inputs: z.optional(inputs),
    rows: described(
      z.optional(z.union([z.string(), z.array(anyValue)])),
      'A csv, json or jsonl file in the collection, `-` for standard input, or a list, written out or in `${…}`: the trail is walked once a row.',
    ),
    'at-once': described(z.optional(atOnce), 'How many rows are walked at once. 1 by default.'),
    undo: described(z.optional(z.enum(['failure', 'always', 'never'])), 'When undo parts run. `failure` by default.'),
    steps: described(z.array(step).check(z.minLength(1)), 'The steps, in order.'),
    table: z.optional(table),
  }),
  'A trail: an ordered chain of requests that share values.',
);
export type TrailFile = z.infer<typeof trailFile>;
