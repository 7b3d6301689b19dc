/** A quiet sign that something is on its way; it appears late, so that quick answers do not flicker. */
export function Loading({ what = 'Looking at the shelf' }: { what?: string }) {
  return (
    <div className="loading" role="status">
      <svg viewBox="0 0 120 30" width="120" height="30" aria-hidden="true">
        <path
          d="M0 26 18 14l12 7 16-17 14 12 12-6 20 14 28 2"
          fill="none"
          stroke="var(--slate-soft)"
          strokeWidth="3"
          strokeLinejoin="round"
        />
      </svg>
      {what} …
    </div>
  );
}
