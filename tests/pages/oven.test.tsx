/** At the oven, the jars and the log, drawn once: what they say of a batch, a pack and a kitchen. */
import type { JarView } from '@/contract/jars';
import type { LogEntryView } from '@/contract/log';
import type { BakeView } from '@/contract/oven';
import { describe, expect, it } from 'vitest';
import type { Call } from '@/core/calls';
import { CompareBatches } from '@/ui/log/CompareBatches';
import { JarPicture } from '@/ui/jars/JarPicture';
import { JarSheet } from '@/ui/jars/JarSheet';
import { CallCard } from '@/ui/oven/CallCard';
import { Nothing } from '@/ui/oven/Nothing';
import { Readings } from '@/ui/oven/Readings';
import type { Appliance } from '@/core/catalogue';
import { PaceLine } from '@/ui/batch/heat/PaceLine';
import { drawn, words } from './drawn';

const nothing = (): void => undefined;
const send = (): Promise<boolean> => Promise.resolve(true);

const NOW = Date.parse('2026-11-28T10:48:00');
const at = (minutes: number): string => new Date(NOW + minutes * 60_000).toISOString();
const call = (id: string, act: Call['act'], more: Partial<Call> = {}): Call => ({
  id,
  step: id,
  act,
  from: 'put-in',
  minutes: 30,
  hands: 3,
  runs: 0,
  portion: null,
  ...more,
});
const BAKE: BakeView = {
  batch: 'b',
  name: 'Training bits',
  pieces: 220,
  day: null,
  calls: [
    {
      position: 0,
      call: call(
        'heat-1/0',
        { do: 'put-in', kind: 'fan-oven', setpoint_c: 130, load: 1, loads: 1 },
        { from: 'before', runs: null },
      ),
      appliance: 'Small fan oven',
      due_at: at(-17),
      done_at: at(-17),
    },
    {
      position: 1,
      call: call('heat-1/1', { do: 'step', kind: 'fan-oven', step: { do: 'turn' } }),
      appliance: null,
      due_at: at(13),
      done_at: null,
    },
    {
      position: 2,
      call: call('heat-1/2', { do: 'take-out', kind: 'fan-oven' }),
      appliance: 'Small fan oven',
      due_at: at(40),
      done_at: null,
    },
  ],
  next: 1,
  ended_at: null,
  stands: {
    stage: 0,
    appliance: 'Small fan oven',
    went_in: at(-17),
    from_min: 0,
    planned_min: 57,
    tray_g: 210,
    before_g: 700,
    outlook: { tell: 'band-and-time', end: { low: 70, mid: 78, high: 88 }, batches: 3 },
  },
  course: [
    { minute: 0, water_pct: 40, core_moisture_pct: 40, core_c: 20 },
    { minute: 15, water_pct: 30, core_moisture_pct: 36, core_c: 81 },
    { minute: 57, water_pct: 14, core_moisture_pct: 16, core_c: 100 },
  ],
  readings: [
    { id: '1', at: at(-3), kind: 'tray_g', value: 612, source: 'scale' },
    { id: '2', at: at(-2), kind: 'core_c', value: 78.4, source: 'probe' },
  ],
};
const card = (bake: BakeView): string =>
  words(<CallCard bake={bake} now={NOW} dial="c" onDone={() => Promise.resolve()} send={send} />);

