export { readRevision } from './readRevision.ts';
