export { energyCost, energyOf } from './energy.ts';
export type { Energy, EnergyLine } from './energy.ts';
export { OVEN_ON, expandSession } from './expand.ts';
export { ovenChange, sharedHeats } from './sharedHeats.ts';
export type { Ahead, PlannedBatch, SessionTasks } from './expand.ts';
export type { GoesIn, Stage, TaskAbout } from './taskAbout.ts';
export type { Away, Plan, Problem, ProblemLink, ProblemTask, ProblemUse, Resource, Wash } from './problem.ts';
export { NO_WISHES, withWishes } from './wishes.ts';
export type { Wishes } from './wishes.ts';