describe('the call at hand', () => {
  it('says what to do, how long is left, how wet the heart is, and when it will be dry', () => {
    const text = card(BAKE);
    expect(text).toMatch(/Training bits · Small fan oven Turn the pieces/);
    expect(text).toMatch(/13:00 left, at 11:01/);
    expect(text).toMatch(/17 min done of 30 min/);
    expect(text).toMatch(/middle 36 % water, 81 °C, by the plan should be 16 %/);
    expect(text).toMatch(/Dry enough about 11:49 \(11:41 to 11:59 in four of five\), 21 min later than planned/);
    expect(text).toContain('Stay 21 min longer');
    expect(text).toMatch(/Turned In 2 minutes 5 more minutes Take the last back/);
  });
  it('is late in words, not only in colour', () => {
    const late = { ...BAKE, calls: BAKE.calls.map((call) => (call.position === 1 ? { ...call, due_at: at(-2) } : call)) };
    expect(card(late)).toMatch(/2:00 late; it was due at 10:46/);
  });
  it('work that waits for nothing is due now, and cannot be made longer', () => {
    const mix = {
      position: 0,
      call: call('mix', { do: 'mix' }, { from: 'before', minutes: 0, hands: 26, runs: null }),
      appliance: null,
      due_at: at(0),
      done_at: null,
    };
    const text = card({ ...BAKE, calls: [mix], next: 0, stands: { ...BAKE.stands, went_in: null, outlook: null } });
    expect(text).toMatch(/Weigh and mix .* Now takes about 26 min/);
    expect(text).not.toContain('5 more minutes');
    expect(text).not.toContain('Take the last back');
  });
  it('readings are listed newest first, each with where it came from, and can be struck out', () => {
    const html = drawn(<Readings bake={BAKE} now={NOW} send={send} />);
    expect(html.indexOf('78 °C')).toBeLessThan(html.indexOf('>612 g<'));
    expect(html).toContain('aria-label="Strike out tray 612 g"');
    expect(words(<Readings bake={{ ...BAKE, stands: { ...BAKE.stands, before_g: null } }} now={NOW} send={send} />)).toContain(
      'once the tray was weighed as it went in',
    );
  });
  it('where trays were moved on, the heart is read further along, and the tray is weighed anew', () => {
    const moved = {
      ...BAKE,
      stands: { ...BAKE.stands, stage: 1, appliance: 'Dehydrator', went_in: at(-1), from_min: 56, before_g: null },
    };
    expect(card(moved)).toMatch(/middle 16 % water, 100 °C/);
    const text = words(<Readings bake={moved} now={NOW} send={send} />);
    expect(text).toContain('with pieces, as it went in');
    expect(text).not.toContain('raw pieces');
  });
  it('nothing under way says how to begin', () => {
    const text = words(<Nothing waiting={{ rows: [{ id: 'x', name: 'Hillbars', pieces: 40 }], total: 1 }} send={send} />);
    expect(text).toMatch(/Nothing is at the oven\. .* Hillbars Begin/);
  });
});

describe('an oven’s own pace', () => {
  const edits = { change: nothing };
  const kit = [{ id: 'big', name: 'Big oven', appliance: { kind: 'static-oven' as const }, known: { pace: 0.81, batches: 4 } }];
  it('is told where a prediction uses it, with what it rests on', () => {
    expect(
      words(<PaceLine heat={{ appliance: { kind: 'static-oven', pace: 0.81 }, steps: [] }} appliances={kit} edits={edits} />),
    ).toMatch(/Big oven: predicted at its own pace, 0\.81 of the model’s, from 4 weighed batches\. Leave it out/);
  });
  it('is offered where it does not, and not mentioned where nothing is known', () => {
    expect(words(<PaceLine heat={{ appliance: { kind: 'static-oven' }, steps: [] }} appliances={kit} edits={edits} />)).toContain(
      'Predict with it',
    );
    expect(words(<PaceLine heat={{ appliance: { kind: 'dehydrator' }, steps: [] }} appliances={kit} edits={edits} />)).toBe('');
  });
  it('stands beside what was measured anew since, of an oven that the programme knows by its id', () => {
    const hot = [{ ...kit[0], appliance: { kind: 'static-oven' as const, thermostat_offset_c: -6 } }];
    const line = (appliance: Appliance): string =>
      words(<PaceLine heat={{ appliance, steps: [] }} appliances={hot} edits={edits} />);
    expect(line({ id: 'big', thermostat_offset_c: -8, pace: 0.81 })).toMatch(
      /Big oven: measured anew since this was planned\. Plan with what it is now Big oven: predicted at its own pace/,
    );
    expect(line({ id: 'big', thermostat_offset_c: -6, pace: 0.81 })).not.toContain('anew');
    expect(line({ thermostat_offset_c: -8, pace: 0.81 })).toMatch(/^ ?This oven: predicted/);
  });
  it('is told of every appliance that a programme goes through', () => {
    const steps = [{ do: 'move' as const, appliance: { kind: 'static-oven' as const } }, { do: 'move' as const }];
    expect(
      words(<PaceLine heat={{ appliance: { kind: 'dehydrator', pace: 0.9 }, steps }} appliances={kit} edits={edits} />).trim(),
    ).toBe(
      'This oven: predicted at its own pace, 0.90 of the model’s. Leave it out Big oven: 4 weighed batches say it works at 0.81 of the model’s pace. Predict with it',
    );
  });
});

