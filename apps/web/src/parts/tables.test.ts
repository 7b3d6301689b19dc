import type { CalendarEvent } from './calendarFile.ts';
import { readTable, unreadable } from './readTable.ts';

const mockGiven: string[] = [];
jest.mock('./giveFile.ts', () => ({ giveFile: (_name: string, _kind: string, text: string) => mockGiven.push(text) }));

const file = (text: string, name = 'stock.csv') => ({
  name,
  size: text.length,
  text: jest.fn(() => Promise.resolve(text)),
});
const NUMBERS = ['amount', 'priced_amount'];

describe('a table', () => {
  test('with semicolons and commas in its numbers keeps its cells whole, and tells its habit', async () => {
    const read = await readTable(
      file('Food;Place;Amount\r\nmillet;cupboard;2,5\r\nleek;fridge;1.000\r\n'),
      NUMBERS,
      10,
    );
    expect(read).toEqual({
      name: 'stock.csv',
      records: [
        { food: 'millet', place: 'cupboard', amount: '2,5' },
        { food: 'leek', place: 'fridge', amount: '1.000' },
      ],
      habit: { decimal: ',' },
    });
  });
  test('whose numbers can be read in two ways asks with the first of them and its line', async () => {
    const read = await readTable(file('food,place,amount\nmillet,cupboard,500\nleek,fridge,1.000\n'), NUMBERS, 10);
    expect(read.habit).toEqual({ asks: { text: '1.000', line: 3 } });
  });
  test('with more lines than are taken is told so, and not read half', async () => {
    const lines = Array.from({ length: 12 }, (_, n) => `food ${n},cupboard,1`).join('\n');
    await expect(readTable(file(`food,place,amount\n${lines}`), NUMBERS, 10)).rejects.toThrow('more than 10 lines');
  });
  test('that is too large is told before it is read', async () => {
    const large = file('x'.repeat(2 * 1024 * 1024 + 1));
    await expect(readTable(large, NUMBERS, 10)).rejects.toThrow('larger than 2 MiB');
    expect(large.text).not.toHaveBeenCalled();
  });
  test('in another encoding is told, before its letters are taken for others', async () => {
    await expect(readTable(file('food,place\nK\uFFFDse,fridge\n'), NUMBERS, 10)).rejects.toThrow(
      'not written in UTF-8',
    );
  });
  test('that is none is told by its name', async () => {
    const broken = readTable(file('food,place\n"millet,cupboard'), NUMBERS, 10).catch((error: unknown) =>
      unreadable('a.csv', error),
    );
    expect(await broken).toMatch(/^“a.csv” cannot be read as a table: .* Nothing was changed\.$/s);
  });
});

describe('a calendar', () => {
  const event = (more: Partial<CalendarEvent>): CalendarEvent => ({
    id: 'soak',
    at: Date.parse('2026-03-01T19:00:00Z'),
    minutes: 5,
    what: 'Soak',
    detail: '',
    alarm: true,
    ...more,
  });
  /** The lines of the file, folded ones put together again (RFC 5545, 3.1). */
  const linesOf = async (name: string, more: Partial<CalendarEvent>) => {
    mockGiven.length = 0;
    const { giveCalendar } = await import('./calendarFile.ts');
    await giveCalendar('a.ics', name, [event(more)]);
    return (mockGiven[0] ?? '').replace(/\r\n[ \t]/g, '').split('\r\n');
  };
  const KNOWN =
    /^(BEGIN|END|VERSION|PRODID|NAME|X-WR-CALNAME|UID|SEQUENCE|DTSTAMP|DTSTART|DTEND|SUMMARY|DESCRIPTION|ACTION|TRIGGER)[:;]/;
  const EVIL = 'a\r\nATTENDEE:mailto:x\nEND:VEVENT; b, c \\ d';
  test.each([
    ['its name', EVIL, {}],
    ['what is done', 'Hut', { what: EVIL }],
    ['a detail', 'Hut', { detail: EVIL }],
    ['an id', 'Hut', { id: EVIL }],
  ])('has no line that %s smuggles in', async (_, name, more) => {
    const lines = (await linesOf(name, more)).filter(Boolean);
    expect(lines.filter((line) => !KNOWN.test(line))).toEqual([]);
    expect(lines.filter((line) => line === 'END:VEVENT')).toHaveLength(1);
    expect(lines.filter((line) => line.startsWith('BEGIN:'))).toHaveLength(3);
  });
  test('says a text with its signs escaped', async () => {
    expect(await linesOf('Hut', { what: 'millet; leek, salt' })).toContain('SUMMARY:millet\\; leek\\, salt');
  });
});
