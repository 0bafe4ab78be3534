import type { ReactNode } from 'react';
import type { BinKind } from '@/contract/bin';
import { ThrowAway } from './ThrowAway';

type DeleteChosenProps = {
  readonly kind: BinKind;
  /** What is ticked, by id. */
  readonly chosen: readonly string[];
  readonly onGone: () => void;
};

/** Takes away what is ticked in a list, all of it or none; not there while nothing is. */
export const DeleteChosen = ({ kind, chosen, onGone }: DeleteChosenProps): ReactNode =>
  chosen.length > 0 && (
    <ThrowAway look="small" words={`Delete ${chosen.length}`} things={chosen.map((id) => ({ kind, id }))} onGone={onGone} />
  );
