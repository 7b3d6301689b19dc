import { CAUTIONS, type CautionId } from '@kestrel-ridge/core/food';

/** The usual cautions where they apply, each with its source. */
export function Cautions({ ids }: { ids: readonly CautionId[] }) {
  if (ids.length === 0) return null;
  return (
    <div className="cautions">
      {ids.map((id) => {
        const caution = CAUTIONS[id];
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
