import { ApiProperty } from '@nestjs/swagger';
import { LIMITS } from '@kestrel-ridge/core/formats';
import { ALLERGENS, FIGURES, type Allergen, type FigureName, type FoodKind } from '@kestrel-ridge/core/food';
import type { BaseUnit } from '@kestrel-ridge/core/quantity';
import { IsArray, IsIn, IsNumber, IsOptional, IsString, IsUUID, Length } from 'class-validator';
import { Id, SeenAs } from '../problem/says.ts';

const KINDS: readonly FoodKind[] = [
  'grain',
  'legume',
  'vegetable',
  'leaf',
  'fruit',
  'nut or seed',
  'seasoning',
  'fat',
  'acid',
  'water',
];
const NAME = { message: 'The food has no name. Give it one of up to 80 letters.' };
const ALLERGEN = { message: 'An allergen is not known. Choose from the list.' };
const FIGURE = { message: 'This figure is not known. Choose one from the food’s page.' };

export class AddFoodDto {
  @Id('food') id: string;
  @ApiProperty() @IsString(NAME) @Length(...LIMITS.foodName, NAME) name: string;
  @ApiProperty({ enum: KINDS })
  @IsIn(KINDS, { message: 'The food is of no known kind. Choose grain, legume, vegetable or the like.' })
  kind: FoodKind;
  @ApiProperty({ enum: ['g', 'mL', 'each'] })
  @IsIn(['g', 'mL', 'each'], { message: 'Its lots are counted in g, mL or each. Choose one.' })
  base: BaseUnit;
  /** Of the fourteen, what the packet names; an empty list: none of them. Left out: nobody knows. */
  @ApiProperty({ enum: ALLERGENS, isArray: true, required: false })
  @IsOptional()
  @IsArray(ALLERGEN)
  @IsIn(ALLERGENS, { each: true, ...ALLERGEN })
  allergens?: Allergen[];
  /** A food of this kitchen that it is like: its weights, how it cooks and keeps are taken over. */
  @ApiProperty({ required: false })
  @IsOptional()
  @IsUUID(undefined, { message: 'What it is like is no food. Choose one from the list.' })
  like?: string;
}

export class OwnFigureDto {
  @ApiProperty({ enum: FIGURES.map(({ name }) => name) })
  @IsIn(FIGURES.map(({ name }) => name), FIGURE)
  figure: FigureName;
  /** Left out: back to the book. */
  @ApiProperty({ required: false, type: Number })
  @IsOptional()
  @IsNumber(
    { allowNaN: false, allowInfinity: false },
    { message: 'The figure is no number. Enter digits such as 185.' },
  )
  value?: number;
  @SeenAs() seen: number | null;
}
