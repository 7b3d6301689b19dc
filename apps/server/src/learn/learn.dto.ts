import { FIGURE_KINDS, type FigureKind } from '@kestrel-ridge/core/learn';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsDefined, IsIn, IsOptional, IsString, Length, MaxLength } from 'class-validator';
import { Id, Nested } from '../problem/says.ts';

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

export class SetBackDto {
  @Id('word on it') id: string;
  /** Left out: all of them. */
  @ApiProperty({ type: () => FigureDto, required: false })
  @IsOptional()
  @Nested()
  @Type(() => FigureDto)
  figure?: FigureDto;
}
