import { Button } from 'antd';
import { useAppDispatch, useAppSelector } from '../app/store.ts';
import { Notice } from '../parts/Notice.tsx';
import { refusalSeen } from './runOutboxSlice.ts';
import { refusedWords } from './runWords.ts';

/** Taps that the server will never take, with the reason: what they said is not in the run, and may be said again. */
export function RefusedTaps() {
  const refused = useAppSelector((state) => state.runOutbox.refused);
  const dispatch = useAppDispatch();
  const [first] = refused;
  if (!first) return null;
  return (
    <Notice className="notice taps-refused">
      {refusedWords(refused.length)}: {first.fault} {first.remedy}{' '}
      <Button size="small" onClick={() => dispatch(refusalSeen())}>
        Seen
      </Button>
    </Notice>
  );
}
