'use client';
import { useState, type ReactNode } from 'react';
import { usualGap } from '@/core/shaping';
import { Button } from '../../kit/Button';
import { NumberField } from '../../kit/NumberField';
import type { BenchProps } from '../bench-props';
import { fineLength } from '../../format/units';

const REMEMBERED = 5;

type HandGapProps = Pick<BenchProps, 'document' | 'edits' | 'habits' | 'onHabits' | 'questions'> & { readonly first: number };

/** The pieces really cut from the first roll tell the gap that this hand leaves; later counts go by it. */
export function HandGap({ document, edits, habits, onHabits, questions, first }: HandGapProps): ReactNode {
  const [cut, setCut] = useState<number | null>(null);
  const [told, setTold] = useState('');
  const known = usualGap(habits.cut_gaps_mm);
  const take = async (): Promise<void> => {
    const read = await questions.handGap(document, cut ?? first);
    if (!read) return;
    if (!read.ok) return setTold(read.message);
    const cut_gaps_mm = [...habits.cut_gaps_mm, read.value].slice(-REMEMBERED);
    onHabits({ ...habits, cut_gaps_mm });
    edits.set(['kitchen', 'hand_gap_mm'], usualGap(cut_gaps_mm) ?? undefined);
    edits.set(['shape', 'gap_mm'], undefined);
    setTold(`That is a gap of ${fineLength(read.value)}; counts go by ${fineLength(usualGap(cut_gaps_mm) ?? read.value)} now.`);
  };
  return (
    <div className="flex flex-wrap items-center gap-x-2 gap-y-1 text-[14px]">
      <NumberField
        label="Cut from the first roll"
        unit="pieces"
        width="w-9"
        value={cut ?? first}
        min={1}
        max={5000}
        onChange={setCut}
      />
      <Button look="small" onClick={() => void take()}>
        Go by my hand
      </Button>
      <span role="status" className="text-[13px] text-soft">
        {told ||
          (known === null
            ? 'Count once what you really cut: later counts use your gap.'
            : `Your hand leaves ${fineLength(known)}.`)}
      </span>
    </div>
  );
}
