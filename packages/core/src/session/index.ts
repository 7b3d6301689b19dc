export { OVEN_ON, expandSession, ovenChange } from './expand.ts';
export type { Ahead, GoesIn, PlannedBatch, SessionTasks, Stage, TaskAbout } from './expand.ts';
export type { Plan, Problem, ProblemLink, ProblemTask, ProblemUse, Resource, Wash } from './problem.ts';
