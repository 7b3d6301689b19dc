import type { KitchenView, LeftOut } from '@kestrel-ridge/core/view';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { Notice } from '../parts/Notice.tsx';
import { useCommand } from './useCommand.ts';
import { leftOutWords } from './noticeWords.ts';

/** What cannot be understood, one after the other, with the way to mend it. All else goes on as ever. */
export function LeftOutNotice({ view }: { view: KitchenView }) {
  const [seen, setSeen] = useState<readonly string[]>([]);
  const open = (view.leftOut ?? []).filter(({ id }) => !seen.includes(id));
  const [first] = open;
  if (!first) return null;
  return (
    <Notice className="notice left-out">
      <span>
        {leftOutWords(open.length)} <strong>{first.name}</strong>: {first.why}
      </span>{' '}
      <Mend of={first} />{' '}
      <Button size="small" onClick={() => setSeen([...seen, first.id])}>
        Seen
      </Button>
    </Notice>
  );
}

function Mend({ of: { what, id, recipe, version } }: { of: LeftOut }) {
  const send = useCommand();
  return (
    <>
      {recipe !== undefined && <Link to={`/recipes/${recipe}/edit`}>Mend its recipe</Link>}
      {what === 'batch' && version !== undefined && (
        <Button
          size="small"
          onClick={() => void send({ path: `batches/${id}/drop`, body: { version }, touches: ['week'] })}
        >
          Leave it out of the week
        </Button>
      )}
    </>
  );
}
