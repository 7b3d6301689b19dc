import { applyDecorators } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { LIMITS } from '@kestrel-ridge/core/formats';
import { MEASURES, WRITTEN_NUMBER, WRITTEN_SHARE, type MeasureName } from '@kestrel-ridge/core/quantity';
import type { Wishes } from '@kestrel-ridge/core/session';
import { readWishes } from '@kestrel-ridge/core/session/schema';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsISO8601,
  IsObject,
  IsOptional,
  IsString,
  Length,
  Matches,
  Max,
  Min,
  ValidateBy,
} from 'class-validator';
import { Id, NotNegative, Positive, Seen, Nested, NestedList } from '../problem/says.ts';

const COOKS = { message: 'Between one and four people can cook. Enter 1 to 4.' };
const NAME = { message: 'The session has no name. Give it one, such as "Sunday".' };
const START = { message: 'The start is no moment. Choose a day and a time.' };

export class AddSessionDto {
  @Id('session') id: string;
  @ApiProperty() @IsString(NAME) @Length(...LIMITS.sessionName, NAME) name: string;
  @ApiProperty({ example: '2026-03-01T08:00:00Z' }) @IsISO8601({ strict: true }, START) startsAt: string;
  @ApiProperty() @IsInt(COOKS) @Min(LIMITS.cooks[0], COOKS) @Max(LIMITS.cooks[1], COOKS) cooks: number;
}

export class ChangeSessionDto {
  @ApiProperty() @IsISO8601({ strict: true }, START) startsAt: string;
  @ApiProperty() @IsInt(COOKS) @Min(LIMITS.cooks[0], COOKS) @Max(LIMITS.cooks[1], COOKS) cooks: number;
  @Seen() version: number;
}

const WISHES = { message: 'What is said of the plan cannot be read. Reload the page and say it again.' };

export const SaidOfPlan = () =>
  applyDecorators(
    ApiProperty({ type: Object, example: { pins: {}, breaks: [{ from: 60, to: 90 }] } }),
    ValidateBy({ name: 'isWishes', validator: { validate: (said) => readWishes(said).ok } }, WISHES),
  );

export class WishDto {
  @SaidOfPlan() wishes: Wishes;
  @Seen() version: number;
}

export class AddBatchDto {
  @Id('batch') id: string;
  @Id('session') session: string;
  @Id('recipe') recipe: string;
  @Positive('number of portions') portions: string;
  @NotNegative('number of portions to freeze') freezePortions: string;
}

export class MoveBatchDto {
  @Id('session') session: string;
  @Seen() version: number;
}

export class ChangeBatchDto {
  @Positive('number of portions') portions: string;
  @NotNegative('number of portions to freeze') freezePortions: string;
  @Seen() version: number;
}

class WrittenDto {
  @ApiProperty({ example: '200' })
  @Matches(WRITTEN_NUMBER, { message: 'The amount is no amount. Write 200 or 1/2.' })
  n: string;
  @ApiProperty({ enum: Object.keys(MEASURES) })
  @IsIn(Object.keys(MEASURES), { message: 'The measure is not known. Use g, mL or a spoon.' })
  unit: MeasureName;
}

const LINE = { message: 'The line is missing. Reload the page.' };

class SwapDto {
  @ApiProperty() @IsString() @Length(1, 120, LINE) line: string;
  @Id('food') food: string;
  @ApiProperty() @Nested() @Type(() => WrittenDto) amount: WrittenDto;
  @ApiProperty({ required: false, type: [String] })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(20)
  @IsString({ each: true })
  skips?: string[];
  @ApiProperty({ required: false, type: [String] })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(20)
  @IsString({ each: true })
  without?: string[];
}

class FillDto {
  @ApiProperty() @IsString() @Length(1, 120, LINE) line: string;
  @Id('food') food: string;
  @ApiProperty({ required: false })
  @IsOptional()
  @Matches(WRITTEN_SHARE, { message: 'It is no share. Write 1/2 or 2/3.' })
  share?: string;
}

class FinalDto {
  @ApiProperty() @IsString() @Length(1, 120, LINE) line: string;
  @ApiProperty() @Nested() @Type(() => WrittenDto) amount: WrittenDto;
}

class MildDto {
  @ApiProperty({ description: 'Of the batch, as a fraction: "1/4".' })
  @Matches(/^\d{1,3}\/0*[1-9]\d{0,2}$/, { message: 'Say the mild part as a fraction of the batch, as in "1/4".' })
  share: string;
  @ApiProperty({ type: [String] })
  @IsArray({ message: 'Say for whom the mild part is.' })
  @ArrayMinSize(1, { message: 'Say for whom the mild part is.' })
  @ArrayMaxSize(60)
  @IsString({ each: true })
  @Length(1, 60, { each: true })
  who: string[];
}

class ChoiceDto {
  @ApiProperty({ required: false }) @IsOptional() @IsString() @Length(1, 60) method?: string;
  @ApiProperty({ required: false }) @IsOptional() @IsString() @Length(1, 60) version?: string;
  @ApiProperty({ required: false }) @IsOptional() @IsBoolean() eatenToday?: boolean;
  @ApiProperty({ required: false, type: () => [FillDto] })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(40)
  @NestedList()
  @Type(() => FillDto)
  fills?: FillDto[];
  @ApiProperty({ required: false, type: () => [SwapDto] })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(40)
  @NestedList()
  @Type(() => SwapDto)
  swaps?: SwapDto[];
  @ApiProperty({ required: false, type: () => MildDto })
  @IsOptional()
  @IsObject()
  @Nested()
  @Type(() => MildDto)
  mild?: MildDto;
}

export class ChooseForBatchDto {
  @ApiProperty({ type: () => ChoiceDto })
  @IsObject({ message: 'The choice is missing. Reload the page.' })
  @Nested()
  @Type(() => ChoiceDto)
  choice: ChoiceDto;
  @Seen() version: number;
}

export class LogFinalsDto {
  @ApiProperty({ type: () => [FinalDto] })
  @IsArray({ message: 'The amounts are missing. Reload the page.' })
  @ArrayMaxSize(80)
  @NestedList()
  @Type(() => FinalDto)
  finals: FinalDto[];
  @Seen() version: number;
}

export class DropBatchDto {
  @Seen() version: number;
}