const JAR: JarView = {
  id: 'j',
  batch_id: 'b',
  name: 'Hillbars',
  lot: 'C26318A-1',
  packed_on: '2026-11-14',
  pieces: 110,
  left_over: 55,
  piece_g: 3.8,
  option: 'clip-jar',
  store: 'room',
  opened: false,
  thawed: false,
  limit: 'softening',
  use_by: '2026-12-14',
  likely_until: '2027-01-14',
  is_first: false,
  history: [{ on: '2026-11-20', act: 'sold', pieces: 55, price: 11, note: 'the ferry' }],
};

describe('a pack', () => {
  const sheet = (jar: JarView): string => words(<JarSheet jar={jar} today="2026-11-25" currency="GBP" onWork={nothing} />);
  it('says what is in it, until when, and what was done', () => {
    const text = sheet(JAR);
    expect(text).toMatch(/Clip jar at room heat, lot C26318A-1, packed 14 Nov 2026/);
    expect(text).toMatch(
      /55 of 110 pieces, 209 g\. Surely good until 14 Dec 2026 , likely until 14 Jan 2027, then goes soft: 19 days left/,
    );
    expect(text).toMatch(/20 Nov 2026 sold 55 for £11\.00 , the ferry/);
    expect(text).toMatch(/Open it .*Made crisp again/);
  });
  it('that is open is not opened again, and what does not soften is not crisped', () => {
    const text = sheet({ ...JAR, opened: true, limit: 'mould' });
    expect(text).not.toContain('Open it');
    expect(text).not.toContain('crisp again');
  });
  it('is drawn as full as it is', () => {
    const level = (left_over: number): number =>
      Number(/y="([\d.]+)"/.exec(drawn(<JarPicture jar={{ ...JAR, left_over }} />))?.[1]);
    expect(level(110)).toBeLessThan(level(55));
    expect(level(55)).toBeLessThan(level(1));
  });
});

describe('batches side by side', () => {
  const row = (id: string, more: Partial<LogEntryView> = {}): LogEntryView => ({
    id,
    name: `Batch ${id}`,
    recipe: 'Hillbars',
    oven: 'Big oven',
    baked_on: '2026-11-14',
    changed_at: '2026-11-14T10:00:00Z',
    forecast: { pieces: 120, snap: 9, texture: 'snaps clean', mass_loss_pct: 41, moisture_pct: 4 },
    measured: { note: 'Good', colour: 'brown', minutes: 140, thickness_mm: 6.4, dogs: [{ dog: 'Pip', verdict: 'left it' }] },
    comparison: {
      pieces: { measured: 118, likely: 120, low: 110, high: 128, inside: true },
      loss_pct: { measured: 37, likely: 41, low: 39, high: 43, inside: false },
      moisture_pct: null,
      texture: { measured: 'hard', predicted: 'snaps clean', same: false },
    },
    ...more,
  });
  const text = words(
    <CompareBatches
      entries={[row('a'), row('b', { baked_on: null, measured: null, comparison: null })]}
      changes={[[], [{ path: ['recipe', 'ingredients', 'egg_whole', 'amount'], one: 1, other: 2 }]]}
      names={{ egg_whole: 'Whole egg' }}
    />,
  );
  it('are told in what was measured, and in what was predicted where nothing was', () => {
    expect(text).toMatch(/lost in the heat 37\.0 % outside 41\.0 \(39\.0 – 43\.0\) % 41\.0 % predicted/);
    expect(text).toMatch(/in the heat 2 h 20 min –/);
    expect(text).toMatch(/dogs Pip left it –/);
  });
  it('say what was done otherwise, ingredients by their name', () => {
    expect(text).toContain('recipe, Whole egg, amount: 1, then 2');
    expect(text).toContain('the others are held against this one');
  });
});
