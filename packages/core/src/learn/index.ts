export { cookerLog } from './cookerLog.ts';
export type { CookedRun, Learned } from './cookerLog.ts';
export { learnAppetite } from './appetite.ts';
export type { LearnedAppetite } from './appetite.ts';
