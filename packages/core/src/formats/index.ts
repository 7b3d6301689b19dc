export { readDate } from './readDate.ts';
export { readFinal } from './readFinal.ts';
export type { FinalUnread } from './readFinal.ts';
export { foldLedger, isLedger, LEDGER_COLUMNS } from './ledgerTable.ts';
export { asPriceRecord, PRICE_COLUMNS, readPriceRecord } from './priceTable.ts';
export type { PriceRow } from './priceTable.ts';
export { asStockRecord, readStockRecord, STOCK_COLUMNS } from './stockTable.ts';
export type { RecordFault } from './record.ts';
export type { StockRecord, StockRow } from './stockTable.ts';
export { readShelfLine } from './readShelfLine.ts';
export { shelfLines } from './shelfLines.ts';
export type { ListedLine } from './shelfLines.ts';
export type { PlaceName, ShelfLine, ShelfLineSetting } from './readShelfLine.ts';
export type {
  BatchState,
  CostState,
  BatchStatus,
  EventsTaken,
  Fault,
  FoodState,
  KitchenName,
  KitchenState,
  LedgerRow,
  PastMovement,
  PastState,
  HowKnown,
  LotOrigin,
  LotState,
  MovementState,
  PlaceState,
  PriceState,
  ProblemDetails,
  RecipeState,
  StoredRecipe,
  UnreadableRecipe,
  RevisionState,
  RunState,
  LearnedState,
  SessionState,
  SessionStatus,
  Topic,
  EatenState,
  EaterState,
  TemplateState,
  TemplateWeek,
  WeekChanged,
  WeekState,
} from './wire.ts';
export { HOW_KNOWN } from './wire.ts';
export { findFood, indexFoods } from './ingredient/findFood.ts';
export type { FoodIndex, FoundFood } from './ingredient/findFood.ts';
export type { Doubt } from './ingredient/readAmount.ts';
export { amountWords } from './ingredient/amountWords.ts';
export { readIngredientLine } from './ingredient/readIngredientLine.ts';
export type { IngredientLine } from './ingredient/readIngredientLine.ts';
export { toTaste } from './ingredient/toTaste.ts';
export { linesApart } from './ingredient/linesApart.ts';
export { ingredientTexts } from './recipeText/ingredientTexts.ts';
export type { IngredientText } from './recipeText/ingredientTexts.ts';
export { asLine, asRevision, nothingToBoilOff, unreadyLines, writtenOf } from './recipeText/asRevision.ts';
export type { ReadLine, ReadRecipe } from './recipeText/asRevision.ts';
export { fromJsonLd, isData, toJsonLd } from './recipeText/jsonLd.ts';
export type { BrokenFile, RecipeFacts } from './recipeText/jsonLd.ts';
export { readMethod } from './recipeText/readMethod.ts';
export { readMethodStep } from './recipeText/readMethodStep.ts';
export { askedOf, NOTHING_SAID, readPaste } from './recipeText/readPaste.ts';
export type { LineRead, ReadText, SaidOfText, StepRead } from './recipeText/readPaste.ts';
export { THE_DAY_BEFORE } from './recipeText/placesUnheard.ts';
export { placesUnsaid } from './recipeText/placesUnsaid.ts';
export type { PlaceUnsaid } from './recipeText/placesUnsaid.ts';
export { kindOfStep, kindsFor, saidAs } from './recipeText/stepKinds.ts';
export type { StepKind } from './recipeText/stepKinds.ts';
export { saysMore } from './recipeText/saysMore.ts';
export { splitMethod } from './recipeText/splitMethod.ts';
export type { TimesApart } from './recipeText/statedTimes.ts';
export { timesIn } from './recipeText/timesIn.ts';
export { doubtOfStep } from './recipeText/methodDoubts.ts';
export { soaksInLines, unsoaked } from './recipeText/soaksInLines.ts';
export type { StepDoubt } from './recipeText/stepDoubt.ts';
export { amountsNotCounted } from './recipeText/amountsNotCounted.ts';
export { needsInMethod } from './recipeText/needsInMethod.ts';
export type { MethodNeed } from './recipeText/needsInMethod.ts';
export type { MethodStep } from './recipeText/readMethodStep.ts';
export { recipesIn } from './recipeText/recipesIn.ts';
export { readRecipeText } from './recipeText/readRecipeText.ts';
export type { RecipeText } from './recipeText/recipeText.ts';
export { toMarkdown, toRecipeText } from './recipeText/toRecipeText.ts';
export { renamed, toWholeJsonLd, toWholeMarkdown, wholeRecipe, withoutWhole } from './recipeText/wholeRecipe.ts';
export { LIMITS, within } from './limits.ts';
export type { Span } from './limits.ts';
export { numberHabitOf, plainNumber, tableNumber } from './numberHabit.ts';
export type { DecimalSign, NumberCell, NumberHabit } from './numberHabit.ts';
export { harmless, harmlessRow } from './tableCell.ts';
export { separatorOf } from './tableLayout.ts';
