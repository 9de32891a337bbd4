import { blankFormula } from '@alterum/core';
import { calendarOf } from './calendar';
import type { ShownTask } from './evening-plan';

const pot = { id: 'p', name: 'Melt', formula: blankFormula };
const shown: ShownTask = {
  id: 'p/nuts/0',
  start: 1330,
  end: 1930,
  cook: undefined,
  task: {
    id: 'p/nuts/0',
    pot: 'p',
    operation: { kind: 'soak' },
    hands: false,
    hot: false,
    minutes: { low: 600, high: 600 },
    after: [],
  },
  pot,
  at: 0,
  words: 'soak 10 h: pumpkin seeds',
  unit: 0,
  said: {
    id: 'p/nuts/0',
    group: 'p',
    sentence: 'Soak 65 g pumpkin seeds (1/2 cup) in cold water for 10 h.',
    lookFor: 'They break.',
    cautions: [],
  },
};
/** Lines of a calendar are folded at 75 letters. */
const unfolded = (text: string) => text.replace(/\r\n[ \t]/g, '');

test('last night’s soak stands in the calendar file on the day before, with a reminder and a name that stays', () => {
  const day = '2026-11-27';
  const text = unfolded(calendarOf([shown], day));
  expect(text).toMatch(/^BEGIN:VCALENDAR\r\nVERSION:2.0/);
  expect(text).toContain('SUMMARY:soak 10 h: pumpkin seeds (Melt)');
  expect(text).toContain(
    'DESCRIPTION:Soak 65 g pumpkin seeds (1/2 cup) in cold water for 10 h.\\nThey break.',
  );
  const start = /DTSTART:(\d{8}T\d{6}Z)/.exec(text)![1]!;
  const at = new Date(start.replace(/(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)Z/, '$1-$2-$3T$4:$5:$6Z'));
  expect([at.getDate(), at.getHours(), at.getMinutes()]).toEqual([26, 22, 10]);
  expect(text).toMatch(/BEGIN:VALARM[\s\S]*TRIGGER:-PT5M[\s\S]*END:VALARM/);
  const uid = (calendar: string) => /UID:(\S+)/.exec(calendar)![1];
  expect(uid(text)).toBe(uid(unfolded(calendarOf([{ ...shown, start: 1300 }], day))));
});
