import { applyDecorators } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { APPLIANCES, MOST_RACKS, SKILLS, type Appliance, type Skill } from '@kestrel-ridge/core/kitchen';
import { SCOOPS, UNIT_SYSTEMS, type Scoop, type UnitSystem } from '@kestrel-ridge/core/quantity';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  Length,
  Matches,
  Max,
  Min,
  ValidateBy,
} from 'class-validator';
import { OptionalMinor, Nested, NestedList } from '../problem/says.ts';

const between = (name: string, least: number, most: number, unit: string) => ({
  message: `The ${name} must be from ${least} to ${most} ${unit}. Look at the appliance or its manual.`,
});

/** A figure of an appliance, within what such appliances have. */
const Figure = (name: string, least: number, most: number, unit: string) =>
  applyDecorators(
    ApiProperty({ type: Number }),
    IsNumber({}, between(name, least, most, unit)),
    Min(least, between(name, least, most, unit)),
    Max(most, between(name, least, most, unit)),
  );
const Whole = (name: string, least: number, most: number, unit: string) =>
  applyDecorators(Figure(name, least, most, unit), IsInt(between(name, least, most, unit)));
const Perhaps = (...decorators: PropertyDecorator[]) =>
  applyDecorators(ApiProperty({ required: false }), IsOptional(), ...decorators);
const Part = (of: () => new () => object) => applyDecorators(Nested(), Type(of));
const Several = (of: () => new () => object, most: number, word: string) =>
  applyDecorators(
    ApiProperty({ type: of, isArray: true }),
    IsArray(),
    ArrayMaxSize(most, { message: `More than ${most} ${word} are not planned for. Keep those you use most.` }),
    NestedList(),
    Type(of),
  );
const Named = (what: string, example: string) =>
  applyDecorators(
    ApiProperty(),
    IsString(),
    Length(1, 40, { message: `A ${what} has no name. Give it one, such as "${example}".` }),
  );
const CLOCK = /^([01]\d|2[0-3]):[0-5]\d$/;
const ClockTime = (what: string) =>
  Perhaps(Matches(CLOCK, { message: `The ${what} is no time of day. Write it as 09:30.` }));

