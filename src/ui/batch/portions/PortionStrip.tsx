import { counted } from '@/core/quantities';
import { Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Shape } from '@/core/catalogue';
import type { BatchDocument, Portion } from '@/core/document';
import { mass } from '../../format/units';
import { Button } from '../../kit/Button';
import type { Edits } from '../use-batch';
import { PortionFields } from './PortionFields';
import type { Portions } from './use-portions';

type PortionStripProps = {
  readonly document: BatchDocument;
  readonly portions: Portions;
  /** Edits of the whole batch. */
  readonly edits: Edits;
  /** Whether the portion that is open can be changed here. */
  readonly withFields: boolean;
};

/** What is made of the bowl: one tab a portion, and how much of the bowl the open one takes. */
export function PortionStrip({ document, portions, edits, withFields }: PortionStripProps): ReactNode {
  const { portions: all = [] } = document;
  const { at, open, whole } = portions;
  if (at === null)
    return withFields ? (
      <div className="mb-2 flex flex-wrap items-center gap-3 text-[14px]">
        <Button look="small" onClick={() => edits.set(['portions'], SHARED_OUT)}>
          <Plus aria-hidden size={14} /> another shape from this bowl
        </Button>
        <span className="text-soft">minis from a share of it, balls from the rest: each with its count, programme and packs</span>
      </div>
    ) : null;
  return (
    <div className="mb-2.5 flex flex-col gap-2 rounded-2xl border border-hair bg-enamel px-3 py-2">
      <div className="flex flex-wrap items-center gap-1.5">
        <div role="tablist" aria-label="Portions of the bowl" className="flex flex-wrap items-center gap-1.5">
          {all.map(({ name }, i) => {
            const told = whole?.portions[i];
            return (
              <button
                key={name}
                type="button"
                role="tab"
                aria-selected={i === at}
                onClick={() => open(i)}
                className={`rounded-[10px] border-[1.4px] px-3 py-1 text-left leading-tight ${i === at ? 'border-rim bg-face font-semibold' : 'border-hair'}`}
              >
                {name}
                <span className="block text-[13px] font-normal text-soft">
                  {told ? `${mass(told.dough_g)} · ${counted(told.yield.pieces, 'piece')}` : '…'}
                </span>
              </button>
            );
          })}
        </div>
        {withFields && (
          <Button look="small" onClick={() => add(edits, all, open)}>
            <Plus aria-hidden size={14} /> portion
          </Button>
        )}
        <span className="flex-1" />
        {whole && (
          <span className="text-[14px] text-soft">
            {counted(whole.yield.pieces, 'piece')} of {mass(whole.dough.mass_g)} on {counted(whole.yield.trays, 'tray')}
          </span>
        )}
      </div>
      {withFields && <PortionFields document={document} portion={all[at]} at={at} edits={edits} />}
    </div>
  );
}

const MINIS: Shape = { method: 'roll-and-cut', thickness_mm: 4, cutter: { outline: 'circle', length_mm: 20 } };
/** The bowl as it was, and minis from a quarter of it. */
const SHARED_OUT: readonly Portion[] = [
  { name: 'Big ones', rest: true },
  { name: 'Minis', share_pct: 25, shape: MINIS },
];

function add(edits: Edits, all: readonly Portion[], open: (at: number) => void): void {
  const names = new Set(all.map(({ name }) => name));
  const name = Array.from({ length: all.length + 1 }, (_, i) => `Portion ${i + 1}`).find((one) => !names.has(one)) ?? 'Portion';
  edits.set(['portions'], [...all, { name, share_pct: 10, shape: { method: 'ball' } }]);
  open(all.length);
}
