import { ApiProperty } from '@nestjs/swagger';
import { IsInt, IsObject, IsString, Length, Min } from 'class-validator';
import { Id } from '../problem/says.ts';

export class AddRecipeDto {
  @Id('recipe') id: string;
  @ApiProperty({
    type: Object,
    description: 'A recipe revision: name, portions, component, vessel, lines, steps, uses',
  })
  @IsObject({ message: 'The recipe is missing. Send it as "document".' })
  document: Record<string, unknown>;
}

const SEEN = { message: 'The revision this one follows is missing. Reload the recipe.' };
const WHY = { message: 'Why the recipe changed is missing. Say it in up to 200 letters.' };

export class ReviseRecipeDto {
  @ApiProperty({ description: 'The newest revision that the cook saw' }) @IsInt(SEEN) @Min(1, SEEN) follows: number;
  @ApiProperty({ type: Object, description: 'The whole recipe as it shall be' })
  @IsObject({ message: 'The recipe is missing. Send it as "document".' })
  document: Record<string, unknown>;
  @ApiProperty({ example: 'less salt' }) @IsString(WHY) @Length(1, 200, WHY) why: string;
}
