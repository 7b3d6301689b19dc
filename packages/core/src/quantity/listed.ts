const LIST = new Intl.ListFormat('en-GB');

/**
 * Several things in one sentence.
 * @example listed(['peas', 'leek', 'dill']) // 'peas, leek and dill'
 */
export const listed = (items: Iterable<string>): string => LIST.format(items);
