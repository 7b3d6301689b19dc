/** A line that tells of the dish, and lists nothing. */
export const TELLS = /\b(?:prep|cook|total|serves|makes|yields?|time|difficulty)\b|^(?:portions|servings): ?\d/i;

/** For how many, or how long: nothing to buy. */
export const ABOUT_IT =
  /^(?:(?:hands[- ]on|active|oven|hob|stove)(?: time)?:? (?:about )?\d+[\d /-]*(?:hrs?|hours?|h|mins?|minutes?)|\d+ as an? (?:main|side|starter|lunch|dinner)\b.*|(?:serves|makes|feeds|for|prep|cook|total|ready in)\b.*|(?:about )?\d+[\d /-]*(?:hrs?|hours?|h|mins?|minutes?|portions?|servings?|people|patties|pieces|slices|balls|rolls|loaves|burgers|muffins|bars|jars)\b.*)$/i;
/** "2 wraps", beside a title */
export const MADE = /^\d+ \p{L}+s$/iu;
export const asAbout = (part: string): string =>
  /^\d+ as an? /i.test(part)
    ? `Serves ${/^\d+/.exec(part)?.[0] ?? ''}`
    : /^(?:about )?\d+[\d /-]*(?:hrs?|hours?|h|mins?|minutes?)\b/i.test(part)
      ? `Total: ${part}`
      : /^\d+ (?:patties|pieces|slices|balls|rolls|loaves|burgers|muffins|bars|jars)\b/i.test(part)
        ? `Makes: ${part}`
        : /^(?:hands|active|oven|hob|stove)/i.test(part)
          ? `Notes: ${part}`
          : part;
