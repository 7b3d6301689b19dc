import { listed } from '@kestrel-ridge/core/quantity';
import { rackName, type RackNumber } from '@kestrel-ridge/core/kitchen';

/** Where trays go: "top and bottom rack", "all 3 racks"; empty where an oven has one rack, or nobody knows. */
export function racksWords(on: readonly RackNumber[], racks: number): string {
  if (racks < 2 || on.length === 0) return '';
  return on.length === racks ? `all ${racks} racks` : `${listed(on.map((rack) => rackName(rack, racks)))} rack`;
}

/** What is asked over the racks of an oven: which tray, or which trays, have come out. */
export const outWords = (trays: number): string => (trays === 1 ? 'Done, from the rack' : 'Out already, by rack');
