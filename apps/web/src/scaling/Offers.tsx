import { Button, Popover } from 'antd';
import { useState, type ReactNode } from 'react';

export interface Offer {
  readonly id: string;
  readonly name: string;
  readonly note?: string;
  /** Beside it, not part of what is tapped. */
  readonly beside?: ReactNode;
  readonly take: () => void;
}

/** Foods of which one is chosen for a line; they are worked out when the list is opened. */
export function Offers({
  label,
  of,
  title,
  none,
  offers,
}: {
  label: string;
  /** The line it is for: heard behind the label, as several stand in one list. */
  of: string;
  title: string;
  /** Said where there is nothing to choose. */
  none?: string;
  offers: () => readonly Offer[];
}) {
  const [open, setOpen] = useState(false);
  const offered = open ? offers() : [];
  return (
    <Popover
      trigger="click"
      open={open}
      onOpenChange={setOpen}
      placement="bottomLeft"
      title={title}
      content={
        <ul className="size-offers">
          {offered.length === 0 && none && <li>{none}</li>}
          {offered.map(({ id, name, note, beside, take }) => (
            <li key={id}>
              <button
                type="button"
                className="plain-button"
                onClick={() => {
                  setOpen(false);
                  take();
                }}
              >
                {name}
                {note && <small className="offer-note">{note}</small>}
              </button>
              {beside}
            </li>
          ))}
        </ul>
      }
    >
      <Button type="link" size="small" className="instead" aria-label={`${label} ${of}`.trim()}>
        {label}
      </Button>
    </Popover>
  );
}
