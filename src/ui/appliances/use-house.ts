import type { Costs, KitView } from '@/contract/kit';
import { useRef, useState } from 'react';
import type { Places } from '@/core/calls';
import { wrongWith } from '../kit/api';
import { saveMerged } from '../kit/save-merged';

/** What belongs to the whole kitchen. */
export type House = { readonly costs: Costs; readonly places: Places };

/** Its parts, each saved by itself. */
type Parts = {
  readonly costs: Costs;
  readonly places: Places;
};
const SHOWN: { readonly [K in keyof Parts]: (part: Parts[K]) => Partial<House> } = {
  costs: (costs) => ({ costs }),
  places: (places) => ({ places }),
};

/** What belongs to the whole kitchen, and how a part of it is changed: shown at once, and saved over what stood there. */
export function useHouse(
  { costs, places, revisions }: Pick<KitView, 'costs' | 'places' | 'revisions'>,
  tell: (trouble: string | null) => void,
): { readonly house: House; readonly keep: <K extends keyof Parts>(part: K, to: Parts[K]) => void } {
  const [house, setHouse] = useState<House>({ costs, places });
  const standing = useRef<{ [K in keyof Parts]: { readonly revision: number; readonly document: Parts[K] } }>({
    costs: { revision: revisions.costs, document: costs },
    places: { revision: revisions.places, document: places },
  });
  const last = useRef<Promise<void>>(Promise.resolve());
  const keep = <K extends keyof Parts>(part: K, to: Parts[K]): void => {
    setHouse((now) => ({ ...now, ...SHOWN[part](to) }));
    // One after the other: each over what the one before left.
    last.current = last.current.then(async () => {
      const saved = await saveMerged<Parts[K]>({ route: `/api/kit/${part}`, from: standing.current[part], to });
      tell(wrongWith(saved));
      if (!saved.ok) return;
      standing.current = { ...standing.current, [part]: saved.value };
      // What another hand changed beside it comes along.
      if (saved.value.document !== to) setHouse((now) => ({ ...now, ...SHOWN[part](saved.value.document) }));
    });
  };
  return { house, keep };
}
