/** Prints one figure as a line of JSON: what it is, how much, and what it should be. */
export const figure = (name, value, unit, aim) =>
  console.log(JSON.stringify({ figure: name, value: Math.round(value * 1000) / 1000, unit, aim }));

export const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