class CookerDto {
  @Figure('cooker’s volume', 1, 30, 'litres') litres: number;
  @Whole('power', 200, 5000, 'watts') watts: number;
  @Figure('gauge pressure', 20, 110, 'kPa') gaugeKpa: number;
  @Whole('least liquid', 0, 2000, 'mL') leastLiquidMl: number;
  @ApiProperty() @IsNumber() @Min(0) @Max(10) steelKg: number;
  @Perhaps(Whole('empty insert', 100, 10_000, 'g')) emptyG?: number;
}
class OvenDto {
  @Whole('number of racks', 1, MOST_RACKS, 'racks') racks: number;
  @Whole('preheating', 1, 60, 'minutes') preheatMinutes: number;
  @Whole('tray', 200, 4000, 'cm²') trayCm2: number;
  @Perhaps(IsBoolean()) fan?: boolean;
  @Perhaps(IsIn(['°C', '°F'], { message: 'The dial shows neither °C nor °F. Choose one of them.' })) dial?: '°C' | '°F';
  @Perhaps(Whole('hottest of the oven', 100, 500, '°C')) mostC?: number;
  @Perhaps(IsBoolean()) grill?: boolean;
  @Perhaps(Figure('10 °C hotter', 0.1, 10, 'minutes')) upMinutes?: number;
  @Perhaps(Figure('10 °C cooler', 0.1, 10, 'minutes')) downMinutes?: number;
  @Perhaps(Figure('time in the oven', 0.5, 2, 'times the recipe’s')) cooksTimes?: number;
  @Perhaps(IsTimesOfRacks()) rackTimes?: readonly (number | null)[];
}
class JugDto {
  @Whole('least in the jug', 0, 5000, 'mL') leastMl: number;
  @Whole('jug', 100, 5000, 'mL') mostMl: number;
  @Whole('jug when hot', 100, 5000, 'mL') hotMostMl: number;
  @Perhaps(IsBoolean()) weak?: boolean;
}
class PotDto {
  @Named('pot', 'large pot') name: string;
  @Figure('pot', 0.3, 60, 'litres') litres: number;
  @Figure('width of the pot', 8, 60, 'cm') acrossCm: number;
  @Perhaps(IsBoolean()) pan?: boolean;
  @Perhaps(Whole('empty pot', 50, 20_000, 'g')) emptyG?: number;
}
class KettleDto {
  @Figure('kettle', 0.3, 5, 'litres') litres: number;
  @Whole('kettle’s power', 300, 3500, 'watts') watts: number;
}
class BoxDto {
  @Named('box', 'small box') name: string;
  @Whole('box', 50, 10_000, 'mL') mL: number;
  @Perhaps(Whole('number of boxes', 1, 500, 'boxes')) count?: number;
  @Perhaps(Whole('number of lids', 0, 500, 'lids')) lids?: number;
  @Perhaps(Figure('depth of the box', 1, 20, 'cm')) depthCm?: number;
}
class PersonDto {
  @Named('person', 'Ines') name: string;
  @ClockTime('hour from which someone cooks') from?: string;
  @ClockTime('hour until which someone cooks') to?: string;
  @Perhaps(IsArray(), IsIn(SKILLS, { each: true, message: 'That kind of work is not known. Choose from the list.' }))
  cannot?: Skill[];
}
class AwakeDto {
  @ClockTime('hour from which somebody is awake') from: string;
  @ClockTime('hour until which somebody is awake') to: string;
}
class WritesDto {
  @Perhaps(IsIn(['12 h'], { message: 'The clock is written in 12 hours, or as usual. Choose one of them.' }))
  clock?: '12 h';
  @Perhaps(IsIn(['month first'], { message: 'A date has its month first, or as usual. Choose one of them.' }))
  date?: 'month first';
  @Perhaps(IsIn(['Sunday'], { message: 'A week begins on Sunday, or on Monday as usual. Choose one of them.' }))
  weekFrom?: 'Sunday';
  @Perhaps(IsIn(['°F'], { message: 'Heat is read in °F, or in °C as usual. Choose one of them.' }))
  degrees?: '°F';
  @Perhaps(IsIn([','], { message: 'A tenth is written with a comma, or with a point as usual. Choose one of them.' }))
  decimal?: ',';
  @Perhaps(IsIn(['oz'], { message: 'A scale shows ounces, or grams as usual. Choose one of them.' }))
  mass?: 'oz';
}
class RiceCookerDto {
  @Figure('rice cooker', 0.3, 10, 'litres') litres: number;
}
class MicrowaveDto {
  @Whole('microwave’s power', 300, 3000, 'watts') watts: number;
  @Figure('microwave dish', 0.3, 10, 'litres') dishLitres: number;
}
class AirFryerDto {
  @Whole('air fryer’s basket', 100, 3000, 'cm²') basketCm2: number;
}
class OwnLossDto {
  @Figure('loss of a pot', 0, 2000, 'mL') value: number;
  @ApiProperty() @IsString() @Length(1, 80) source: string;
}
class OwnTimesDto {
  @Figure('figure of this kitchen', 0.2, 5, 'times the book’s') value: number;
  @ApiProperty() @IsString() @Length(1, 80) source: string;
}
class OwnLineDto extends OwnTimesDto {
  @Perhaps(Figure('minutes on top', -60, 120, 'minutes')) plusMinutes?: number;
}
class GrainLossDto {
  @IsOptional() @Nested() @Type(() => OwnLossDto) 'sealed cooker'?: OwnLossDto;
  @IsOptional() @Nested() @Type(() => OwnLossDto) hob?: OwnLossDto;
  @IsOptional() @Nested() @Type(() => OwnLossDto) 'rice cooker'?: OwnLossDto;
}
class OwnOfDto extends OwnTimesDto {
  @ApiProperty() @IsString() @Length(1, 200) of: string;
}
/** So many dishes and cuts have a figure of their own at most. */
const MOST_OWN = 200;
class OwnFiguresDto {
  @IsOptional() @Nested() @Type(() => GrainLossDto) grainLossMl?: GrainLossDto;
  @IsOptional() @Nested() @Type(() => OwnLineDto) comeUpTimes?: OwnLineDto;
  @IsOptional() @Nested() @Type(() => OwnLineDto) releaseTimes?: OwnLineDto;
  @IsOptional() @Nested() @Type(() => OwnTimesDto) handsTimes?: OwnTimesDto;
  @IsOptional() @IsArray() @ArrayMaxSize(MOST_OWN) @NestedList() @Type(() => OwnOfDto) cutTimes?: OwnOfDto[];
  @IsOptional() @IsArray() @ArrayMaxSize(MOST_OWN) @NestedList() @Type(() => OwnOfDto) yieldTimes?: OwnOfDto[];
}

