import { tsImport } from 'tsx/esm/api';

// a worker thread does not inherit the loader that the sources run under; a built server starts its own script instead
await tsImport('./bench-worker.ts', import.meta.url);
