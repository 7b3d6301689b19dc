import type { LotState } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import { done, refused, type Outcome } from '@kestrel-ridge/core/quantity';
import { CommandService } from '../command/command.service.ts';
import { FoodRow } from '../food/food.model.ts';
import type { Refusal } from '../problem/problem.ts';
import { EatenRow, EaterRow } from '../week/week.model.ts';
import { negative, shortOf } from './refusals.ts';
import type { EatDto } from './stock.dto.ts';
import { StockService } from './stock.service.ts';
import { lockLot, lotState } from './stock.state.ts';

@Injectable()
export class EatService {
  constructor(
    private readonly commands: CommandService,
    private readonly stock: StockService,
  ) {}

  /** What leaves the boxes, and who ate it: one meal, all of it or nothing. */
  eat(kitchen: string, key: string, dto: EatDto): Promise<readonly LotState[]> {
    return this.commands.run(
      { kitchen, key, name: 'eat', body: dto, touches: ['shelf', 'week'] },
      async (scope): Promise<Outcome<readonly LotState[], Refusal>> => {
        const states: LotState[] = [];
        for (const take of [...dto.takes].sort((a, b) => a.lot.localeCompare(b.lot))) {
          const lot = await lockLot(kitchen, take.lot, scope.transaction);
          if (!lot) return refused<Refusal>({ code: 'not found', what: 'box' });
          if (lot.version !== take.version) return refused<Refusal>({ code: 'stale', what: 'box', now: lotState(lot) });
          const short = shortOf(lot, take.amount, `takes.${take.lot}`);
          if (short) return refused(short);
          await this.stock.move(scope, take.lot, negative(take.amount), 'eaten');
          states.push(await this.stock.stateOf(kitchen, take.lot, scope.transaction));
        }
        const { transaction } = scope;
        const named = [...new Set((dto.eaten ?? []).flatMap(({ eater }) => eater ?? []))];
        const foods = [...new Set((dto.eaten ?? []).map(({ food }) => food))];
        if ((await EaterRow.count({ where: { kitchen, id: named }, transaction })) < named.length)
          return refused<Refusal>({ code: 'not found', what: 'eater' });
        if ((await FoodRow.count({ where: { kitchen, id: foods }, transaction })) < foods.length)
          return refused<Refusal>({ code: 'not found', what: 'component' });
        await EatenRow.bulkCreate(
          (dto.eaten ?? []).map(({ eater, portions, ...rest }) => ({
            kitchen,
            command: key,
            ...rest,
            eater: eater ?? null,
            portions: String(portions),
          })),
          { transaction },
        );
        return done(states);
      },
    );
  }
}
