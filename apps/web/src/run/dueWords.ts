import type { Moment } from '@kestrel-ridge/core/quantity';
import type { RunView } from '@kestrel-ridge/core/run';
import type { TaskAbout } from '@kestrel-ridge/core/session';

/**
 * What has become due since the last look, as a spoken line each: a clock that ran out, with the cue to look for; or, when nothing waits for hands any more, the next thing.
 * @param told tasks that were told before; a task that is put off is due again, and told again
 */
export function dueWords(
  view: Pick<RunView, 'clocks' | 'toStart'>,
  now: Moment,
  about: Readonly<Record<string, TaskAbout>>,
  told: ReadonlySet<string>,
): readonly { readonly task: string; readonly words: string }[] {
  const on = view.toStart
    .filter(({ id, start }) => start <= now && about[id] && !told.has(id))
    .map(({ id }) => ({ task: id, words: `${about[id]?.name ?? ''}, now.` }));
  const looks = view.clocks.flatMap(({ id, status }) => {
    const task = about[id];
    if (status !== 'due' || !task || told.has(id)) return [];
    const says =
      task.stage === 'come up'
        ? 'Is the pin up? If not, look at the valve and the ring.'
        : task.stage === 'natural'
          ? 'Has the pin dropped? Then vent with hands and face away.'
          : task.cue
            ? `Look: ${task.cue}.`
            : 'Look now.';
    return [{ task: id, words: `${task.name}. ${says}` }];
  });
  return [...on, ...looks];
}
