import type { MinuteCount } from '@kestrel-ridge/core/quantity';
import { Button } from 'antd';

const LONGER = [2, 5, 10] as const;

/** "Not yet": look again in some minutes; what depends on it moves, and only that. */
export function NotYet({
  name,
  more,
  large = false,
}: {
  name: string;
  more: (minutes: MinuteCount) => void;
  large?: boolean;
}) {
  return (
    <div className={large ? 'not-yet large' : 'not-yet'} role="group" aria-label={`${name}: not yet`}>
      <span>not yet</span>
      {LONGER.map((minutes) => (
        <Button key={minutes} aria-label={`Not yet, ${minutes} minutes more`} onClick={() => more(minutes)}>
          +{minutes}
        </Button>
      ))}
    </div>
  );
}
