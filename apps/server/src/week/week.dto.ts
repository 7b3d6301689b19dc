import { ALLERGENS, FOOD_GROUPS, type Allergen, type FoodGroup } from '@kestrel-ridge/core/food';
import { MEAL_NAMES, type ComponentKind, type MealName } from '@kestrel-ridge/core/week';
import type { Wishes } from '@kestrel-ridge/core/session';
import { LIMITS, type TemplateState, type TemplateWeek } from '@kestrel-ridge/core/formats';
import { readTemplate } from '@kestrel-ridge/core/formats/schema';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  Min,
  ValidateBy,
} from 'class-validator';
import { AddSessionDto, SaidOfPlan } from '../session/session.dto.ts';
import {
  Id,
  NotNegative,
  OptionalDay,
  Positive,
  RequiredDay,
  Seen,
  SeenAs,
  Nested,
  NestedList,
} from '../problem/says.ts';

const NAME = { message: 'The eater has no name. Give one of up to 60 letters.' };
const WEEKDAYS = { message: 'A day of the week is not known. Use 0 for Monday to 6 for Sunday.' };
const FOODS = { each: true, message: 'A food in the list is not known. Choose from the list.' };
const TIMES = { message: 'Times a usual portion must be from 0 to 4. Enter 1.5 for half as much again.' };

class MealDaysDto {
  @ApiProperty({ type: [Number], required: false })
  @IsOptional()
  @IsArray(WEEKDAYS)
  @IsInt({ each: true, ...WEEKDAYS })
  @Min(0, { each: true, ...WEEKDAYS })
  @Max(6, { each: true, ...WEEKDAYS })
  lunch?: number[];
  @ApiProperty({ type: [Number], required: false })
  @IsOptional()
  @IsArray(WEEKDAYS)
  @IsInt({ each: true, ...WEEKDAYS })
  @Min(0, { each: true, ...WEEKDAYS })
  @Max(6, { each: true, ...WEEKDAYS })
  dinner?: number[];
}

const Times = () =>
  function (target: object, name: string) {
    ApiProperty({ required: false })(target, name);
    IsOptional()(target, name);
    IsNumber({}, TIMES)(target, name);
    Min(0, TIMES)(target, name);
    Max(4, TIMES)(target, name);
  };

class GroupsDto implements Partial<Record<ComponentKind, number>> {
  @Times() grain?: number;
  @Times() legume?: number;
  @Times() roots?: number;
  @Times() sauce?: number;
  @Times() greens?: number;
  @Times() dish?: number;
}

const ListOfFoods = () =>
  function (target: object, name: string) {
    ApiProperty({ type: [String], required: false })(target, name);
    IsOptional()(target, name);
    IsArray({ message: FOODS.message })(target, name);
    ArrayMaxSize(200)(target, name);
    IsUUID('all', FOODS)(target, name);
  };

class DayWishesDto {
  @ApiProperty({ required: false })
  @IsOptional()
  @IsInt({ message: 'The energy of a day must be whole kilojoules, from 2000 to 20000.' })
  @Min(2000, { message: 'The energy of a day must be whole kilojoules, from 2000 to 20000.' })
  @Max(20_000, { message: 'The energy of a day must be whole kilojoules, from 2000 to 20000.' })
  energyKJ?: number;
  @ApiProperty({ required: false })
  @IsOptional()
  @IsInt({ message: 'The protein of a day must be whole grams, from 10 to 300.' })
  @Min(10, { message: 'The protein of a day must be whole grams, from 10 to 300.' })
  @Max(300, { message: 'The protein of a day must be whole grams, from 10 to 300.' })
  proteinG?: number;
}

