import type { CautionId } from '@kestrel-ridge/core/food';
import { useKitchenQuery } from '../api/api.ts';
import { CautionsHere } from '../parts/Cautions.tsx';
import { useKitchenId } from './useKitchenId.ts';

/** The usual cautions where they apply, each with its source, as they are true in this kitchen and of this dish. */
export function Cautions({ ids, fridgeDays }: { ids: readonly CautionId[]; fridgeDays?: number }) {
  const { data: kitchen } = useKitchenQuery(useKitchenId());
  return (
    <CautionsHere ids={ids} altitudeM={kitchen?.equipment.altitudeM ?? 0} {...(fridgeDays ? { fridgeDays } : {})} />
  );
}
