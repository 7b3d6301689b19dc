import {
  FIRST_EFFORT,
  FURTHER_EFFORT,
  KEPT_DRAFTS,
  PASSES,
  bestOfEach,
  type Draft,
  type Pulled,
  type Suggested,
  type SuggestedWeek,
  type WeekAsk,
} from '@kestrel-ridge/core/week';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { weekQuestion, type WeekQuestion } from './suggesters.ts';

export type Ask = Omit<WeekAsk, 'weights'>;

export interface Found {
  readonly ask: Ask;
  readonly weeks: readonly SuggestedWeek[];
}

/** Weeks for what is asked: shown as soon as there are any, and made better while they are looked at. Those of before stay in sight while others are tried. */
export function useSuggested(ask: Ask, pulled: Pulled, seed: number, breaks: (ask: Ask, week: Suggested) => number) {
  const [found, setFound] = useState<Found>();
  const [stage, setStage] = useState<{ readonly for: unknown; readonly passes: number }>();
  const [failed, setFailed] = useState<string>();
  // One question is what is asked, what counts, and the seed: asked again it is another.
  const question = useMemo(() => ({ ask, pulled, seed }), [ask, pulled, seed]);
  const [heldFor, setHeldFor] = useState<unknown>();
  // What a finger is on does not change under it: nothing better is looked for.
  const further = useRef<WeekQuestion>(undefined);
  const held = useRef<unknown>(undefined);
  const hold = useCallback(() => {
    held.current = question;
    further.current?.leaveOff();
    setHeldFor(question);
  }, [question]);
  useEffect(() => {
    const { ask, pulled, seed } = question;
    const asked = weekQuestion();
    let stale = false;
    void (async () => {
      let known: readonly Draft[] = [];
      for (let n = 0; n < PASSES; n++) {
        const effort = { ...(n === 0 ? FIRST_EFFORT : FURTHER_EFFORT), seed: (seed * PASSES + n) * 8 };
        const more = await asked.look({ ask, pulled, known, effort });
        if (!more || stale) return;
        known = [...more, ...known].slice(0, KEPT_DRAFTS);
        setFound({ ask, weeks: bestOfEach(ask, pulled, known, (week) => breaks(ask, week)) });
        setFailed(undefined);
        setStage({ for: question, passes: n + 1 });
        // The first weeks are found in any case: a finger can be on those of the question before.
        if (held.current === question) return;
        further.current = asked;
      }
    })().catch((thrown: unknown) => {
      if (!stale) setFailed(thrown instanceof Error ? thrown.message : String(thrown));
    });
    return () => {
      stale = true;
      asked.leaveOff();
      further.current = undefined;
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
