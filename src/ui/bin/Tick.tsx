import type { ReactNode } from 'react';
import { mayHere } from '../kit/role-here';

type TickProps = {
  readonly name: string;
  readonly checked: boolean;
  readonly onChange: () => void;
  /** There is more to do with what is ticked than to take it away. */
  readonly forAll?: boolean;
};

/** Chooses one thing of a list, for what is done with several together. */
export const Tick = ({ name, checked, onChange, forAll = false }: TickProps): ReactNode =>
  (forAll || mayHere('baker')) && (
    <label className="inline-grid shrink-0 print:hidden cursor-pointer place-items-center">
      <input
        type="checkbox"
        className="size-[24px] accent-current"
        aria-label={`Choose ${name}`}
        checked={checked}
        onChange={onChange}
      />
    </label>
  );
