import { cautionOf, type CautionId } from '@kestrel-ridge/core/food';
import { boilingPoint } from '@kestrel-ridge/core/heat';
import { metres } from '@kestrel-ridge/core/quantity';
import { useKitchenQuery } from '../api/api.ts';
import { useKitchenId } from '../app/useKitchenId.ts';

/** The usual cautions where they apply, each with its source, as they are true in this kitchen and of this dish. */
export function Cautions({ ids, fridgeDays }: { ids: readonly CautionId[]; fridgeDays?: number }) {
  const { data: kitchen } = useKitchenQuery(useKitchenId());
  return (
    <CautionsHere ids={ids} altitudeM={kitchen?.equipment.altitudeM ?? 0} {...(fridgeDays ? { fridgeDays } : {})} />
  );
}

/** The same, where the height is at hand. */
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
            {caution.text} <small>{caution.source}</small>
          </div>
        );
      })}
    </div>
  );
}
