import { Button, Input } from 'antd';
import { useState } from 'react';
import { newId } from '../parts/newId.ts';
import { useCommand } from '../app/useCommand.ts';

/** One more eater, present every day until a day says otherwise. */
export function AddEater() {
  const [name, setName] = useState('');
  const [fault, setFault] = useState<string>();
  const send = useCommand();
  const add = async () => {
    const sent = await send({
      path: 'eaters',
      body: { id: newId(), name: name.trim(), appetite: 1, weekdays: [0, 1, 2, 3, 4, 5, 6] },
      touches: ['week'],
      quiet: true,
    });
    if (sent.ok) setName('');
    setFault(
      sent.ok ? undefined : sent.problem.errors.map((e) => `${e.fault} ${e.remedy}`).join(' ') || sent.problem.detail,
    );
  };
  return (
    <form
      className="add-eater"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <Input
        aria-label="Name of one more eater"
        placeholder="one more"
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <Button htmlType="submit" disabled={name.trim() === ''}>
        Add
      </Button>
      {fault && (
        <p className="add-fault" role="alert">
          {fault}
        </p>
      )}
    </form>
  );
}
