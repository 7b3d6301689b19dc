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
  MaxLength,
} from 'class-validator';
import { Id, Nested, NestedList } from '../problem/says.ts';

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

export class SetBackDto {
  @Id('word on it') id: string;
  /** Left out: all of them. */
  @ApiProperty({ type: () => FigureDto, required: false })
  @IsOptional()
  @Nested()
  @Type(() => FigureDto)
  figure?: FigureDto;
}
