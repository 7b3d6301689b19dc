import type { Sequelize } from 'sequelize';
import { CommandRow } from '../command/command.model.ts';
import { FloorRow, PriceRow } from '../cost/cost.model.ts';
import { FoodRow } from '../food/food.model.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import { LearnReadingRow, LearnSaidRow } from '../learn/learn.model.ts';
import { PlaceRow } from '../kitchen/place.model.ts';
import { RecipeRow, RevisionFoodRow, RevisionRow } from '../recipe/recipe.model.ts';
import { EventRow, RunRow } from '../run/run.model.ts';
import { BatchRow, SessionRow } from '../session/session.model.ts';
import { LotRow, MovementRow } from '../stock/stock.model.ts';
import { AppetiteRow, AttendanceRow, EatenRow, EaterRow, SlotRow, TemplateRow } from '../week/week.model.ts';

/** Binds the models to a connection. The tables themselves are made by the migrations alone. */
export function initModels(sequelize: Sequelize): void {
  for (const model of [
    KitchenRow,
    CommandRow,
    PlaceRow,
    FoodRow,
    RecipeRow,
    RevisionRow,
    RevisionFoodRow,
    SessionRow,
    BatchRow,
    LotRow,
    MovementRow,
    EaterRow,
    AttendanceRow,
    AppetiteRow,
    SlotRow,
    EatenRow,
    TemplateRow,
    RunRow,
    EventRow,
    PriceRow,
    FloorRow,
    LearnReadingRow,
    LearnSaidRow,
  ])
    model.attach(sequelize);
}