export class TastesDto {
  @ApiProperty({ required: false }) @IsOptional() @Nested() @Type(() => GroupsDto) groups?: GroupsDto;
  @ApiProperty({ required: false }) @IsOptional() @Nested() @Type(() => MealDaysDto) meals?: MealDaysDto;
  @ListOfFoods() likes?: string[];
  @ListOfFoods() never?: string[];
  @ListOfFoods() inSpite?: string[];
  @ApiProperty({ enum: FOOD_GROUPS, isArray: true, required: false })
  @IsOptional()
  @IsIn(FOOD_GROUPS, { each: true, message: 'A group of foods is not known. Choose from the list.' })
  neverGroups?: FoodGroup[];
  @ApiProperty({ enum: ALLERGENS, isArray: true, required: false })
  @IsOptional()
  @IsIn(ALLERGENS, { each: true, message: 'An allergen is not known. Choose from the list.' })
  allergens?: Allergen[];
  @ApiProperty({ required: false }) @IsOptional() @IsBoolean() mild?: boolean;
  @ApiProperty({ required: false })
  @IsOptional()
  @IsInt({ message: 'Days in a row must be a whole number, from 1 to 14.' })
  @Min(1, { message: 'Days in a row must be a whole number, from 1 to 14.' })
  @Max(14, { message: 'Days in a row must be a whole number, from 1 to 14.' })
  repeats?: number;
  @ApiProperty({ required: false }) @IsOptional() @Nested() @Type(() => DayWishesDto) wishes?: DayWishesDto;
}

class EaterFields {
  @ApiProperty() @IsString(NAME) @Length(...LIMITS.eaterName, NAME) name: string;
  @ApiProperty({ example: 1 })
  @IsNumber({}, { message: 'The appetite is no number. 1 is a usual portion.' })
  @Min(LIMITS.eaterAppetite[0], { message: 'The appetite is too small. 1 is a usual portion.' })
  @Max(LIMITS.eaterAppetite[1], { message: 'The appetite is too large. 1 is a usual portion, 4 the most.' })
  appetite: number;
  @ApiProperty({ type: [Number], example: [0, 1, 2, 3, 4, 5, 6] })
  @IsArray(WEEKDAYS)
  @ArrayUnique(WEEKDAYS)
  @IsInt({ each: true, ...WEEKDAYS })
  @Min(0, { each: true, ...WEEKDAYS })
  @Max(6, { each: true, ...WEEKDAYS })
  weekdays: number[];
  @ApiProperty({ required: false }) @IsOptional() @Nested() @Type(() => TastesDto) tastes?: TastesDto;
}
export class AddEaterDto extends EaterFields {
  @Id('eater') id: string;
}
export class ChangeEaterDto extends EaterFields {
  @Seen() version: number;
}
export class EaterGoesDto {
  @Seen() version: number;
}

export class AttendanceDto {
  @Id('eater') eater: string;
  @RequiredDay('day') day: string;
  @ApiProperty() @IsBoolean({ message: 'Say whether the eater is here that day. Send true or false.' }) here: boolean;
  @SeenAs() seen: boolean | null;
}

const APPETITE = {
  message: 'Portions a day must be from 0 to 6. Enter 1 for one portion a day, 0.5 for every other day.',
};
export class AppetiteDto {
  @Id('component') food: string;
  @ApiProperty({ example: 1 })
  @IsNumber({}, APPETITE)
  @Min(LIMITS.portionsADay[0], APPETITE)
  @Max(LIMITS.portionsADay[1], APPETITE)
  portionsADay: number;
  @OptionalDay('day from which it is learned anew') since?: string;
  @SeenAs() seen: { readonly portionsADay: number; readonly since: string | null } | null;
}

