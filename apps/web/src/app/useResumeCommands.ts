import { App } from 'antd';
import { useEffect } from 'react';
import { useCommandMutation } from '../api/api.ts';
import { problemOf } from '../parts/problemOf.ts';
import { dropCommand, keptCommands } from './keptCommands.ts';
import { commandAnswered, commandOpen } from './openCommandsSlice.ts';
import { useAppDispatch } from './store.ts';
import { untilAnswered } from './untilAnswered.ts';

/** Asks once more for what was out when the page before this one was left: by its key it is done once, and what is refused is told. */
export function useResumeCommands(): void {
  const [command] = useCommandMutation();
  const dispatch = useAppDispatch();
  const { message } = App.useApp();
  useEffect(() => {
    for (const sent of keptCommands())
      void untilAnswered(() => command(sent), {
        open: () => dispatch(commandOpen(sent.key)),
        over: () => dispatch(commandAnswered(sent.key)),
      }).then(({ error }) => {
        dropCommand(sent.key);
        if (!error) return;
        const { title, detail } = problemOf(error);
        void message.error({ content: `Of a change made before: ${title}. ${detail}`, duration: 8 });
      });
  }, [command, dispatch, message]);
}
