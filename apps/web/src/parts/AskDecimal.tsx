import { plainNumber, type DecimalSign, type NumberCell } from '@kestrel-ridge/core/formats';
import { Button } from 'antd';
import './understood.css';

/** A table whose numbers can be read in two ways: asked once, for all of it. */
export const AskDecimal = ({
  name,
  cell,
  choose,
}: {
  name: string;
  cell: NumberCell;
  choose: (decimal: DecimalSign) => void;
}) => (
  <div className="ask-decimal" role="alert">
    <p>
      How much is “{cell.text}” on line {cell.line}? Nothing else in <strong>{name}</strong> tells.
    </p>
    <div className="give-row">
      {(['.', ','] as const).map((decimal) => (
        <Button size="large" key={decimal} onClick={() => choose(decimal)}>
          {Number(plainNumber(cell.text, decimal) ?? 0)}
        </Button>
      ))}
    </div>
  </div>
);