export class EquipmentDto {
  @Figure('altitude', 0, 5000, 'm') altitudeM: number;
  @ApiProperty() @IsString() @Length(1, 60) zone: string;
  @ApiProperty()
  @Matches(/^[A-Z]{3}$/, { message: 'The currency is no code of three letters. Write EUR, USD or the like.' })
  currency: string;
  @ApiProperty({ isArray: true, enum: SCOOPS })
  @IsArray()
  @IsIn(SCOOPS, {
    each: true,
    message: 'A scoop is not one of the known ones. Choose from the list.',
  })
  scoops: Scoop[];
  @Perhaps(IsIn(UNIT_SYSTEMS, { message: 'The cups and spoons are of no known kind. Choose one from the list.' }))
  units?: UnitSystem;
  @Perhaps(IsIn([1, 2, 5, 10], { message: 'The scale shows steps of 1, 2, 5 or 10 g. Choose one of them.' }))
  scaleStepG?: number;
  @Several(() => CookerDto, 3, 'sealed cookers') cookers: CookerDto[];
  @Several(() => OvenDto, 3, 'ovens') ovens: OvenDto[];
  @Whole('number of burners', 1, 8, 'burners') burners: number;
  @Perhaps(Whole('number of large burners', 1, 8, 'burners')) largeBurners?: number;
  @Perhaps(Whole('power of a burner', 300, 5000, 'watts')) burnerWatts?: number;
  @Several(() => PotDto, 20, 'pots') pots: PotDto[];
  @ApiProperty() @Part(() => JugDto) jug: JugDto;
  @Perhaps(Part(() => KettleDto)) kettle?: KettleDto;
  @Perhaps(Whole('number of strainers', 1, 10, 'strainers')) strainers?: number;
  @Perhaps(Part(() => RiceCookerDto)) riceCooker?: RiceCookerDto;
  @Perhaps(Part(() => MicrowaveDto)) microwave?: MicrowaveDto;
  @Perhaps(Part(() => AirFryerDto)) airFryer?: AirFryerDto;
  @Several(() => BoxDto, 20, 'sizes of boxes')
  @ArrayMinSize(1, { message: 'There is no box. Add at least one size of box.' })
  boxes: BoxDto[];
  @Perhaps(Whole('freezer', 10, 2000, 'litres')) freezerLitres?: number;
  @Perhaps(Whole('day of the shopping trip', 0, 6, 'days from Monday')) tripOn?: number;
  @Perhaps(Whole('power limit', 1000, 30_000, 'watts')) powerLimitW?: number;
  @Perhaps(
    IsArray(),
    ArrayMaxSize(6),
    IsArray({ each: true, message: 'What runs one at a time is no list of appliances. Choose them from the list.' }),
  )
  @IsAppliances()
  oneAtATime?: Appliance[][];
  @Perhaps(Part(() => AwakeDto)) awake?: AwakeDto;
  @Perhaps(Part(() => WritesDto)) writes?: WritesDto;
  @Perhaps(Several(() => PersonDto, 8, 'people')) people?: PersonDto[];
  @Perhaps(IsBoolean()) simulatedDevices?: boolean;
  @OptionalMinor('week’s budget') weekBudgetMinor?: number;
  @OptionalMinor('price of a kilowatt hour') kwhMinor?: number;
  @Perhaps(Part(() => OwnFiguresDto)) own?: OwnFiguresDto;
}

/** Of each rack, null where nobody has found otherwise. */
function IsTimesOfRacks() {
  const { message } = between('time on a rack', 0.5, 2, 'times what the oven takes');
  return ValidateBy(
    {
      name: 'isTimesOfRacks',
      validator: {
        validate: (times: unknown) =>
          Array.isArray(times) &&
          times.length <= MOST_RACKS &&
          times.every((each) => each === null || (typeof each === 'number' && each >= 0.5 && each <= 2)),
      },
    },
    { message },
  );
}

/** Lists of at least two known appliances. */
function IsAppliances() {
  return ValidateBy(
    {
      name: 'isAppliances',
      validator: {
        validate: (groups: unknown) =>
          groups === undefined ||
          (Array.isArray(groups) &&
            groups.every(
              (group) =>
                Array.isArray(group) &&
                group.length >= 2 &&
                group.every((each) => (APPLIANCES as readonly unknown[]).includes(each)),
            )),
      },
    },
    { message: 'What runs one at a time are two appliances or more. Choose them from the list.' },
  );
}
