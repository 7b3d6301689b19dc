import { CloseOutlined, UndoOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useEffect } from 'react';
import { useCommand } from '../api/useCommand.ts';
import { changeLeftBehind } from './lastChangeSlice.ts';
import { useAppDispatch, useAppSelector } from './store.ts';

const STAYS_MS = 30_000;

/** What was done last, and the way back. Ctrl+Z does the same. */
export function LastChangeBar() {
  const change = useAppSelector((state) => state.lastChange.change);
  const dispatch = useAppDispatch();
  const send = useCommand();

  useEffect(() => {
    if (!change) return;
    const takeBack = async () => {
      dispatch(changeLeftBehind());
      await send({ path: 'undo', body: { command: change.key }, touches: ['shelf', 'week'] });
    };
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement;
      if (!typing && event.key === 'z' && (event.ctrlKey || event.metaKey)) void takeBack();
    };
    const timer = setTimeout(() => dispatch(changeLeftBehind()), STAYS_MS);
    window.addEventListener('keydown', onKey);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('keydown', onKey);
    };
  }, [change, dispatch, send]);

  if (!change) return null;
  return (
    <div className="last-change" role="status">
      <span>{change.text}</span>
      <Button
        icon={<UndoOutlined />}
        onClick={() => {
          dispatch(changeLeftBehind());
          void send({ path: 'undo', body: { command: change.key }, touches: ['shelf', 'week'] });
        }}
      >
        Undo
      </Button>
      <Button type="text" icon={<CloseOutlined />} aria-label="Close" onClick={() => dispatch(changeLeftBehind())} />
    </div>
  );
}
