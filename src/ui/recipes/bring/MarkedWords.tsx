'use client';
import type { ReactNode } from 'react';
import type { Mark, MarkKind } from './marks';

const LOOKS: Record<MarkKind, string> = {
  danger: 'bg-heat-pale outline-2 outline-stop',
  amount: 'bg-dough-pale',
  part: 'bg-keep-pale',
  shape: 'bg-crunch-pale',
  heat: 'bg-heat-pale',
  makes: 'bg-crunch-pale',
  keeps: 'bg-water-pale',
};

type MarkedWordsProps = {
  readonly text: string;
  readonly marks: readonly Mark[];
  /** Words of a file are shown; only typed ones are changed here. */
  readonly onText: ((text: string) => void) | null;
};

const FRAME = 'col-start-1 row-start-1 w-full px-3 py-2.5 text-[14.5px] leading-[1.7] break-words whitespace-pre-wrap font-text';

/** The baker's own words, each in the colour of what it became; typed over as any text. */
export function MarkedWords({ text, marks, onText }: MarkedWordsProps): ReactNode {
  return (
    <div className="grid min-h-72 rounded-xl border-[1.4px] border-rim/55 bg-face focus-within:border-rim">
      <div aria-hidden={onText !== null} className={`${FRAME} pointer-events-none ${onText ? 'text-transparent' : ''}`}>
        {pieces(text, marks).map(({ words, kind }, i) =>
          kind === null ? (
            words
          ) : (
            <mark key={i} data-mark={kind} className={`rounded-[5px] ${onText ? 'text-transparent' : 'text-ink'} ${LOOKS[kind]}`}>
              {words}
            </mark>
          ),
        )}
        {'\n'}
      </div>
      {onText && (
        <textarea
          aria-label="The recipe in your words"
          value={text}
          maxLength={40_000}
          onChange={({ target }) => onText(target.value)}
          spellCheck={false}
          placeholder={PLACEHOLDER}
          className={`${FRAME} relative min-h-72 resize-none overflow-hidden rounded-xl bg-transparent text-ink outline-none placeholder:text-soft`}
        />
      )}
    </div>
  );
}

const PLACEHOLDER = `Fell-end snaps

2 1/2 cups wholemeal flour
1 large egg, beaten
1/3 cup thick beetroot purée

Roll 1/4 inch thick, cut with a 2 inch cutter.
Bake at 350°F for 25-30 min, then 225°F for 2 hours.
Makes about 48. Keeps a month in a tin.`;

function pieces(text: string, marks: readonly Mark[]): Array<{ readonly words: string; readonly kind: MarkKind | null }> {
  const out: Array<{ words: string; kind: MarkKind | null }> = [];
  let at = 0;
  for (const { start, end, kind } of marks) {
    if (start > at) out.push({ words: text.slice(at, start), kind: null });
    out.push({ words: text.slice(start, end), kind });
    at = end;
  }
  return [...out, { words: text.slice(at), kind: null }];
}
