/** Planned sessions from which every dish was dropped go, as long as another is planned; one that nobody has put anything into yet stays. */
export function withoutEmptied<S extends { readonly id: string; readonly status: string }>(
  sessions: readonly S[],
  batches: readonly { readonly session: string; readonly status: string }[],
): readonly S[] {
  const emptied = ({ id, status }: S): boolean => {
    const mine = batches.filter(({ session }) => session === id);
    return status === 'planned' && mine.length > 0 && mine.every((batch) => batch.status === 'dropped');
  };
  const others = sessions.some((each) => each.status === 'planned' && !emptied(each));
  return others ? sessions.filter((each) => !emptied(each)) : sessions;
}
