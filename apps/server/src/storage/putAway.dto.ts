import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn, IsInt, Max, Min, ValidateNested } from 'class-validator';
import { Id, Seen } from '../problem/says.ts';

const PORTIONS = { message: 'A box holds whole portions, from 1 to 100. Enter a whole number.' };

export class BoxDto {
  @Id('box') id: string;
  @Id('place') place: string;
  @ApiProperty() @IsInt(PORTIONS) @Min(1, PORTIONS) @Max(100, PORTIONS) portions: number;
}

export class PutAwayDto {
  @ApiProperty({ type: () => [BoxDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'There is no box. Add at least one.' })
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => BoxDto)
  boxes: BoxDto[];

  @ApiProperty({ enum: ['refuse', 'take what is there'] })
  @IsIn(['refuse', 'take what is there'], {
    message: 'Say what to do when the shelf holds less than was used. Choose to be asked, or to take what is there.',
  })
  ifShort: 'refuse' | 'take what is there';

  @Seen() version: number;
}
