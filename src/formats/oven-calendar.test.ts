import { describe, expect, it } from 'vitest';
import { ovenCalendar } from './oven-calendar';

describe('calls of the oven as a calendar', () => {
  const text = ovenCalendar([
    {
      id: 'a-1',
      batch: 'Swede crisps',
      title: 'Turn the trays',
      detail: 'Hot trays',
      due_ms: Date.UTC(2026, 10, 28, 9, 30),
      hands_min: 2.5,
    },
    {
      id: 'a-2',
      batch: 'Swede crisps',
      title: 'Take them out',
      detail: 'Hot trays',
      due_ms: Date.UTC(2026, 10, 28, 10, 5),
      hands_min: 0,
    },
  ]);
  it('rings at the very time of each, in every zone', () => {
    expect(text.match(/DTSTART:\w+/g)).toEqual(['DTSTART:20261128T093000Z', 'DTSTART:20261128T100500Z']);
    expect(text.match(/ACTION:AUDIO/g)).toHaveLength(2);
    expect(text.match(/TRIGGER[^\r]*/g)).toEqual(['TRIGGER:PT0S', 'TRIGGER:PT0S']);
  });
  it('keeps one entry for a call, however often it is saved', () => {
    expect(new Set(text.match(/UID:[^\r]*/g))).toEqual(new Set(['UID:a-1@upbeat-oven', 'UID:a-2@upbeat-oven']));
    expect(text.match(/DTEND:\w+/g)).toEqual(['DTEND:20261128T093230Z', 'DTEND:20261128T100600Z']);
  });
});
