/** The reason of what left the shelf for somebody else's table: it is neither eaten here nor lost. */
export const GIVEN_AWAY = 'given away';
/** It could not be eaten any more: it had not kept so long. */
export const GONE_OFF = ['spoilt', 'went off before its day'] as const;
/** Why something leaves the shelf uneaten; what is said goes into the ledger as it stands here. */
export const LEAVE_REASONS = [...GONE_OFF, 'nobody ate it', 'dropped or burnt', GIVEN_AWAY] as const;
/** @example isGoneOff('spoilt') // => true */
export const isGoneOff = (reason: string | null): boolean => GONE_OFF.some((each) => each === reason);
