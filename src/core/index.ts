/// <reference types="node" preserve="true" />
/** The core as a library: everything the program does, without its interface. */

export { checkCollection } from './check/check.js';
export { type Collection, openCollection } from './collection/collection.js';
export { findCollection } from './collection/find-collection.js';
export { initCollection } from './collection/init.js';
export { sources } from './collection/source-facts.js';
export { findOperation, openDocumentation } from './collection/source-index.js';
export { addSource } from './collection/sources.js';
export { draftRequest } from './documentation/draft/draft.js';
export { gatherDocuments } from './documentation/gather.js';
export type { Operation } from './documentation/model.js';
export { readDocumentation } from './documentation/read.js';
export { findOperations } from './documentation/search.js';
export type { Echo } from './echo/echo.js';
export { findEcho, newestEchoes } from './echo/read.js';
export { namesFrom, noNames } from './expression/names.js';
export { compileJsonPath } from './place/json-path/compile.js';
export { Problem } from './problem/problem.js';
export type { Summary, WalkEvent } from './trail/events.js';
export { openWorkspace } from './trail/open-workspace.js';
export { planTrail } from './trail/plan.js';
export { previewRequest } from './trail/preview.js';
export { sendRequest } from './trail/send.js';
export type { Sent } from './trail/sending.js';
export { walkTrail } from './trail/walk.js';
export type { Workspace } from './trail/workspace.js';
