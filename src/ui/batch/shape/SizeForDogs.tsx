import type { ReactNode } from 'react';
import { pieceSizes, sizeVerdict, type SizeVerdict } from '@/core/cautions';
import { CautionShape } from '../../kit/CautionMark';
import type { BatchDog } from '../bench-props';
import { across, bodyMass, length } from '../../format/units';

const WORDS: Record<SizeVerdict, string> = {
  training: 'a training bit',
  throat: 'about the width of its throat: smaller or larger',
  biscuit: 'a biscuit',
  chew: 'a chew',
};

type SizeForDogsProps = {
  readonly dogs: readonly BatchDog[];
  /** Sides of the piece, longest first. */
  readonly sides_mm: readonly [number, number];
};

/** What a piece of this size is for each dog of the house. */
export function SizeForDogs({ dogs, sides_mm: [longest, second] }: SizeForDogsProps): ReactNode {
  if (dogs.length === 0) return null;
  const verdicts = dogs.map((dog) => ({ ...dog, verdict: sizeVerdict(longest, second, dog.weight_kg) }));
  const kinds = [...new Set(verdicts.map(({ verdict }) => verdict))];
  return (
    <p className="text-[14px] leading-relaxed">
      <strong>{across(longest, second)}</strong> is{' '}
      {kinds.map((kind, i) => (
        <span key={kind}>
          {i > 0 && '; '}
          {kind === 'throat' && <CautionShape severity="mind" />} {WORDS[kind]} for{' '}
          {verdicts
            .filter(({ verdict }) => verdict === kind)
            .map(({ name, weight_kg }, j) => (
              <span key={name} title={sizesOf(name, weight_kg)}>
                {j > 0 && ', '}
                {name} ({bodyMass(weight_kg)})
              </span>
            ))}
        </span>
      ))}
      .
    </p>
  );
}

function sizesOf(name: string, weight_kg: number): string {
  const { training_mm, chew_mm } = pieceSizes(weight_kg);
  return `${name}: training bits up to ${length(training_mm)}, chews from ${length(chew_mm)} in two directions`;
}
