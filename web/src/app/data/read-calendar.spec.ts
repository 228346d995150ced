import ical from 'ical-generator';
import { readCalendar } from './read-calendar';

const lines = (...events: readonly string[][]) =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Harbour//Office//EN',
    ...events.flatMap((event) => ['BEGIN:VEVENT', ...event, 'END:VEVENT']),
    'END:VCALENDAR',
    '',
  ].join('\r\n');
const read = (text: string) => {
  const found = readCalendar(text, '2026-03-01', '2026-05-31');
  if (!found.ok) throw new Error(found.error);
  return found.value;
};

describe('a calendar file that comes in', () => {
  it('written by another package: whole days and hours, each with its name', () => {
    const calendar = ical({ name: 'Harbour office' });
    calendar.createEvent({
      id: 'a',
      start: new Date('2026-03-09T00:00:00Z'),
      end: new Date('2026-03-11T00:00:00Z'),
      allDay: true,
      timezone: 'UTC',
      summary: 'Floor is sanded; all of it',
    });
    calendar.createEvent({
      id: 'b',
      start: new Date('2026-04-01T18:00:00Z'),
      end: new Date('2026-04-01T20:00:00Z'),
      summary: 'Concert',
    });
    expect(read(calendar.toString())).toEqual({
      events: [
        { from: '2026-03-09', to: '2026-03-10', title: 'Floor is sanded; all of it', allDay: true },
        { from: '2026-04-01', to: '2026-04-01', title: 'Concert', allDay: false },
      ],
      told: [],
    });
  });

  it('a day that comes back each week comes on each of its days, and no longer than is asked', () => {
    const { events } = read(lines(['UID:r', 'DTSTART;VALUE=DATE:20260302', 'RRULE:FREQ=WEEKLY', 'SUMMARY:Market day']));
    expect(events).toHaveLength(13);
    expect(events.at(-1)).toMatchObject({ from: '2026-05-25' });
  });

  it('a day that has come back since long ago is followed up to now', () => {
    const { events } = read(lines(['UID:d', 'DTSTART;VALUE=DATE:20190101', 'RRULE:FREQ=DAILY', 'SUMMARY:Tide']));
    expect(events).toHaveLength(31 + 30 + 31);
    expect(events[0]).toMatchObject({ from: '2026-03-01' });
  });

  it('a broken zone is told, and its days are taken as they stand', () => {
    const { events, told } = read(
      lines([
        'UID:z',
        'DTSTART;TZID=Atlantis/Harbour:20260310T190000',
        'DTEND;TZID=Atlantis/Harbour:20260310T210000',
        'SUMMARY:Show',
      ]),
    );
    expect(events).toEqual([{ from: '2026-03-10', to: '2026-03-10', title: 'Show', allDay: false }]);
    expect(told).toEqual([
      'The zone “Atlantis/Harbour” is not described in the file: its times are taken as they stand.',
    ]);
  });

  it('an event that makes no sense is left out by name, and the others are taken', () => {
    const { events, told } = read(
      lines(
        ['UID:x', 'DTSTART:sometime', 'SUMMARY:Nobody knows when'],
        ['UID:y', 'DTSTART;VALUE=DATE:20260312', 'SUMMARY:Fair'],
      ),
    );
    expect(events.map(({ title }) => title)).toEqual(['Fair']);
    expect(told[0]).toContain('Nobody knows when');
  });

  it('what is no calendar, or is cut off, is refused with nothing taken', () => {
    const wrong = [
      '',
      'Dear all, the hall is closed.',
      'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:2026',
      'BEGIN:VCARD\r\nVERSION:4.0\r\nEND:VCARD\r\n',
    ];
    for (const text of wrong) expect(readCalendar(text, '2026-03-01', '2026-05-31')).toMatchObject({ ok: false });
  });
});
