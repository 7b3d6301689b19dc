export { cookerLog } from './cookerLog.ts';
export type { CookedRun, Learned } from './cookerLog.ts';
export { learnAppetite, plateSums } from './appetite.ts';
export type { LearnedAppetite, PlateSums } from './appetite.ts';
export { ovenLog } from './ovenLog.ts';
export type { OvenLearned } from './ovenLog.ts';
export { normalCdf, studentQuantile } from './distributions.ts';
export { posteriorOf, posteriorOfSums } from './posterior.ts';
export type { Observation, Posterior, Prior, Sums } from './posterior.ts';
