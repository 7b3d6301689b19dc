export { byCause } from './event.ts';
export type { RunEvent, RunFact } from './event.ts';
export { foldRun } from './foldRun.ts';
export type { TaskFacts } from './foldRun.ts';
export { projectRun } from './project.ts';
export type { RunTask, RunView, TaskStatus } from './project.ts';
