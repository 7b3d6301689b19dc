import { applyDecorators } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { MEASURES, type MeasureName } from '@kestrel-ridge/core/quantity';
import {
  FACT_KINDS,
  GATE_CHOICES,
  MEASURED,
  type GateChoice,
  type Measured,
  type RunFact,
} from '@kestrel-ridge/core/run';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsISO8601,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Length,
  Matches,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { Id } from '../problem/says.ts';

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

const UNKNOWN = { message: 'What happened is not known here. Reload the page.' };
const Sometimes = (...decorators: PropertyDecorator[]) =>
  applyDecorators(ApiProperty({ required: false }), IsOptional(), ...decorators);

class PlusDto {
  @ApiProperty({ example: '-1/2' })
  @Matches(/^-?\d{1,6}( \d+\/\d+|\/\d+|\.\d+)?$/, { message: 'How much more is no amount. Write 1 or 1/2.' })
  n: string;
  @ApiProperty({ enum: Object.keys(MEASURES) })
  @IsIn(Object.keys(MEASURES), { message: 'The measure is not known. Use g, mL or a spoon.' })
  unit: MeasureName;
}

/** Any of the facts of a run; what belongs to which kind is checked by `factFault`. */
export class FactDto {
  @ApiProperty({ enum: FACT_KINDS }) @IsIn(FACT_KINDS, UNKNOWN) kind: RunFact['kind'];
  @ApiProperty() @IsString() @Length(1, 200) task: string;
  @Sometimes(
    IsNumber({}, { message: 'How much longer is missing. Choose some minutes.' }),
    Min(1, { message: 'Less than a minute longer is no change. Choose 1 to 240 minutes.' }),
    Max(240, { message: 'More than 240 minutes longer is another day. Choose 1 to 240 minutes.' }),
  )
  minutes?: number;
  @Sometimes(IsString(), Length(1, 120)) line?: string;
  @Sometimes(IsIn(GATE_CHOICES, UNKNOWN)) choice?: GateChoice;
  @Sometimes(ValidateNested(), Type(() => PlusDto)) plus?: PlusDto;
  @Sometimes(IsString(), Length(1, 40)) who?: string;
  @Sometimes(IsString(), Length(1, 120, { message: 'What is added has no name. Give it one of up to 120 letters.' }))
  name?: string;
  @Sometimes(IsBoolean()) hands?: boolean;
  @Sometimes(IsIn(MEASURED, UNKNOWN)) what?: Measured;
  @Sometimes(IsNumber({}, { message: 'What was measured is no number. Measure again.' })) value?: number;
  @Sometimes(IsString(), Length(1, 400, { message: 'The note is too long. Keep it to 400 letters.' })) text?: string;
}

/** What each kind of fact must say beside its task. */
const SAYS: Readonly<Record<RunFact['kind'], readonly (keyof FactDto)[]>> = {
  started: [],
  done: [],
  'not yet': ['minutes'],
  reopened: [],
  skipped: [],
  paused: [],
  resumed: [],
  ticked: ['line'],
  unticked: ['line'],
  gate: ['line', 'choice'],
  amount: ['line', 'plus'],
  given: ['who'],
  added: ['name', 'minutes', 'hands'],
  measured: ['what', 'value'],
  noted: ['text'],
  'dish dropped': [],
  'load dropped': [],
};

/** What a fact leaves unsaid; undefined when it is whole. */
export const unsaidIn = (fact: FactDto): keyof FactDto | undefined =>
  SAYS[fact.kind].find((field) => fact[field] === undefined);

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
