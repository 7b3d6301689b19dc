import { firstTables } from './0001-first-tables.ts';
import { foodsOfTheBook } from './0002-foods-of-the-book.ts';
import { swaps } from './0003-swaps.ts';
import { choicesAndOwnFigures } from './0004-choices-and-own-figures.ts';
import { pricesAndFloors } from './0005-prices-and-floors.ts';
import { howKnown } from './0006-how-known.ts';
import { kitchensAsTheyAre } from './0007-kitchens-as-they-are.ts';
import { boxesAndSecondThoughts } from './0008-boxes-and-second-thoughts.ts';
import { theTable } from './0009-the-table.ts';
import { ageAndAllergens } from './0010-age-and-allergens.ts';
import { saidOfWhatIsLearned } from './0011-said-of-what-is-learned.ts';
import { whatWasReckoned } from './0012-what-was-reckoned.ts';
import { whatWasRead } from './0013-what-was-read.ts';
import type { Migration } from './migration.ts';

/** In order; a migration that has landed is never changed. */
export const migrations: readonly Migration[] = [
  firstTables,
  foodsOfTheBook,
  swaps,
  choicesAndOwnFigures,
  pricesAndFloors,
  howKnown,
  kitchensAsTheyAre,
  boxesAndSecondThoughts,
  theTable,
  ageAndAllergens,
  saidOfWhatIsLearned,
  whatWasReckoned,
  whatWasRead,
];
