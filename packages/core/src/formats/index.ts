export { readShelfLine } from './readShelfLine.ts';
export type { PlaceName, ShelfLine } from './readShelfLine.ts';
