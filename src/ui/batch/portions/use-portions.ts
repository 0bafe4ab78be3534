import { useEffect, useMemo, useState } from 'react';
import type { BatchDocument } from '@/core/document';
import type { Failure } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import type { Prediction } from '@/core/prediction';
import type { Edits, Looking, Questions } from '../use-batch';
import { portionEdits } from './portion-edits';
import type * as Sharing from './sharing';

/** A bowl in portions as the page looks at it: one of them at a time, and all of them together. */
export type Portions = {
  /** Which portion is looked at; null where the bowl is not shared out. */
  readonly at: number | null;
  readonly open: (at: number) => void;
  /** All of them; null until it is worked out, and where the bowl is not shared out. */
  readonly whole: Prediction | null;
  /** Edits as the benches make them that look at one portion. */
  readonly edits: Edits;
  /** Why the bowl cannot be shared out so; null where it can. */
  readonly wrong: Failure | null;
};

type Shown = { readonly whole: BatchDocument; readonly edits: Edits; readonly looking: Looking; readonly questions: Questions };

export function usePortions({ whole: document, edits, looking, questions }: Shown, pantry: Pantry): Portions {
  const [picked, open] = useState(0);
  const count = document.portions?.length ?? 0;
  const at = count === 0 ? null : Math.min(picked, count - 1);
  const sharing = useSharing(count > 0 || (document.pack ?? []).some(({ portion }) => portion !== undefined));
  useEffect(() => {
    if (!sharing && at !== null) return;
    looking.look((all) => {
      const portions = at === null ? null : sharing?.portionsOf(all, { pantry });
      return portions?.ok ? (portions.value[at ?? 0] ?? portions.value[0]).document : all;
    });
  }, [looking, pantry, at, sharing]);
  const wrong = useMemo(() => {
    const portions = sharing?.portionsOf(document, { pantry });
    return !portions || portions.ok ? null : portions;
  }, [document, pantry, sharing]);
  const mine = useMemo(() => {
    if (at === null) return edits;
    const share = (): number => {
      const portions = sharing?.portionsOf(edits.newest(), { pantry });
      return portions?.ok ? portions.value[at].share : 1;
    };
    return portionEdits(edits, at, looking.shown, share);
  }, [edits, looking, pantry, at, sharing]);
  return { at, open, whole: useWhole(document, count > 0, questions), edits: mine, wrong };
}

/** How a bowl is shared out, which few are: it takes half of the simulation along, and is loaded where it is needed. */
function useSharing(needed: boolean): typeof Sharing | null {
  const [sharing, setSharing] = useState<typeof Sharing | null>(null);
  useEffect(() => {
    if (needed) void import('./sharing').then(setSharing);
  }, [needed]);
  return sharing;
}

/** A hand that has not moved for so long rests [ms]. Source: ours. */
const REST_MS = 120;

/** All portions together, worked out anew after every change; the last one that worked stays in view. */
function useWhole(document: BatchDocument, shared: boolean, questions: Questions): Prediction | null {
  const [whole, setWhole] = useState<Prediction | null>(null);
  useEffect(() => {
    if (!shared) return undefined;
    let open = true;
    // Every portion is worked out for it: while something is dragged, only where the hand rests.
    const rest = setTimeout(() => {
      void questions.whole(document).then((answer) => {
        if (open && answer?.ok) setWhole(answer.value);
      });
    }, REST_MS);
    return () => {
      open = false;
      clearTimeout(rest);
    };
  }, [document, shared, questions]);
  return shared ? whole : null;
}
