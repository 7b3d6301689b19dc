/**
 * Grams for each box when a pot is shared out evenly by weight: what the pot weighs full less what it weighs empty, by the portions that each box takes. The parts add
 * up to the whole: the last box gets as much a portion as the others, to a gram.
 * @param fullG the pot with what is in it
 * @param emptyG the pot alone
 * @param portions what each box takes
 * @returns undefined when the pot would weigh more empty than full, or there is no box
 * @example evenSplit(5200, 1190, [2, 1, 1]) // [2005, 1003, 1002]
 */
export function evenSplit(fullG: number, emptyG: number, portions: readonly number[]): readonly number[] | undefined {
  const net = Math.round(fullG - emptyG);
  const all = portions.reduce((sum, each) => sum + each, 0);
  if (!(net > 0) || !(all > 0) || portions.some((each) => !(each > 0))) return undefined;
  let given = 0;
  let shared = 0;
  return portions.map((each) => {
    shared += each;
    // Rounded where a box ends: what one box is over, the next is under.
    const upTo = Math.round((net * shared) / all);
    const part = upTo - given;
    given = upTo;
    return part;
  });
}
