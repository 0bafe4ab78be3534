import { describe, expect, it } from 'vitest';
import { scaleStream, workScale } from './scale-stream';

type Heard = { readonly event: string; readonly grams?: number };

/** What a page would hear: events until enough of them are there. */
async function hear(count: number, during: () => void = () => undefined): Promise<Heard[]> {
  const stop = new AbortController();
  const reader = scaleStream(stop.signal).getReader();
  const decoder = new TextDecoder();
  const heard: Heard[] = [];
  let text = '';
  during();
  while (heard.length < count) {
    const { value, done } = await reader.read();
    if (done) break;
    text += decoder.decode(value, { stream: true });
    const blocks = text.split('\n\n');
    text = blocks.pop() ?? '';
    for (const block of blocks) {
      const found = /^event: (\w+)\ndata: (.*)$/.exec(block);
      if (found) heard.push({ event: found[1], ...(JSON.parse(found[2]) as object) });
    }
  }
  stop.abort();
  return heard;
}

describe('the scale over its stream', () => {
  it('tells its readings as they come, and what is put on shows', async () => {
    workScale({ do: 'plug' });
    workScale({ do: 'tare' });
    const heard = await hear(9, () => void workScale({ do: 'put', grams: 200 }));
    expect(new Set(heard.map(({ event }) => event))).toEqual(new Set(['reading']));
    expect(heard[0].grams).toBeLessThan(heard[8].grams ?? 0);
    workScale({ do: 'put', grams: -200 });
  });
  it('is silent while it is unplugged, and speaks again', async () => {
    workScale({ do: 'unplug' });
    expect((await hear(2)).map(({ event }) => event)).toEqual(['silent', 'silent']);
    workScale({ do: 'plug' });
    expect((await hear(1))[0].event).toBe('reading');
  });
  it('two pages hear at once, and one that leaves does not stop the other', async () => {
    const [first, second] = await Promise.all([hear(1), hear(3)]);
    expect([first.length, second.length]).toEqual([1, 3]);
  });
  it.each([
    ['an unknown order', { do: 'dance' }, 'do'],
    ['more than a pan bears', { do: 'put', grams: 90_000 }, 'grams'],
    ['nothing to put', { do: 'put' }, 'grams'],
  ])('%s is refused by its key', (_, body, path) => expect(workScale(body)).toMatchObject({ ok: false, path }));
});
