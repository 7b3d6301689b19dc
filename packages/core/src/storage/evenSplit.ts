/**
 * Grams for each box when a pot is shared out evenly by weight: what the pot weighs full less what it weighs empty. The parts add up to the whole: the last
 * box gets as much as the others, to a gram.
 * @param fullG the pot with what is in it
 * @param emptyG the pot alone
 * @returns undefined when the pot would weigh more empty than full, or there is no box
 * @example evenSplit(5200, 1190, 4) // [1003, 1003, 1002, 1002]
 */
export function evenSplit(fullG: number, emptyG: number, boxes: number): readonly number[] | undefined {
  const net = Math.round(fullG - emptyG);
  if (!(net > 0) || !Number.isInteger(boxes) || boxes < 1) return undefined;
  const each = Math.floor(net / boxes);
  const over = net - each * boxes;
  return Array.from({ length: boxes }, (_, n) => each + (n < over ? 1 : 0));
}
