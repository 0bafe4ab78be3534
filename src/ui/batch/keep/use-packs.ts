import { useState } from 'react';
import type { PackChoice } from '@/core/catalogue';
import type { Prediction } from '@/core/prediction';
import type { BenchProps } from '../bench-props';

/** The packs of a batch as both benches edit them, and the one that is looked at. */
export function usePacks({ document, edits, nominal }: Pick<BenchProps, 'document' | 'edits' | 'nominal'>): {
  readonly choices: readonly PackChoice[];
  readonly index: number;
  readonly pick: (index: number) => void;
  readonly set: (choices: readonly PackChoice[]) => void;
  readonly change: (next: PackChoice) => void;
  readonly add: (choice: PackChoice) => void;
} {
  const [picked, pick] = useState(0);
  const choices = document.pack && document.pack.length > 0 ? document.pack : [usualIn(nominal.prediction)];
  const index = Math.min(picked, nominal.prediction.keeps.length - 1, choices.length - 1);
  const set = (next: readonly PackChoice[]): void => edits.set(['pack'], next);
  return {
    choices,
    index,
    pick,
    set,
    change: (next) => set(choices.map((old, i) => (i === index ? next : old))),
    add: (choice) => {
      set([...choices, choice]);
      pick(choices.length);
    },
  };
}

/** How the prediction packed them where nobody has said. */
const usualIn = ({ keeps: [{ option, store }] }: Prediction): PackChoice => ({ option, store });
