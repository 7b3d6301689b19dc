import { ApiProperty } from '@nestjs/swagger';
import { ArrayUnique, IsArray, IsBoolean, IsInt, IsNumber, IsString, Length, Max, Min } from 'class-validator';
import { Id, RequiredDay } from '../problem/says.ts';

const NAME = { message: 'The eater has no name. Give one of up to 60 letters.' };
const WEEKDAYS = { message: 'A day of the week is not known. Use 0 for Monday to 6 for Sunday.' };

export class AddEaterDto {
  @Id('eater') id: string;
  @ApiProperty() @IsString(NAME) @Length(1, 60, NAME) name: string;
  @ApiProperty({ example: 1 })
  @IsNumber({}, { message: 'The appetite is no number. 1 is a usual portion.' })
  @Min(0.1, { message: 'The appetite is too small. 1 is a usual portion.' })
  @Max(4, { message: 'The appetite is too large. 1 is a usual portion, 4 the most.' })
  appetite: number;
  @ApiProperty({ type: [Number], example: [0, 1, 2, 3, 4, 5, 6] })
  @IsArray(WEEKDAYS)
  @ArrayUnique(WEEKDAYS)
  @IsInt({ each: true, ...WEEKDAYS })
  @Min(0, { each: true, ...WEEKDAYS })
  @Max(6, { each: true, ...WEEKDAYS })
  weekdays: number[];
}

export class AttendanceDto {
  @Id('eater') eater: string;
  @RequiredDay('day') day: string;
  @ApiProperty() @IsBoolean({ message: 'Say whether the eater is here that day. Send true or false.' }) here: boolean;
}

const APPETITE = {
  message: 'Portions a day must be from 0 to 6. Enter 1 for one portion a day, 0.5 for every other day.',
};
export class AppetiteDto {
  @Id('component') food: string;
  @ApiProperty({ example: 1 }) @IsNumber({}, APPETITE) @Min(0, APPETITE) @Max(6, APPETITE) portionsADay: number;
}
