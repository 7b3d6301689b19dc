import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsISO8601,
  IsNumber,
  IsObject,
  IsString,
  Length,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { Id, WhenGiven } from '../problem/says.ts';

const PLAN = { message: 'The plan is missing or broken. Plan the session again and start from there.' };

class WashDto {
  @ApiProperty() @IsString(PLAN) resource: string;
  @ApiProperty() @IsString(PLAN) after: string;
  @ApiProperty() @IsString(PLAN) before: string;
  @ApiProperty() @IsInt(PLAN) start: number;
}
export class PlanDto {
  @ApiProperty() @IsString(PLAN) instance: string;
  @ApiProperty() @IsInt(PLAN) makespan: number;
  @ApiProperty({ type: Object }) @IsObject(PLAN) starts: Record<string, number>;
  @ApiProperty({ type: () => [WashDto] })
  @IsArray(PLAN)
  @ValidateNested({ each: true })
  @Type(() => WashDto)
  washes: WashDto[];
}

export class StartRunDto {
  @Id('run') id: string;
  @Id('session') session: string;
  @ApiProperty() @ValidateNested() @Type(() => PlanDto) plan: PlanDto;
}

class FactDto {
  @ApiProperty({ enum: ['started', 'done', 'not yet', 'reopened'] })
  @IsIn(['started', 'done', 'not yet', 'reopened'], { message: 'What happened is not known here. Reload the page.' })
  kind: 'started' | 'done' | 'not yet' | 'reopened';
  @ApiProperty() @IsString() @Length(1, 200) task: string;
  @ApiProperty({ required: false })
  @WhenGiven('minutes')
  @IsNumber({}, { message: 'How much longer is missing. Choose some minutes.' })
  @Min(1, { message: 'Less than a minute longer is no change. Choose 1 to 240 minutes.' })
  @Max(240, { message: 'More than 240 minutes longer is another day. Choose 1 to 240 minutes.' })
  minutes?: number;
}
export class EventDto {
  @Id('event') id: string;
  @ApiProperty() @IsString() @Length(1, 80) device: string;
  @ApiProperty() @IsInt() @Min(1) deviceSeq: number;
  @ApiProperty() @IsInt() @Min(1) clock: number;
  @ApiProperty() @IsISO8601() at: string;
  @ApiProperty() @ValidateNested() @Type(() => FactDto) what: FactDto;
}
export class EventsDto {
  @ApiProperty({ type: () => [EventDto] })
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(500)
  @ValidateNested({ each: true })
  @Type(() => EventDto)
  events: EventDto[];
}
