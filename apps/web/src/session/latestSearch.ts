/** A worker with a search in it. */
export interface Searching<Asked, Found> {
  search(asked: Asked): Promise<Found>;
  terminate(): void;
}

/**
 * Long searches, of which only the latest is waited for: what is asked anew while another still runs ends that one, so that eight taps do not queue eight searches.
 * The same question asked again while it runs (the next page) joins it. Whoever asked what was ended gets no answer: they have asked anew, or left.
 */
export function latestSearch<Asked, Found>(
  start: () => Searching<Asked, Found>,
): (key: string, asked: Asked) => Promise<Found> {
  let running:
    { readonly key: string; readonly worker: Searching<Asked, Found>; readonly found: Promise<Found> } | undefined;
  let idle: Searching<Asked, Found> | undefined;
  return (key, asked) => {
    if (running?.key === key) return running.found;
    running?.worker.terminate();
    const worker = idle ?? start();
    idle = undefined;
    const found = worker.search(asked);
    const mine = { key, worker, found };
    running = mine;
    const over = () => {
      if (running !== mine) return;
      running = undefined;
      idle = worker;
    };
    found.then(over, over);
    return found;
  };
}
