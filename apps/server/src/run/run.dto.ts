import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsInt, IsObject, IsString } from 'class-validator';
import { Id, Nested, NestedList } from '../problem/says.ts';

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
  @NestedList()
  @Type(() => WashDto)
  washes: WashDto[];
}

export class StartRunDto {
  @Id('run') id: string;
  @Id('session') session: string;
  @ApiProperty() @Nested() @Type(() => PlanDto) plan: PlanDto;
}

/** Each event is read by itself (core's `readEvent`): one that cannot be understood does not keep the others away. */
export class EventsDto {
  @ApiProperty({ type: [Object] })
  @IsArray({ message: 'The events are no list. Reload the run.' })
  @ArrayMinSize(1, { message: 'No event is in it. Reload the run.' })
  @ArrayMaxSize(500, { message: 'More than 500 events at once. Send them in parts.' })
  events: unknown[];
}
