import {
  FIRST_EFFORT,
  FURTHER_EFFORT,
  KEPT_DRAFTS,
  PASSES,
  PROFILES,
  bestOfEach,
  type Draft,
  type Effort,
  type Profile,
  type Pulled,
  type Suggested,
  type SuggestedWeek,
  type WeekAsk,
} from '@kestrel-ridge/core/week';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { inTurn } from './suggesters.ts';

export type Ask = Omit<WeekAsk, 'weights'>;

export interface Found {
  readonly ask: Ask;
  readonly weeks: readonly SuggestedWeek[];
}

const profiles = Object.keys(PROFILES) as Profile[];

/** One pass: a week for each thing that a week may be good at, from what is known. */
const pass = (ask: Ask, pulled: Pulled, known: readonly Draft[], effort: Omit<Effort, 'seed'>, seed: number) =>
  inTurn(
    profiles.map((goodAt, n) => (remote) => remote.look(ask, goodAt, pulled, known, { ...effort, seed: seed * 8 + n })),
  );

/** Weeks for what is asked: shown as soon as there are any, and made better while they are looked at. Those of before stay in sight while others are tried. */
export function useSuggested(ask: Ask, pulled: Pulled, seed: number, breaks: (ask: Ask, week: Suggested) => number) {
  const [found, setFound] = useState<Found>();
  const [stage, setStage] = useState<{ readonly for: unknown; readonly passes: number }>();
  const [failed, setFailed] = useState<string>();
  // What a finger is on does not change under it.
  const held = useRef(false);
  // One question is what is asked, what counts, and the seed: asked again it is another.
  const question = useMemo(() => ({ ask, pulled, seed }), [ask, pulled, seed]);
  const [heldFor, setHeldFor] = useState<unknown>();
  const hold = useCallback(() => {
    held.current = true;
    setHeldFor(question);
  }, [question]);
  useEffect(() => {
    const { ask, pulled, seed } = question;
    let stale = false;
    held.current = false;
    const gone = () => stale;
    void (async () => {
      let known: readonly Draft[] = [];
      for (let n = 0; n < PASSES && !gone() && !(n > 0 && held.current); n++) {
        const more = await pass(ask, pulled, known, n === 0 ? FIRST_EFFORT : FURTHER_EFFORT, seed * PASSES + n);
        if (gone() || (n > 0 && held.current)) return;
        known = [...more, ...known].slice(0, KEPT_DRAFTS);
        setFound({ ask, weeks: bestOfEach(ask, pulled, known, (week) => breaks(ask, week)) });
        setFailed(undefined);
        setStage({ for: question, passes: n + 1 });
      }
    })().catch((thrown: unknown) => {
      if (!stale) setFailed(thrown instanceof Error ? thrown.message : String(thrown));
    });
    return () => {
      stale = true;
    };
  }, [question, breaks]);
  const passes = stage?.for === question ? stage.passes : 0;
  return {
    found,
    busy: passes === 0 && failed === undefined,
    looking: passes < PASSES && heldFor !== question,
    still: passes < PASSES && heldFor === question,
    failed,
    hold,
  };
}
