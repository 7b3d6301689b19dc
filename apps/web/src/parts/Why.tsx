import type { Because } from '@kestrel-ridge/core/quantity';
import { Popover } from 'antd';
import type { ReactNode } from 'react';
import { heatsHere } from './degrees.ts';
import './why.css';

/** Any figure that may be doubted: a tap shows how it came about. */
export function Why({ because, children, title }: { because: Because; children: ReactNode; title?: string }) {
  return (
    <Popover
      trigger="click"
      title={title}
      content={
        <div className="why-scroll">
          <Tree because={because} />
        </div>
      }
      placement="bottom"
      styles={{ root: { maxWidth: 380 } }}
    >
      <button type="button" className="why">
        {children}
        <span className="visually-hidden">: why?</span>
      </button>
    </Popover>
  );
}

function Tree({ because }: { because: Because }) {
  return (
    <div className="why-tree">
      <div className="why-line">
        <span>{heatsHere(because.rule)}</span>
        <strong>{heatsHere(because.figure)}</strong>
      </div>
      {because.source && <div className="why-source">{because.source}</div>}
      {because.parts && because.parts.length > 0 && (
        <div className="why-parts">
          {because.parts.map((part) => (
            <Tree key={`${part.rule}${part.figure}`} because={part} />
          ))}
        </div>
      )}
    </div>
  );
}
