import { CloseOutlined, UndoOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useCallback, useEffect } from 'react';
import { Notice } from '../parts/Notice.tsx';
import { useCommand } from './useCommand.ts';
import { changeLeftBehind, type LastChange } from './lastChangeSlice.ts';
import { useAppDispatch, useAppSelector } from './store.ts';

const STAYS_MS = 30_000;

/** What was done last, and the way back. Ctrl+Z does the same. */
export function LastChangeBar() {
  const change = useAppSelector((state) => state.lastChange.change);
  const dispatch = useAppDispatch();
  const send = useCommand();

  const undo = useCallback(
    async (of: LastChange) => {
      dispatch(changeLeftBehind());
      const asks = of.back ?? [{ path: 'undo', body: { command: of.key }, touches: ['shelf', 'week'] as const }];
      for (const ask of asks) if (!(await send(ask)).ok) return;
    },
    [dispatch, send],
  );

  useEffect(() => {
    if (!change) return;
    const takeBack = () => undo(change);
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
  }, [change, dispatch, undo]);

  if (!change) return null;
  return (
    <Notice className="last-change">
      <span>{change.text}</span>
      <Button icon={<UndoOutlined />} onClick={() => void undo(change)}>
        Undo
      </Button>
      <Button type="text" icon={<CloseOutlined />} aria-label="Close" onClick={() => dispatch(changeLeftBehind())} />
    </Notice>
  );
}
