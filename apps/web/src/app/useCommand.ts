import { useCallback } from 'react';
import type { ProblemDetails, Topic } from '@kestrel-ridge/core/formats';
import { App } from 'antd';
import { changeMade } from './lastChangeSlice.ts';
import { dropCommand, keepCommand } from './keptCommands.ts';
import { commandAnswered, commandOpen } from './openCommandsSlice.ts';
import { untilAnswered } from './untilAnswered.ts';
import { useKitchenId } from './useKitchenId.ts';
import { useAppDispatch } from './store.ts';
import { api, useCommandMutation } from '../api/api.ts';
import { newId } from '../parts/newId.ts';
import { problemOf } from '../parts/problemOf.ts';

export interface Ask<T = unknown> {
  /** Below the kitchen's address. */
  readonly path: string;
  readonly method?: 'POST' | 'PUT';
  readonly body: unknown;
  readonly touches: readonly Topic[];
  /** What was done, for the undo bar. Left out where undo is not possible. */
  readonly undo?: string;
  /** How to take it back, where that is another command than the ledger's own undo. */
  readonly back?: (answer: T) => readonly Ask[];
  /** Changed meanwhile: says what is there now and what was to be, "3 a day there, 2 here". */
  readonly both?: (now: unknown) => string;
  /** Changed meanwhile, but by this page: answers the body to send in its place. */
  readonly ownDoing?: (now: unknown) => unknown;
  /** Whoever asks shows the problem beside its fields: no message on top of that. */
  readonly quiet?: boolean;
  /** The command's own key, for one that may have been sent before this page was opened; left out: a new one. */
  readonly key?: string;
}

export type Sent<T> =
  | { readonly ok: true; readonly value: T; readonly key: string }
  | { readonly ok: false; readonly problem: ProblemDetails };

/**
 * Sends a command. Where no answer comes, nobody knows whether it was done: it keeps its key and is asked again until it is answered, so that it is done once, and whoever
 * waits for it waits on. What is not known yet is told over the foot of the page.
 */
export function useCommand(): <T = unknown>(ask: Ask<T>) => Promise<Sent<T>> {
  const kitchen = useKitchenId();
  const [command] = useCommandMutation();
  const dispatch = useAppDispatch();
  const { message } = App.useApp();

  return useCallback(
    async <T>(ask: Ask<T>): Promise<Sent<T>> => {
      const { touches, undo, back, both, quiet, ownDoing } = ask;
      const askOnce = async (body: unknown, key: string) => {
        const { path, method = 'POST' } = ask;
        const sent = { path: `kitchens/${kitchen}${path ? `/${path}` : ''}`, method, body, key, touches };
        // Whoever hands in a key keeps the command too.
        if (ask.key === undefined) keepCommand(sent);
        const answer = await untilAnswered(() => command(sent), {
          open: () => dispatch(commandOpen(key)),
          over: () => dispatch(commandAnswered(key)),
        });
        dropCommand(key);
        return { ...answer, key, problem: answer.error ? problemOf(answer.error) : undefined };
      };
      let answer = await askOnce(ask.body, ask.key ?? newId());
      const instead = answer.problem?.code === 'stale' ? ownDoing?.(answer.problem.now) : undefined;
      if (instead) answer = await askOnce(instead, newId());
      const { problem, key } = answer;
      if (problem) {
        // What is there now is fetched, so that the cook decides on it.
        if (problem.code === 'stale') dispatch(api.util.invalidateTags([...touches]));
        const more = problem.code === 'stale' && both ? ` ${both(problem.now)}` : '';
        if (!quiet) void message.error({ content: `${problem.title}. ${problem.detail}${more}`, duration: 8 });
        return { ok: false, problem };
      }
      const value = answer.data as T;
      if (undo) dispatch(changeMade({ key, text: undo, ...(back ? { back: back(value) } : {}) }));
      return { ok: true, value, key };
    },
    [command, dispatch, kitchen, message],
  );
}
