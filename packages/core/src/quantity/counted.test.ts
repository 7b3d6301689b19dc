import { counted } from './counted.ts';

describe('so many of something', () => {
  it.each([
    [0, 'lot', '0 lots'],
    [1, 'lot', '1 lot'],
    [2, 'dish', '2 dishes'],
    [2, 'box', '2 boxes'],
    [1.04, 'portion', '1 portion'],
    [2.46, 'portion', '2.5 portions'],
    [12, 'price', '12 prices'],
  ])('%s of %s: %s', (n, one, said) => {
    expect(counted(n, one)).toBe(said);
  });

  it('says what is said of several', () => {
    expect(counted(1, 'tap is', 'taps are')).toBe('1 tap is');
    expect(counted(0, 'tap is', 'taps are')).toBe('0 taps are');
    expect(counted(2, 'tap is', 'taps are')).toBe('2 taps are');
  });
});
