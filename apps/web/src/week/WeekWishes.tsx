import { CloseOutlined } from '@ant-design/icons';
import { readWeekWish, type WeekWish, type WishSetting } from '@kestrel-ridge/core/view';
import { Button, Input } from 'antd';
import { useState } from 'react';

/** What should be otherwise, in a cook's own words: one line at a time, each taken back by its cross. */
export function WeekWishes({
  setting,
  wishes,
  say,
  takeBack,
}: {
  setting: WishSetting;
  wishes: readonly WeekWish[];
  say: (wish: WeekWish) => void;
  takeBack: (wish: WeekWish) => void;
}) {
  const [line, setLine] = useState('');
  const [fault, setFault] = useState<string>();
  const read = () => {
    const wish = readWeekWish(line, setting);
    if ('fault' in wish) return setFault(wish.fault);
    say(wish);
    setLine('');
    setFault(undefined);
  };
  return (
    <div className="week-wishes">
      <Input.Search
        size="large"
        aria-label="What should be otherwise"
        placeholder="not soup again · two more for Sunday · less work · why the millet"
        value={line}
        enterButton="Ask"
        status={fault ? 'error' : ''}
        maxLength={120}
        onChange={(event) => {
          setLine(event.target.value);
          setFault(undefined);
        }}
        onSearch={read}
      />
      {fault !== undefined && (
        <p className="cannot" role="alert">
          {fault}
        </p>
      )}
      {wishes.length > 0 && (
        <p className="said-wishes">
          {wishes.map((wish) => (
            <Button
              key={wish.words}
              icon={<CloseOutlined />}
              iconPosition="end"
              aria-label={`Take back: ${wish.words}`}
              onClick={() => takeBack(wish)}
            >
              {wish.words}
            </Button>
          ))}
        </p>
      )}
    </div>
  );
}
