import { FIGURE_KINDS, READ_KINDS, type FigureKind, type ReadKind } from '@kestrel-ridge/core/learn';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsDefined,
  IsIn,
  IsNumber,
  IsOptional,
  IsPositive,
  IsString,
  Length,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { Id, Nested, NestedList, Seen, SeenAs } from '../problem/says.ts';

const OWN = { message: 'That is no figure to go by. Choose one that is listed.' };
/** So many figures are gone by at once. */
const MOST_AT_ONCE = 200;

export class FigureDto {
  @ApiProperty({ enum: FIGURE_KINDS })
  @IsIn(FIGURE_KINDS, { message: 'There is no figure of that kind. Choose one that is listed.' })
  kind: FigureKind;
  @ApiProperty()
  @IsString()
  @MaxLength(200, { message: 'Whose figure it is, is longer than 200 letters. Choose one that is listed.' })
  of: string;
}

export class TakeOutDto {
  @Id('word on it') id: string;
  @ApiProperty({ type: () => FigureDto })
  @IsDefined({ message: 'Of which figure? Choose one that is listed.' })
  @Nested()
  @Type(() => FigureDto)
  figure: FigureDto;
  @Id('run') run: string;
  @ApiProperty() @IsString() @Length(1, 200, { message: 'Which task was it? Choose one that is listed.' }) task: string;
  @ApiProperty({ example: 'the timer was forgotten' })
  @IsString()
  @Length(1, 200, { message: 'Say in up to 200 letters why it is wrong.' })
  reason: string;
}

const WEIGHED = { message: 'That is no weight. Enter a number above nothing.' };

export class ReadFigureDto {
  @ApiProperty({ enum: READ_KINDS })
  @IsIn(READ_KINDS, { message: 'No figure of that kind is read off a scale. Choose one that is listed.' })
  kind: ReadKind;
  @ApiProperty()
  @IsString()
  @Length(1, 200, { message: 'Of which food or pot? Choose one that is listed.' })
  of: string;
}
export class ReadingDto {
  @Id('reading') id: string;
  @ApiProperty({ type: () => ReadFigureDto })
  @IsDefined({ message: 'Of which figure? Choose one that is listed.' })
  @Nested()
  @Type(() => ReadFigureDto)
  figure: ReadFigureDto;
  @ApiProperty() @IsNumber({}, WEIGHED) @IsPositive(WEIGHED) real: number;
  @ApiProperty() @IsNumber({}, WEIGHED) @IsPositive(WEIGHED) book: number;
  @ApiProperty({ example: 'leek, peeled' })
  @IsString()
  @Length(1, 200, { message: 'Say in up to 200 letters what was weighed.' })
  what: string;
}
export class ReadingsDto {
  @ApiProperty({ type: () => [ReadingDto] })
  @IsArray({ message: 'The readings are no list. Weigh it again.' })
  @ArrayMinSize(1, { message: 'No reading is in it. Weigh it again.' })
  @ArrayMaxSize(20, { message: 'More than 20 readings at once. Send them in parts.' })
  @NestedList()
  @Type(() => ReadingDto)
  readings: ReadingDto[];
}

class OwnDto {
  @ApiProperty() @IsNumber({}, OWN) @Min(0, OWN) @Max(100_000, OWN) value: number;
  @ApiProperty({ required: false }) @IsOptional() @IsNumber({}, OWN) @Min(-60, OWN) @Max(120, OWN) plusMinutes?: number;
  @ApiProperty()
  @IsString()
  @Length(1, 80, { message: 'Where the figure is from is not said. Choose one that is listed.' })
  source: string;
}
export class GoneByDto {
  @ApiProperty({ type: () => FigureDto })
  @IsDefined({ message: 'Which figure? Choose one that is listed.' })
  @Nested()
  @Type(() => FigureDto)
  figure: FigureDto;
  /** Left out: by the book again. */
  @ApiProperty({ type: () => OwnDto, required: false })
  @IsOptional()
  @Nested()
  @Type(() => OwnDto)
  own?: OwnDto;
  /** Of a food: its own figure as it was seen. */
  @SeenAs() seen: number | null;
}
export class GoByDto {
  @ApiProperty({ type: () => [GoneByDto] })
  @IsArray({ message: 'The figures are no list. Choose some that are listed.' })
  @ArrayMinSize(1, { message: 'No figure is in it. Choose one that is listed.' })
  @ArrayMaxSize(MOST_AT_ONCE, { message: `More than ${MOST_AT_ONCE} figures at once. Choose fewer.` })
  @NestedList()
  @Type(() => GoneByDto)
  figures: GoneByDto[];
  /** What was read off a scale to know them. */
  @ApiProperty({ type: () => [ReadingDto], required: false })
  @IsOptional()
  @IsArray({ message: 'The readings are no list. Weigh it again.' })
  @ArrayMaxSize(20, { message: 'More than 20 readings at once. Send them in parts.' })
  @NestedList()
  @Type(() => ReadingDto)
  readings?: ReadingDto[];
  @Seen() version: number;
}

export class SetBackDto {
  @Id('word on it') id: string;
  /** Left out: all of them. */
  @ApiProperty({ type: () => FigureDto, required: false })
  @IsOptional()
  @Nested()
  @Type(() => FigureDto)
  figure?: FigureDto;
}
