import { LIMITS } from '@kestrel-ridge/core/formats';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsInt, IsOptional, IsString, Length, Max, Min } from 'class-validator';
import { Id, NotNegative, Positive, RequiredDay, NestedList, SeenAs } from '../problem/says.ts';

const PRICE = { message: 'The price is no whole number of minor units. Enter a price such as 2.49.' };

export class AddPriceDto {
  @Id('price') id: string;
  @Id('food') food: string;
  @RequiredDay('day of the price') on: string;
  @ApiProperty({ example: 249 }) @IsInt(PRICE) @Min(0, PRICE) @Max(100_000_00, PRICE) minor: number;
  @Positive('amount it is for') amount: string;
  @ApiProperty({ required: false })
  @IsOptional()
  @IsString()
  @Length(...LIMITS.shopName, { message: 'The name of the shop is longer than 60 letters. Shorten it.' })
  shop?: string;
}

export class AddPricesDto {
  @ApiProperty({ type: () => [AddPriceDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'No price is to be noted. Give at least one.' })
  @ArrayMaxSize(2000, { message: 'More than 2000 prices at once. Send them in parts.' })
  @NestedList()
  @Type(() => AddPriceDto)
  prices: AddPriceDto[];
}

export class SetFloorDto {
  @Id('food') food: string;
  /** Zero takes the floor away. */
  @NotNegative('least stock') amount: string;
  @SeenAs() seen: string | null;
}
