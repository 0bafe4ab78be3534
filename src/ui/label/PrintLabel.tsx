'use client';
import { counted } from '@/core/quantities';
import type { PrinterView } from '@/contract/label';
import { useEffect, useState, type ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { Button, buttonClass } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { NumberField } from '../kit/NumberField';
import { call, wrongWith } from '../kit/api';

type PrintLabelProps = { readonly batchId: string; readonly blocked: boolean; readonly suggested: number };

const SHEETS = [
  { value: 'single', name: 'one on a page' },
  { value: 'a4', name: 'A4 sheets' },
  { value: 'letter', name: 'Letter sheets' },
] as const;
const LOOK_MS = 700;

/** Prints: as PDF at true size, as SVG, or on the label printer, which here is a stand-in that can be worked by hand. */
export function PrintLabel({ batchId, blocked, suggested }: PrintLabelProps): ReactNode {
  const [count, setCount] = useState(suggested);
  const [sheet, setSheet] = useState<(typeof SHEETS)[number]['value']>('single');
  const address = `/api/batches/${batchId}/label`;
  return (
    <div className="flex flex-col gap-2 border-t border-hair pt-3 text-[14.5px]">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
        <NumberField label="labels" value={count} min={1} max={500} width="w-9" onChange={setCount} />
        <Choice label="on" value={sheet} options={SHEETS} onChange={setSheet} />
        {blocked ? (
          <span className="text-stop">nothing is printed while a stop stands or the text does not fit</span>
        ) : (
          <>
            <a className={buttonClass('main')} href={`${address}?as=pdf&sheet=${sheet}&count=${count}`} download>
              PDF
            </a>
            <a className={buttonClass()} href={`${address}?as=svg`} download>
              SVG
            </a>
          </>
        )}
      </div>
      <PrinterLine batchId={batchId} blocked={blocked} count={count} />
    </div>
  );
}

const TROUBLE_WORDS: Record<NonNullable<PrinterView['trouble']>, string> = {
  unplugged: 'not plugged in',
  open: 'its lid is open',
  'out-of-labels': 'no labels left',
};

/** The label printer: what it does, and its levers. */
function PrinterLine({
  batchId,
  blocked,
  count,
}: {
  readonly batchId: string;
  readonly blocked: boolean;
  readonly count: number;
}): ReactNode {
  const [printer, setPrinter] = useState<PrinterView | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const busy = (printer?.waiting ?? 0) > 0;
  const work = async (body: object): Promise<void> => {
    const answer = await call<PrinterView>('/api/label-printer', { body });
    setWrong(wrongWith(answer));
    if (answer.ok) setPrinter(answer.value);
  };
  useEffect(() => {
    // At once when the page opens, and every moment while it prints.
    const look = (): void => void work({ do: 'state' });
    const [first, timer] = [setTimeout(look, 0), busy ? setInterval(look, LOOK_MS) : undefined];
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, [busy]);
  const trouble = printer?.trouble ?? null;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
      <Button disabled={blocked || busy} onClick={() => void work({ do: 'print', batch: batchId, count })}>
        Print on the label printer
      </Button>
      {printer && (
        <p role="status" className={trouble ? 'text-mind' : 'text-soft'}>
          {trouble
            ? TROUBLE_WORDS[trouble]
            : busy
              ? `printing, ${printer.waiting} to come`
              : `ready, ${counted(printer.left, 'label')} on the roll`}
        </p>
      )}
      <PrinterButtons trouble={trouble} work={work} />
      <Alert look="line" className="w-full">
        {wrong}
      </Alert>
    </div>
  );
}

type PrinterButtonsProps = { readonly trouble: PrinterView['trouble']; readonly work: (body: object) => Promise<void> };

/** The stand-in's plug, lid and roll. */
function PrinterButtons({ trouble, work }: PrinterButtonsProps): ReactNode {
  return (
    <span className="flex gap-1.5">
      {trouble === 'unplugged' ? (
        <Button look="small" onClick={() => void work({ do: 'plug' })}>
          Plug it in
        </Button>
      ) : (
        <Button look="small" onClick={() => void work({ do: 'unplug' })}>
          Unplug
        </Button>
      )}
      <Button look="small" onClick={() => void work({ do: trouble === 'open' ? 'close' : 'open' })}>
        {trouble === 'open' ? 'Close the lid' : 'Open the lid'}
      </Button>
      <Button look="small" onClick={() => void work({ do: 'load' })}>
        New roll
      </Button>
    </span>
  );
}
