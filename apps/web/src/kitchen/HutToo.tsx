import { Button } from 'antd';
import { useRef, useState } from 'react';
import { useOpenHutMutation } from '../api/api.ts';
import { newId } from '../parts/newId.ts';
import { problemOf } from '../parts/problemOf.ts';

/** Somebody else's kitchen to try things in: it can be opened anew as often as one likes. */
export function HutToo({ opened }: { opened: (id: string) => void }) {
  const [open, { isLoading }] = useOpenHutMutation();
  const [fault, setFault] = useState<string>();
  // Where it was cut short, the same hut is gone on with.
  const id = useRef(newId());
  return (
    <section className="hut-too" aria-label="A hut to look round in">
      <h2>Or look round in a hut first</h2>
      <p>
        Windgate Hut is invented: four who live there, volunteers at weekends, a full shelf, eight weeks of cooking
        behind it and a week ahead. It stands beside your own kitchen, and begins anew each time it is opened.
      </p>
      <Button
        size="large"
        loading={isLoading}
        onClick={() =>
          void open(id.current).then((answer) => {
            if (answer.error) setFault(problemOf(answer.error).detail);
            else opened(id.current);
          })
        }
      >
        Open the hut
      </Button>
      {isLoading && (
        <p className="soft" role="status">
          Eight weeks are cooked and eaten there first: some seconds.
        </p>
      )}
      {fault && (
        <p className="cannot" role="alert">
          {fault}
        </p>
      )}
    </section>
  );
}
