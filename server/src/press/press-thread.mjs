import { tsImport } from 'tsx/esm/api';

// a worker thread does not inherit the loader that the server itself runs under
await tsImport('./press-worker.ts', import.meta.url);
