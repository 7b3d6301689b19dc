import { degreesText, inDegrees, type Degrees } from '@kestrel-ridge/core/quantity';
import { writesNow } from './writes.ts';

/** In which degrees the kitchen on this device reads heat. */
export const degreesHere = (): Degrees => writesNow().degrees ?? '°C';

/** A heat as the kitchen reads it: "190 °C", or "375 °F". */
export const heatWords = (celsius: number): string => degreesText(celsius, degreesHere());

/** What an oven is heated to, in fives where its dial has them. */
export const ovenWords = (celsius: number): string => degreesText(celsius, degreesHere(), true);

/** A text of a recipe, a caution or a reason, with its heats as the kitchen reads them. */
export const heatsHere = (text: string): string => inDegrees(text, degreesHere());
