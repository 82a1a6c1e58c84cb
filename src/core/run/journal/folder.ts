/** Where the journals of runs lie, below the local folder of the collection. */
import { join } from 'node:path';

export const journalFolder = (local: string): string => join(local, 'runs');
