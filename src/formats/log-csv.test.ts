import { describe, expect, it } from 'vitest';
import { readLogCsv, toLogCsv } from './log-csv';

describe('the log as a table', () => {
  it('is read back as it was written', () => {
    const text = toLogCsv([
      {
        batch: 'a1',
        name: 'Hillbars, "first"',
        baked_on: '2026-10-17',
        pieces: 149,
        after_g: 882.5,
        texture: 'snaps clean',
        note: '=SUM(A1)',
      },
      { batch: 'a2', name: 'Rusks', baked_on: null, pieces: null, after_g: null, texture: null, note: '' },
    ]);
    const read = readLogCsv(text);
    if (!read.ok) throw new Error(read.message);
    expect(read.value[0]).toMatchObject({
      line: 2,
      batch: 'a1',
      name: 'Hillbars, "first"',
      numbers: { pieces: 149, after_g: 882.5 },
    });
    expect(read.value[1]).toMatchObject({ batch: 'a2', numbers: {}, texture: null });
    expect(text).toContain("'=SUM(A1)");
  });
  it('takes decimal commas in a table of semicolons, and leaves columns alone that it does not know', () => {
    const read = readLogCsv('name;Pieces;after_g;mood\nRusks;118;713,5;good');
    expect(read.ok && read.value[0]).toMatchObject({ name: 'Rusks', numbers: { pieces: 118, after_g: 713.5 } });
  });
  it.each([
    ['pieces,after_g\n1,2', /must name the columns/],
    ['name,pieces\nRusks,many', /Line 2: "many" in pieces/],
  ])('says what is wrong with %j', (text, sentence) => {
    const read = readLogCsv(text);
    expect(read.ok ? '' : read.message).toMatch(sentence);
  });
});