const PART = { message: 'Portions of a part must be from 0.1 to 6. Enter 1 for a usual portion each.' };
const GUESTS = { message: 'Guests must be a whole number from 0 to 200.' };
class PartDto {
  @Id('component') food: string;
  @ApiProperty({ example: 1 })
  @IsNumber({}, PART)
  @Min(LIMITS.partPortions[0], PART)
  @Max(LIMITS.partPortions[1], PART)
  portions: number;
}
export class SlotDto {
  @RequiredDay('day') day: string;
  @ApiProperty({ enum: MEAL_NAMES })
  @IsIn(MEAL_NAMES, { message: 'The meal is not known. Choose lunch or dinner.' })
  meal: MealName;
  @ApiProperty({ type: () => [PartDto] })
  @IsArray()
  @ArrayMaxSize(LIMITS.mealParts[1], { message: 'A meal has twelve parts at most. Leave some out.' })
  @NestedList()
  @Type(() => PartDto)
  parts: PartDto[];
  @ApiProperty() @IsInt(GUESTS) @Min(LIMITS.guests[0], GUESTS) @Max(LIMITS.guests[1], GUESTS) guests: number;
  @ApiProperty({ required: false, example: '19:30' })
  @IsOptional()
  @Matches(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'The serving time is no time of day. Write it as 19:30.' })
  serveAt?: string;
  @ApiProperty({ required: false }) @IsOptional() @IsBoolean() locked?: boolean;
  @ApiProperty({ required: false })
  @IsOptional()
  @IsString()
  @Length(...LIMITS.mealNote, { message: 'The note is too long. Keep it to 200 letters.' })
  note?: string;
}

/** One that is made for what comes into it; its wishes, where it was there before. */
class NewSessionDto extends AddSessionDto {
  @IsOptional() @SaidOfPlan() wishes?: Wishes;
}
class AddedDto {
  @Id('batch') id: string;
  @Id('session') session: string;
  @Id('recipe') recipe: string;
  @Positive('number of portions') portions: string;
  @NotNegative('number of portions to freeze') freezePortions: string;
}
class SizedDto {
  @Id('batch') id: string;
  /** Where it is to be cooked; left out: where it is. */
  @IsOptional() @Id('session') session?: string;
  @Positive('number of portions') portions: string;
  @NotNegative('number of portions to freeze') freezePortions: string;
  @Seen() version: number;
}
class DroppedDto {
  @Id('batch') id: string;
  @Seen() version: number;
}

const ListOf = (item: () => new () => object, most: number) => (target: object, name: string) => {
  ApiProperty({ type: () => [item()] })(target, name);
  IsArray()(target, name);
  ArrayMaxSize(most)(target, name);
  NestedList()(target, name);
  Type(item)(target, name);
};

/** Several changes of a week that belong together: all of them, or none. */
export class WeekChangesDto {
  /** Made before all else, so that dishes can go there. */
  @IsOptional() @ListOf(() => NewSessionDto, 14) sessions?: NewSessionDto[];
  @ListOf(() => SlotDto, LIMITS.weekSlots[1]) slots: SlotDto[];
  /** Those meals as they were when they were changed; one that is otherwise by now is not written over. Left out: nothing was seen. */
  @IsOptional() @ListOf(() => SlotDto, LIMITS.weekSlots[1]) seen?: SlotDto[];
  @ListOf(() => AddedDto, LIMITS.weekDishes[1]) add: AddedDto[];
  @ListOf(() => SizedDto, LIMITS.weekDishes[1]) size: SizedDto[];
  @ListOf(() => DroppedDto, LIMITS.weekDishes[1]) drop: DroppedDto[];
}

type SeenTemplate = Pick<TemplateState, 'name' | 'week'>;
const TEMPLATE = { message: 'The week to keep cannot be read. Reload the page and keep it again.' };

export class TemplateDto {
  @Id('week') id: string;
  @ApiProperty()
  @IsString()
  @Length(...LIMITS.templateName, { message: 'The week has no name. Give it one of up to 60 letters.' })
  name: string;
  @ApiProperty({ type: Object })
  @ValidateBy({ name: 'isTemplate', validator: { validate: (said) => readTemplate(said).ok } }, TEMPLATE)
  week: TemplateWeek;
  @SeenAs() seen: SeenTemplate | null;
}
export class ForgetTemplateDto {
  @SeenAs() seen: SeenTemplate | null;
}
