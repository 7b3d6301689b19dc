import { ApiProperty } from '@nestjs/swagger';
import { IsObject } from 'class-validator';
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
