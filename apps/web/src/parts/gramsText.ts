import { figuresNow, mass, show } from '@kestrel-ridge/core/quantity';

/**
 * A weight as a scale of this kitchen shows it: to the gram, or in pounds and ounces.
 * @example gramsText(1840.2) // => '1840 g'
 */
export const gramsText = (g: number): string => (figuresNow().mass === 'oz' ? show(mass(g)) : `${Math.round(g)} g`);
