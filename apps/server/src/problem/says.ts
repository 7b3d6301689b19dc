import { applyDecorators } from '@nestjs/common';
import { readDay } from '@kestrel-ridge/core/quantity';
import { ApiProperty } from '@nestjs/swagger';
import {
  IsDefined,
  IsInt,
  IsObject,
  IsOptional,
  IsUUID,
  Matches,
  Max,
  Min,
  ValidateBy,
  ValidateIf,
  ValidateNested,
} from 'class-validator';

/** Field kinds that many commands share, each with its words: what is wrong, and what to do. */
export const Id = (name: string) =>
  applyDecorators(
    ApiProperty({ format: 'uuid' }),
    IsUUID('all', {
      message: `The ${name} has no valid id. Choose one that is listed, or let the page make a new one.`,
    }),
  );

const DECIMAL = /^\d{1,7}(\.\d{1,6})?$/;
const POSITIVE = /^(?=.*[1-9])\d{1,7}(\.\d{1,6})?$/;

/** More than nothing, as a decimal text in the base unit. */
export const Positive = (name: string) =>
  applyDecorators(
    ApiProperty({ type: String, example: '500' }),
    Matches(POSITIVE, { message: `The ${name} must be a number above zero. Enter digits such as 500 or 0.5.` }),
  );
export const NotNegative = (name: string) =>
  applyDecorators(
    ApiProperty({ type: String, example: '250' }),
    Matches(DECIMAL, { message: `The ${name} must be a number, zero or more. Enter digits such as 250 or 0.` }),
  );

/** A day that the calendar has: 30 February is none. */
export const RealDay = (name: string) =>
  ValidateBy(
    {
      name: 'isRealDay',
      validator: { validate: (value) => typeof value === 'string' && readDay(value) !== undefined },
    },
    { message: `The ${name} is no date. Write it as 2026-03-01.` },
  );
export const OptionalDay = (name: string) =>
  applyDecorators(ApiProperty({ required: false, example: '2026-03-01' }), IsOptional(), RealDay(name));
export const RequiredDay = (name: string) => applyDecorators(ApiProperty({ example: '2026-03-01' }), RealDay(name));

/** Minor units of the kitchen's currency. */
export const OptionalMinor = (name: string) =>
  applyDecorators(
    ApiProperty({ required: false, type: Number, example: 249 }),
    IsOptional(),
    IsInt({ message: `The ${name} must be whole minor units. Enter a price such as 2.49.` }),
    Min(0, { message: `The ${name} is below zero. Enter what was paid, or leave it empty.` }),
    Max(100_000_00, { message: `The ${name} is too high. Enter what was paid for this lot.` }),
  );

/** The version the client saw: a stale one is answered with what is there now. */
export const Seen = () =>
  applyDecorators(
    ApiProperty({ type: Number }),
    IsInt({ message: 'The version seen is missing. Reload the page.' }),
    Min(0, { message: 'The version seen is missing. Reload the page.' }),
  );
/** What has no version was seen as it is written here; null: nothing was said of it. It is only ever compared. */
export const SeenAs = () =>
  applyDecorators(
    ApiProperty({ nullable: true, type: Object }),
    ValidateIf((_, value) => value !== null),
    IsDefined({ message: 'What was seen is missing. Reload the page.' }),
  );
export const WhenGiven = (name: string) =>
  ValidateIf((holder: Record<string, unknown>) => holder[name] !== undefined && holder[name] !== null);

const NO_OBJECT = 'It is no object with named fields. Reload the page and try again.';
/** One object with checks of its own. An array is none: class-validator alone would look into it and find nothing wrong with an empty one. */
export const Nested = () => applyDecorators(ValidateNested(), IsObject({ message: NO_OBJECT }));
/** A list of them. */
export const NestedList = () =>
  applyDecorators(ValidateNested({ each: true }), IsObject({ each: true, message: NO_OBJECT }));
