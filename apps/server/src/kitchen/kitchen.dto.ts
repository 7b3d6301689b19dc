import { ApiProperty } from '@nestjs/swagger';
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
  ValidateNested,
} from 'class-validator';
import { SCOOPS, UNIT_SYSTEMS, type Scoop, type UnitSystem } from '@kestrel-ridge/core/quantity';
import type { PlaceKind } from '@kestrel-ridge/core/food';
import { Id, OptionalMinor, Seen } from '../problem/says.ts';

const between = (name: string, least: number, most: number, unit: string) => ({
  message: `The ${name} must be from ${least} to ${most} ${unit}. Look at the appliance or its manual.`,
});

class CookerDto {
  @ApiProperty()
  @IsNumber({}, between('cooker’s volume', 1, 30, 'litres'))
  @Min(1, between('cooker’s volume', 1, 30, 'litres'))
  @Max(30, between('cooker’s volume', 1, 30, 'litres'))
  litres: number;
  @ApiProperty()
  @IsInt(between('power', 200, 5000, 'watts'))
  @Min(200, between('power', 200, 5000, 'watts'))
  @Max(5000, between('power', 200, 5000, 'watts'))
  watts: number;
  @ApiProperty()
  @IsNumber({}, between('gauge pressure', 20, 110, 'kPa'))
  @Min(20, between('gauge pressure', 20, 110, 'kPa'))
  @Max(110, between('gauge pressure', 20, 110, 'kPa'))
  gaugeKpa: number;
  @ApiProperty()
  @IsInt(between('least liquid', 0, 2000, 'mL'))
  @Min(0, between('least liquid', 0, 2000, 'mL'))
  @Max(2000, between('least liquid', 0, 2000, 'mL'))
  leastLiquidMl: number;
  @ApiProperty() @IsNumber() @Min(0) @Max(10) steelKg: number;
}
class OvenDto {
  @ApiProperty()
  @IsInt(between('number of racks', 1, 6, 'racks'))
  @Min(1, between('number of racks', 1, 6, 'racks'))
  @Max(6, between('number of racks', 1, 6, 'racks'))
  racks: number;
  @ApiProperty()
  @IsInt(between('preheating', 1, 60, 'minutes'))
  @Min(1, between('preheating', 1, 60, 'minutes'))
  @Max(60, between('preheating', 1, 60, 'minutes'))
  preheatMinutes: number;
  @ApiProperty()
  @IsInt(between('tray', 200, 4000, 'cm²'))
  @Min(200, between('tray', 200, 4000, 'cm²'))
  @Max(4000, between('tray', 200, 4000, 'cm²'))
  trayCm2: number;
}
class JugDto {
  @ApiProperty() @IsInt() @Min(0) @Max(5000) leastMl: number;
  @ApiProperty()
  @IsInt(between('jug', 100, 5000, 'mL'))
  @Min(100, between('jug', 100, 5000, 'mL'))
  @Max(5000, between('jug', 100, 5000, 'mL'))
  mostMl: number;
  @ApiProperty()
  @IsInt(between('jug when hot', 100, 5000, 'mL'))
  @Min(100, between('jug when hot', 100, 5000, 'mL'))
  @Max(5000, between('jug when hot', 100, 5000, 'mL'))
  hotMostMl: number;
}
class BoxDto {
  @ApiProperty()
  @IsString()
  @Length(1, 40, { message: 'A box has no name. Give it one, such as "small box".' })
  name: string;
  @ApiProperty()
  @IsInt(between('box', 50, 10000, 'mL'))
  @Min(50, between('box', 50, 10000, 'mL'))
  @Max(10000, between('box', 50, 10000, 'mL'))
  mL: number;
}

class RiceCookerDto {
  @ApiProperty()
  @IsNumber({}, between('rice cooker', 0.3, 10, 'litres'))
  @Min(0.3, between('rice cooker', 0.3, 10, 'litres'))
  @Max(10, between('rice cooker', 0.3, 10, 'litres'))
  litres: number;
}
class MicrowaveDto {
  @ApiProperty()
  @IsInt(between('microwave’s power', 300, 3000, 'watts'))
  @Min(300, between('microwave’s power', 300, 3000, 'watts'))
  @Max(3000, between('microwave’s power', 300, 3000, 'watts'))
  watts: number;
  @ApiProperty()
  @IsNumber({}, between('microwave dish', 0.3, 10, 'litres'))
  @Min(0.3, between('microwave dish', 0.3, 10, 'litres'))
  @Max(10, between('microwave dish', 0.3, 10, 'litres'))
  dishLitres: number;
}
class AirFryerDto {
  @ApiProperty()
  @IsInt(between('air fryer’s basket', 100, 3000, 'cm²'))
  @Min(100, between('air fryer’s basket', 100, 3000, 'cm²'))
  @Max(3000, between('air fryer’s basket', 100, 3000, 'cm²'))
  basketCm2: number;
}
class OwnLossDto {
  @ApiProperty()
  @IsNumber({}, between('loss of a pot', 0, 2000, 'mL'))
  @Min(0, between('loss of a pot', 0, 2000, 'mL'))
  @Max(2000, between('loss of a pot', 0, 2000, 'mL'))
  value: number;
  @ApiProperty() @IsString() @Length(1, 80) source: string;
}
class GrainLossDto {
  @IsOptional() @ValidateNested() @Type(() => OwnLossDto) 'sealed cooker'?: OwnLossDto;
  @IsOptional() @ValidateNested() @Type(() => OwnLossDto) hob?: OwnLossDto;
  @IsOptional() @ValidateNested() @Type(() => OwnLossDto) 'rice cooker'?: OwnLossDto;
}
class OwnFiguresDto {
  @IsOptional() @ValidateNested() @Type(() => GrainLossDto) grainLossMl?: GrainLossDto;
}

