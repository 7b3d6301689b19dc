/** A kitchen scale that tells what lies on it, over and over. */
export interface Scale {
  /** Grams since it was set to nothing; answers how to stop listening. */
  listen(heard: (grams: number) => void): () => void;
}

const EVERY_MS = 120;
/** A hand pours so long. */
const POURS_MS = 2400;
/** What a scale of its kind wavers by, g. */
const WAVERS_G = 1;

/** Stands in for a scale: somebody pours towards an amount, a little too much or too little, and the display wavers. */
export function simulatedScale(towardsG: number, random: () => number = Math.random): Scale {
  return {
    listen(heard) {
      const lands = towardsG * (0.99 + random() * 0.02);
      const began = Date.now();
      const timer = setInterval(() => {
        const share = Math.min(1, (Date.now() - began) / POURS_MS);
        heard(Math.max(0, Math.round(lands * share + (share < 1 ? (random() - 0.5) * 2 * WAVERS_G : 0))));
      }, EVERY_MS);
      return () => clearInterval(timer);
    },
  };
}
