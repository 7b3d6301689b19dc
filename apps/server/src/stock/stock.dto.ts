import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Max,
  Min,
} from 'class-validator';
import { HOW_KNOWN, type HowKnown, type LotOrigin } from '@kestrel-ridge/core/formats';
import { MEAL_NAMES, type MealName } from '@kestrel-ridge/core/week';
import {
  Id,
  NotNegative,
  OptionalDay,
  OptionalMinor,
  Positive,
  RequiredDay,
  Seen,
  WhenGiven,
  NestedList,
} from '../problem/says.ts';

export class LotDatesDto {
  @OptionalDay('day it was bought') boughtOn?: string;
  @OptionalDay('day it was opened') openedOn?: string;
  @OptionalDay('best before date') bestBefore?: string;
  @OptionalDay('use by date') useBy?: string;
  @OptionalDay('day it was made') madeOn?: string;
  @OptionalDay('day it was frozen') frozenOn?: string;
  @OptionalDay('day it was thawed') thawedOn?: string;
}

export class AddLotDto extends LotDatesDto {
  @Id('lot') id: string;
  @Id('food') food: string;
  @Id('place') place: string;
  @Positive('amount') amount: string;
  @ApiProperty({ required: false, description: 'Of a box with something made: grams in one portion' })
  @IsOptional()
  @Positive('weight of a portion')
  portionG?: string;
  @ApiProperty({ required: false }) @IsOptional() @IsString() @Length(1, 60) box?: string;
  @OptionalMinor('price') priceMinor?: number;
  @ApiProperty({ required: false, description: 'What the price was paid for; left out: for the amount that is there' })
  @WhenGiven('pricedAmount')
  @Positive('amount that was paid for')
  pricedAmount?: string;
  @ApiProperty({ enum: ['bought', 'found'] })
  @IsIn(['bought', 'found'], { message: 'A lot is bought or found. Choose one.' })
  origin: Exclude<LotOrigin, 'made'>;
  @ApiProperty({ required: false, enum: HOW_KNOWN, description: 'How well the amount is known' })
  @IsOptional()
  @IsIn(HOW_KNOWN, { message: 'An amount is known exact, rough or unknown. Choose one.' })
  known?: HowKnown;
  @ApiProperty({ required: false, description: 'Where it was bought' })
  @IsOptional()
  @IsString()
  @Length(1, 60, { message: 'The name of the shop is longer than 60 letters. Shorten it.' })
  shop?: string;
}

/** Several lots at once: what was bought on one trip, or a list that was pasted. All of them, or none. */
export class AddLotsDto {
  @ApiProperty({ type: () => [AddLotDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'Nothing is to be put on the shelf. Tick at least one line.' })
  @ArrayMaxSize(500, { message: 'More than 500 lines at once. Send them in parts.' })
  @NestedList()
  @Type(() => AddLotDto)
  lots: AddLotDto[];
}

export class OpenLotDto {
  @Id('new lot') id: string;
  @Positive('amount to open') amount: string;
  /** Where the opened pack goes; left out: it stays where it is. */
  @IsOptional() @Id('place') place?: string;
  @Seen() version: number;
}

export class NameLotDto {
  @Id('new lot') id: string;
  @Id('food') food: string;
  @Seen() version: number;
}

export class CountLotDto {
  @NotNegative('amount counted') amount: string;
  @ApiProperty({ required: false, enum: HOW_KNOWN, description: 'How well the amount is known' })
  @IsOptional()
  @IsIn(HOW_KNOWN, { message: 'An amount is known exact, rough or unknown. Choose one.' })
  known?: HowKnown;
  @Seen() version: number;
}

export class MoveLotDto {
  @Id('new lot') id: string;
  @Id('place') place: string;
  @Positive('amount to move') amount: string;
  @ApiProperty({ required: false, description: 'Said in plain words: what was thawed is frozen once more' })
  @IsOptional()
  @IsBoolean()
  again?: boolean;
  @Seen() version: number;
}

export class ThrowLotDto {
  @Positive('amount thrown away') amount: string;
  @ApiProperty({ example: 'spoilt' })
  @IsString()
  @Length(1, 120, { message: 'A reason is missing. Say in a word why, so that the next plan can do better.' })
  reason: string;
  @Seen() version: number;
}

export class EatDto {
  @ApiProperty({ type: () => [TakeDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'Nothing is on the plate. Take at least one portion.' })
  @ArrayMaxSize(40)
  @NestedList()
  @Type(() => TakeDto)
  takes: TakeDto[];
  @ApiProperty({ type: () => [EatenDto], required: false })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(400)
  @NestedList()
  @Type(() => EatenDto)
  eaten?: EatenDto[];
}

/** Who ate how much of what; without an eater it was a guest. */
export class EatenDto {
  @Id('entry') id: string;
  @ApiProperty({ required: false }) @IsOptional() @IsUUID('all', { message: 'The eater is not known.' }) eater?: string;
  @Id('component') food: string;
  @RequiredDay('day') day: string;
  @ApiProperty({ enum: MEAL_NAMES })
  @IsIn(MEAL_NAMES, { message: 'The meal is not known. Choose lunch or dinner.' })
  meal: MealName;
  @ApiProperty({ example: 1 })
  @IsNumber({}, { message: 'Portions eaten must be a number above 0.' })
  @Min(0.01, { message: 'Portions eaten must be a number above 0.' })
  @Max(20, { message: 'More than 20 portions is more than one can eat.' })
  portions: number;
}

export class TakeDto {
  @Id('lot') lot: string;
  @Positive('amount') amount: string;
  @Seen() version: number;
}

export class UndoDto {
  @Id('command') command: string;
  @ApiProperty({ required: false }) @IsOptional() @IsString() @Length(0, 120) reason?: string;
}
