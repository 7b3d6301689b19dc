import { ApiProperty } from '@nestjs/swagger';
import { IsInt, IsISO8601, IsString, Length, Max, Min } from 'class-validator';
import { Id, NotNegative, Positive, Seen } from '../problem/says.ts';

const COOKS = { message: 'Between one and four people can cook. Enter 1 to 4.' };
const NAME = { message: 'The session has no name. Give it one, such as "Sunday".' };
const START = { message: 'The start is no moment. Choose a day and a time.' };

export class AddSessionDto {
  @Id('session') id: string;
  @ApiProperty() @IsString(NAME) @Length(1, 80, NAME) name: string;
  @ApiProperty({ example: '2026-03-01T08:00:00Z' }) @IsISO8601({ strict: true }, START) startsAt: string;
  @ApiProperty() @IsInt(COOKS) @Min(1, COOKS) @Max(4, COOKS) cooks: number;
}

export class ChangeSessionDto {
  @ApiProperty() @IsISO8601({ strict: true }, START) startsAt: string;
  @ApiProperty() @IsInt(COOKS) @Min(1, COOKS) @Max(4, COOKS) cooks: number;
  @Seen() version: number;
}

export class AddBatchDto {
  @Id('batch') id: string;
  @Id('session') session: string;
  @Id('recipe') recipe: string;
  @Positive('number of portions') portions: string;
  @NotNegative('number of portions to freeze') freezePortions: string;
}

export class ChangeBatchDto {
  @Positive('number of portions') portions: string;
  @NotNegative('number of portions to freeze') freezePortions: string;
  @Seen() version: number;
}

export class DropBatchDto {
  @Seen() version: number;
}