export class EquipmentDto {
  @ApiProperty()
  @IsNumber({}, between('altitude', 0, 5000, 'm'))
  @Min(0, between('altitude', 0, 5000, 'm'))
  @Max(5000, between('altitude', 0, 5000, 'm'))
  altitudeM: number;
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
  @ApiProperty({ required: false, enum: UNIT_SYSTEMS })
  @IsOptional()
  @IsIn(UNIT_SYSTEMS, { message: 'The cups and spoons are of no known kind. Choose one from the list.' })
  units?: UnitSystem;
  @ApiProperty({ type: () => [CookerDto] })
  @IsArray()
  @ArrayMaxSize(1, { message: 'One sealed cooker is planned for. Keep the one you use most.' })
  @ValidateNested({ each: true })
  @Type(() => CookerDto)
  cookers: CookerDto[];
  @ApiProperty() @ValidateNested() @Type(() => OvenDto) oven: OvenDto;
  @ApiProperty()
  @IsInt(between('number of burners', 1, 8, 'burners'))
  @Min(1, between('number of burners', 1, 8, 'burners'))
  @Max(8, between('number of burners', 1, 8, 'burners'))
  burners: number;
  @ApiProperty()
  @IsNumber({}, between('largest pot', 1, 60, 'litres'))
  @Min(1, between('largest pot', 1, 60, 'litres'))
  @Max(60, between('largest pot', 1, 60, 'litres'))
  potLitres: number;
  @ApiProperty({ required: false })
  @IsOptional()
  @IsNumber({}, between('width of the pot', 8, 60, 'cm'))
  @Min(8, between('width of the pot', 8, 60, 'cm'))
  @Max(60, between('width of the pot', 8, 60, 'cm'))
  potAcrossCm?: number;
  @ApiProperty({ required: false })
  @IsOptional()
  @ValidateNested()
  @Type(() => RiceCookerDto)
  riceCooker?: RiceCookerDto;
  @ApiProperty({ required: false }) @IsOptional() @ValidateNested() @Type(() => MicrowaveDto) microwave?: MicrowaveDto;
  @ApiProperty({ required: false }) @IsOptional() @ValidateNested() @Type(() => AirFryerDto) airFryer?: AirFryerDto;
  @ApiProperty({ required: false }) @IsOptional() @IsBoolean() simulatedDevices?: boolean;
  @OptionalMinor('week’s budget') weekBudgetMinor?: number;
  @OptionalMinor('price of a kilowatt hour') kwhMinor?: number;
  @ApiProperty({ required: false })
  @IsOptional()
  @IsInt(between('power limit', 1000, 30_000, 'watts'))
  @Min(1000, between('power limit', 1000, 30_000, 'watts'))
  @Max(30_000, between('power limit', 1000, 30_000, 'watts'))
  powerLimitW?: number;
  @ApiProperty({ required: false }) @IsOptional() @ValidateNested() @Type(() => OwnFiguresDto) own?: OwnFiguresDto;
  @ApiProperty() @ValidateNested() @Type(() => JugDto) jug: JugDto;
  @ApiProperty({ type: () => [BoxDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'There is no box. Add at least one size of box.' })
  @ValidateNested({ each: true })
  @Type(() => BoxDto)
  boxes: BoxDto[];
}

export class PlaceDto {
  @Id('place') id: string;
  @ApiProperty()
  @IsString()
  @Length(1, 60, { message: 'The place has no name. Give it one, such as "dry cupboard".' })
  name: string;
  @ApiProperty()
  @IsIn(['cupboard', 'cool room', 'fridge', 'freezer'], {
    message: 'The place is of no known kind. Choose cupboard, cool room, fridge or freezer.',
  })
  kind: PlaceKind;
}

const NAME = { message: 'The kitchen has no name. Give it one of up to 80 letters.' };
export class OpenKitchenDto {
  @Id('kitchen') id: string;
  @ApiProperty() @IsString(NAME) @Length(1, 80, NAME) name: string;
  @ApiProperty() @ValidateNested() @Type(() => EquipmentDto) equipment: EquipmentDto;
  @ApiProperty({ type: () => [PlaceDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'There is no place to put anything. Add at least one.' })
  @ValidateNested({ each: true })
  @Type(() => PlaceDto)
  places: PlaceDto[];
}

export class SetPlacesDto {
  @ApiProperty({ type: () => [PlaceDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'There is no place to put anything. Add at least one.' })
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => PlaceDto)
  places: PlaceDto[];
}

export class ChangeKitchenDto {
  @ApiProperty() @IsString(NAME) @Length(1, 80, NAME) name: string;
  @ApiProperty() @ValidateNested() @Type(() => EquipmentDto) equipment: EquipmentDto;
  @Seen() version: number;
}
