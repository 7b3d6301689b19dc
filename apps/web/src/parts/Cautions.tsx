import { cautionOf, type CautionId } from '@kestrel-ridge/core/food';
import { boilingPoint } from '@kestrel-ridge/core/heat';
import { metres } from '@kestrel-ridge/core/quantity';
import { heatsHere } from './degrees.ts';

/** The usual cautions where they apply, each with its source, as they are true at this height and of this dish. */
export function CautionsHere({
  ids,
  altitudeM,
  fridgeDays,
}: {
  ids: readonly CautionId[];
  altitudeM: number;
  fridgeDays?: number;
}) {
  if (ids.length === 0) return null;
  const setting = { boilsAtC: boilingPoint(metres(altitudeM)), ...(fridgeDays === undefined ? {} : { fridgeDays }) };
  return (
    <div className="cautions">
      {ids.map((id) => {
        const caution = cautionOf(id, setting);
        return (
          <div key={id} className="caution" role="note">
            <strong>{caution.title}</strong>
            {heatsHere(caution.text)} <small>{caution.source}</small>
          </div>
        );
      })}
    </div>
  );
}
