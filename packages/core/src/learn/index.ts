export { cookerLog } from './cookerLog.ts';
export type { CookedRun, Learned } from './cookerLog.ts';
