import { minutes, type Celsius, type Minutes } from '../quantity/index.ts';
import { heatCapacity, type PotLoad } from './pot.ts';

/** Heat a closed cooker loses to the room, W/K. Assumed; 1.5 to 3 is likely. */
export const HEAT_LOSS_W_PER_K = 2;

/**
 * Minutes until a sealed cooker has cooled by itself to where water boils outside: it grows with what is in it.
 * Source: computed: C/UA · ln((inside − room)/(boiling − room)); the heat loss is assumed.
 */
export function naturalRelease(load: PotLoad, inside: Celsius, boiling: Celsius, room: Celsius): Minutes {
  const secondsPerE = (heatCapacity(load) * 1000) / HEAT_LOSS_W_PER_K;
  return minutes((secondsPerE * Math.log((inside - room) / (boiling - room))) / 60);
}
