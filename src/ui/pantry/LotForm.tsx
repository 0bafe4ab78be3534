'use client';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { waterByDrying } from '@/core/pantry';
import { Button } from '../kit/Button';
import { DateField } from '../kit/DateField';
import { OptionalNumber } from '../kit/OptionalNumber';
import { call } from '../kit/api';

type LotFormProps = {
  readonly ingredient: string;
  /** A wet thing: its water may be weighed. */
  readonly wet: boolean;
  readonly today: string;
  readonly currency: string;
};

/** Takes a lot into the house; for wet by-products with a sample that was weighed, dried hard and weighed again. */
export function LotForm({ ingredient, wet, today, currency }: LotFormProps): ReactNode {
  const router = useRouter();
  const [left_g, setLeft] = useState<number | null>(null);
  const [paid, setPaid] = useState<number | null>(null);
  const [best_before, setBestBefore] = useState('');
  const [note, setNote] = useState('');
  const [wet_g, setWet] = useState<number | null>(null);
  const [dry_g, setDry] = useState<number | null>(null);
  const [said, setSaid] = useState('');
  const save = async (): Promise<void> => {
    if (left_g === null || !(left_g > 0)) return setSaid('Say how much there is.');
    const lot = { ingredient, left_g, got_on: today, best_before: best_before || null, note, ...(paid === null ? {} : { paid }) };
    const saved = await call('/api/pantry/lots', {
      body: wet_g !== null && dry_g !== null ? { ...lot, sample: { wet_g, dry_g } } : lot,
    });
    setSaid(saved.ok ? 'It is on the shelf.' : saved.message);
    if (!saved.ok) return;
    setLeft(null);
    setPaid(null);
    setNote('');
    router.refresh();
  };
  return (
    <form
      aria-label="Take a lot into the house"
      className="mt-1.5 flex flex-wrap items-center gap-x-2 gap-y-1.5 rounded-2xl border border-hair bg-enamel px-3 py-2 text-[14px]"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <span className="text-soft">There is more:</span>
      <OptionalNumber label="How much there is" unit="g" placeholder="–" max={100000} value={left_g} onChange={setLeft} />
      <span className="text-soft">paid</span>
      <OptionalNumber label="What was paid for it" unit={currency} placeholder="–" max={10000} value={paid} onChange={setPaid} />
      <DateField shown label="best before" value={best_before} from={today} onChange={setBestBefore} />
      <input
        aria-label="Note on the lot"
        placeholder="note"
        maxLength={300}
        value={note}
        onChange={({ target }) => setNote(target.value)}
        className="w-32 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5"
      />
      {wet && <DryTest wet_g={wet_g} dry_g={dry_g} onWet={setWet} onDry={setDry} />}
      <Button type="submit" look="small">
        Put it on the shelf
      </Button>
      <span role="status" className="text-soft">
        {said}
      </span>
    </form>
  );
}

type DryTestProps = {
  readonly wet_g: number | null;
  readonly dry_g: number | null;
  readonly onWet: (grams: number | null) => void;
  readonly onDry: (grams: number | null) => void;
};

/** Water of a lot, from a sample weighed wet and dried hard. */
function DryTest({ wet_g, dry_g, onWet, onDry }: DryTestProps): ReactNode {
  const tested = wet_g !== null && dry_g !== null ? waterByDrying(wet_g, dry_g) : null;
  return (
    <span className="flex w-full flex-wrap items-center gap-2 border-t border-hair pt-1.5">
      <span className="text-soft">Weigh-dry test: a sample of</span>
      <OptionalNumber label="Sample wet" unit="g" placeholder="20" max={5000} value={wet_g} onChange={onWet} />
      <span className="text-soft">dried hard weighs</span>
      <OptionalNumber label="Sample dry" unit="g" placeholder="–" max={5000} value={dry_g} onChange={onDry} />
      {tested && (
        <span role="status" className={tested.ok ? 'font-semibold text-water' : 'text-stop'}>
          {tested.ok
            ? `${tested.value.water_pct.toFixed(1)} % water, ± ${tested.value.halfWidth_pct.toFixed(1)} by the scale`
            : tested.message}
        </span>
      )}
    </span>
  );
}
