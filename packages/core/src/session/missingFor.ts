import type { Equipment } from '../kitchen/index.ts';
import type { StationUse } from '../recipe/index.ts';
import type { OvenHeats } from './ovenHeats.ts';

/** What a kitchen lacks for a use of a station: the station itself, or an oven that gets so hot; undefined: nothing. */
export function missingFor(
  use: StationUse,
  heat: number | undefined,
  { equipment, heats }: { readonly equipment: Equipment; readonly heats: OvenHeats },
): 'too hot' | 'not here' | undefined {
  switch (use.station) {
    case 'oven':
      if (equipment.ovens.length === 0) return 'not here';
      return heat !== undefined && !heats.ovenAt(heat) ? 'too hot' : undefined;
    case 'cooker':
      return equipment.cookers.length === 0 ? 'not here' : undefined;
    case 'rice cooker':
      return equipment.riceCooker ? undefined : 'not here';
    case 'microwave':
      return equipment.microwave ? undefined : 'not here';
    case 'air fryer':
      return equipment.airFryer ? undefined : 'not here';
    case 'burner':
    case 'jug':
    case 'strainer':
    case 'kettle':
      return undefined;
    default:
      return use.station satisfies never;
  }
}
