/**
 * A function of a text that remembers what it said of the last texts: who types into a long text asks the same of nearly every line again.
 * @example remembered((text) => text.length)('soup') // 4
 */
export function remembered<T>(read: (text: string) => T, most = 600): (text: string) => T {
  let known = new Map<string, T>();
  let before = new Map<string, T>();
  return (text) => {
    // That it said nothing of a text is known as well.
    if (known.has(text)) return known.get(text) as T;
    const said = before.has(text) ? (before.get(text) as T) : read(text);
    // Two generations: what was asked for lately is never thrown away with the rest.
    if (known.size >= most) {
      before = known;
      known = new Map();
    }
    known.set(text, said);
    return said;
  };
}

/**
 * The same of a text and what it is read by: each of these has a memory of its own, which goes with it.
 * @example rememberedBy((foods, text) => findFood(text, foods))(foods, 'leeks')
 */
export function rememberedBy<By extends object, T>(read: (by: By, text: string) => T): (by: By, text: string) => T {
  const known = new WeakMap<By, (text: string) => T>();
  return (by, text) => {
    const readBy = known.get(by) ?? remembered((said) => read(by, said));
    known.set(by, readBy);
    return readBy(text);
  };
}
