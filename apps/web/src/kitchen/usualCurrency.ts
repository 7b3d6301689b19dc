/** By where a browser is from; everywhere else the euro stands there to be changed. Source: ISO 4217. */
const USUAL: Readonly<Record<string, string>> = {
  AU: 'AUD',
  BR: 'BRL',
  CA: 'CAD',
  CH: 'CHF',
  CZ: 'CZK',
  DK: 'DKK',
  GB: 'GBP',
  HU: 'HUF',
  IN: 'INR',
  JP: 'JPY',
  LI: 'CHF',
  MX: 'MXN',
  NO: 'NOK',
  NZ: 'NZD',
  PL: 'PLN',
  RO: 'RON',
  SE: 'SEK',
  TR: 'TRY',
  US: 'USD',
  ZA: 'ZAR',
};

/**
 * The currency that is usual where a locale is from.
 * @example usualCurrency('en-US') // "USD"
 */
export const usualCurrency = (locale: string): string =>
  USUAL[new Intl.Locale(locale).maximize().region ?? ''] ?? 'EUR';
