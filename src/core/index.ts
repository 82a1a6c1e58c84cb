/** The core as a library: everything the program does, without its interface. */

export { checkCollection } from './check/check.js';
export { type Collection, findCollection, openCollection } from './collection/collection.js';
export { initCollection } from './collection/init.js';
export { addSource, allOperations, findOperation, sources } from './collection/sources.js';
export { draftRequest } from './documentation/draft.js';
export type { Operation } from './documentation/model.js';
export { parseDocumentation } from './documentation/parse.js';
export { findOperations } from './documentation/search.js';
export type { Echo } from './echo/echo.js';
export { findEcho, newestEchoes } from './echo/read.js';
export { noNames } from './expression/names.js';
export { compileJsonPath } from './place/json-path/compile.js';
export { Problem } from './problem/problem.js';
export type { Summary, WalkEvent } from './trail/events.js';
export { planTrail } from './trail/plan.js';
export { previewRequest, type Sent, sendRequest } from './trail/send.js';
export { walkTrail } from './trail/walk.js';
export { openWorkspace, type Workspace } from './trail/workspace.js';
