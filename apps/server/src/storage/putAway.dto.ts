import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  Length,
  Max,
  Min,
} from 'class-validator';
import { Id, Seen, NestedList } from '../problem/says.ts';

const PORTIONS = { message: 'A box holds whole portions, from 1 to 100. Enter a whole number.' };

export class BoxDto {
  @Id('box') id: string;
  @Id('place') place: string;
  @ApiProperty() @IsInt(PORTIONS) @Min(1, PORTIONS) @Max(100, PORTIONS) portions: number;
  @ApiProperty({ required: false, example: 'small box' })
  @IsOptional()
  @IsString()
  @Length(1, 60, { message: 'The kind of box is not known. Choose one of the kitchen’s, or none.' })
  box?: string;
}

/** What else came out of the batch and is kept: cooking water, say. */
export class KeptDto {
  @Id('lot') id: string;
  @Id('place') place: string;
  @ApiProperty({ example: 'celeriac stock' }) @IsString() @Length(1, 120) name: string;
}

/** What another dish of the day is made of: set aside, of no box. How much it is follows from that dish. */
export class AsideDto {
  @Id('lot') id: string;
  @Id('place') place: string;
  @Id('batch') batch: string;
}

const WEIGHT = { message: 'What it weighs must be from 1 g to 200 kg. Weigh it again, without the pot.' };

export class PutAwayDto {
  @ApiProperty({ type: () => [BoxDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'There is no box. Add at least one.' })
  @ArrayMaxSize(100)
  @NestedList()
  @Type(() => BoxDto)
  boxes: BoxDto[];

  @ApiProperty({ required: false, description: 'What all of it weighs, g; left out: as it was reckoned' })
  @IsOptional()
  @IsNumber({}, WEIGHT)
  @Min(1, WEIGHT)
  @Max(200_000, WEIGHT)
  yieldG?: number;

  @ApiProperty({ type: () => [KeptDto], required: false })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(20)
  @NestedList()
  @Type(() => KeptDto)
  kept?: KeptDto[];

  @ApiProperty({ type: () => [AsideDto], required: false })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(20)
  @NestedList()
  @Type(() => AsideDto)
  aside?: AsideDto[];

  @ApiProperty({ enum: ['refuse', 'take what is there'] })
  @IsIn(['refuse', 'take what is there'], {
    message: 'Say what to do when the shelf holds less than was used. Choose to be asked, or to take what is there.',
  })
  ifShort: 'refuse' | 'take what is there';

  @Seen() version: number;
}

export class ReopenDto {
  @Seen() version: number;
}
