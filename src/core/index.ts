/// <reference types="node" preserve="true" />
/** The core as a library: everything the program does, without its interface. */

export { checkCollection } from './check/check.js';
export { type Collection, openCollection } from './collection/collection.js';
export { findCollection } from './collection/find-collection.js';
export { initCollection } from './collection/init.js';
export { sources } from './collection/sources/source-facts.js';
export { findOperation, openDocumentation } from './collection/sources/source-index.js';
export { addSource } from './collection/sources/sources.js';
export { draftRequest } from './documentation/draft/draft.js';
export { findOperations } from './documentation/explore/search.js';
export type { Operation } from './documentation/model/model.js';
export { gatherDocuments } from './documentation/reading/gather.js';
export { readDocumentation } from './documentation/reading/read.js';
export type { Echo } from './echo/echo.js';
export { findEcho, newestEchoes } from './echo/read.js';
export { namesFrom, noNames } from './expression/names.js';
export { compileJsonPath } from './place/json-path/compile.js';
export { type ActionWords, sayActionsAs } from './problem/actions.js';
export { Problem } from './problem/problem.js';
export { type Reporter, reportFrom, together } from './report/reporter.js';
export { type RunSummary, runSummary } from './report/run-summary.js';
export { resumeRun, runFailedOf, undoEarlier } from './run/earlier-run.js';
export { recordsOf } from './run/journal/recorded-run.js';
export { openWorkspace } from './run/open-workspace.js';
export type { OpenedRun, RunHost, RunWishes } from './run/run-host.js';
export { runNames } from './run/run-names.js';
export { previewRequest } from './sending/preview.js';
export { sendRequest } from './sending/send.js';
export type { Sent } from './sending/sending.js';
export type { Workspace } from './sending/workspace.js';
export { planTrail } from './trail/plan.js';
export type { RunRecord, SummaryRecord } from './trail/record/run-record.js';
export { walkTrail } from './trail/walking/walk.js';
