import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn, IsString, Length } from 'class-validator';
import type { PlaceKind } from '@kestrel-ridge/core/food';
import { LIMITS } from '@kestrel-ridge/core/formats';
import { Id, Seen, SeenAs, Nested, NestedList } from '../problem/says.ts';
import { EquipmentDto } from './equipment.dto.ts';

export class PlaceDto {
  @Id('place') id: string;
  @ApiProperty()
  @IsString()
  @Length(...LIMITS.placeName, { message: 'The place has no name. Give it one, such as "dry cupboard".' })
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
  @ApiProperty() @IsString(NAME) @Length(...LIMITS.kitchenName, NAME) name: string;
  @ApiProperty() @Nested() @Type(() => EquipmentDto) equipment: EquipmentDto;
  @ApiProperty({ type: () => [PlaceDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'There is no place to put anything. Add at least one.' })
  @NestedList()
  @Type(() => PlaceDto)
  places: PlaceDto[];
}

export class SetPlacesDto {
  @ApiProperty({ type: () => [PlaceDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'There is no place to put anything. Add at least one.' })
  @ArrayMaxSize(60)
  @NestedList()
  @Type(() => PlaceDto)
  places: PlaceDto[];
  @SeenAs() seen: readonly PlaceDto[] | null;
}

export class ChangeKitchenDto {
  @ApiProperty() @IsString(NAME) @Length(...LIMITS.kitchenName, NAME) name: string;
  @ApiProperty() @Nested() @Type(() => EquipmentDto) equipment: EquipmentDto;
  @Seen() version: number;
}
