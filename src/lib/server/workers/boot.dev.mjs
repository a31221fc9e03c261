// Runs a TypeScript worker where there is no build: development and tests.
import { workerData } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

register();
const target = Array.isArray(workerData) ? workerData[1] : workerData;
const loaded = await import(target.target);

export default (task) => loaded.default(task);
