import { plainNumber, type DecimalSign, type NumberCell } from '@kestrel-ridge/core/formats';
import { Button } from 'antd';

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
  <div className="dashed missing" role="alert">
    <span>
      <strong>{name}</strong>: nothing in it tells whether its numbers have a comma or a point before the parts. What is
      “{cell.text}” on line {cell.line}?
    </span>
    {(['.', ','] as const).map((decimal) => (
      <Button key={decimal} onClick={() => choose(decimal)}>
        {Number(plainNumber(cell.text, decimal) ?? 0)}
      </Button>
    ))}
  </div>
);
