import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Form } from 'antd';
import type { ReactNode } from 'react';

/** Things of one kind, one below the other, in the order in which they are used: the first most. */
export function SeveralOf<T>({
  name,
  title,
  word,
  least,
  most,
  fresh,
  children,
}: {
  name: string;
  title: string;
  /** "a pot" */
  word: string;
  least: number;
  most: number;
  fresh: () => T;
  children: (field: number) => ReactNode;
}) {
  return (
    <fieldset className="wide">
      <legend>{title}</legend>
      <Form.List name={['equipment', name]}>
        {(fields, { add, remove }) => (
          <>
            {fields.map((field) => (
              <div key={field.key} className="several-row">
                {children(field.name)}
                {fields.length > least && (
                  <Button
                    type="text"
                    icon={<DeleteOutlined />}
                    aria-label={`Remove ${word.replace(/^an? /, '')} ${field.name + 1}`}
                    onClick={() => remove(field.name)}
                  />
                )}
              </div>
            ))}
            {fields.length < most && (
              <Button icon={<PlusOutlined />} onClick={() => add(fresh())}>
                Add {word}
              </Button>
            )}
          </>
        )}
      </Form.List>
    </fieldset>
  );
}
