'use client';
import { useRef, useState, type ReactNode } from 'react';
import { costReport, type CostReport } from '@/core/outcomes';
import type { BatchDocument } from '@/core/document';
import { type Candidate, type FoundProgrammes } from '@/core/search';
import { Button } from '../../kit/Button';
import { Modal } from '../../kit/Modal';
import { ProgressBar } from '../../kit/ProgressBar';
import type { BenchProps } from '../bench-props';
import { FindFilters } from './FindFilters';
import { dialHere } from '../../format/dial-words';
import { FoundOverlay } from './FoundOverlay';
import { FailedList, FoundTable } from './FoundTable';
import { usualTarget } from './wishes';
import { sentence } from '../../format/units';

type FindDialogProps = BenchProps & { readonly open: boolean; readonly onClose: () => void };

type Search =
  | { readonly kind: 'none' }
  | { readonly kind: 'running'; readonly share: number }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'wrong'; readonly message: string }
  | { readonly kind: 'found'; readonly found: FoundProgrammes };

/** Wishes in, up to four programmes out, side by side; nothing changes until one is taken. */
export function FindDialog({
  open,
  onClose,
  document,
  edits,
  nominal,
  appliances,
  costs,
  questions,
}: FindDialogProps): ReactNode {
  const dial = dialHere();
  const target = document.target ?? usualTarget(nominal.prediction);
  const { search, look, stop, reset } = useSearch(questions, { ...document, target });
  const shut = (): void => {
    stop();
    onClose();
  };
  const take = ({ heat }: Candidate): void => {
    edits.change(['heat'], () => heat);
    onClose();
  };
  return (
    <Modal open={open} onClose={shut} title="Find a programme" width="max-w-6xl">
      <FindFilters
        target={target}
        appliances={appliances}
        kind={document.heat.appliance?.kind ?? 'static-oven'}
        dial={dial}
        onTarget={(next) => {
          reset();
          edits.set(['target'], next);
        }}
      />
      <div className="flex flex-wrap items-center gap-3">
        <Button look="main" disabled={search.kind === 'running'} onClick={() => void look()}>
          Look for programmes
        </Button>
        <Progress search={search} onStop={stop} />
      </div>
      {search.kind === 'found' && (
        <Found
          found={search.found}
          costReport={(found) => costReport({ ...document, heat: found.heat }, found.prediction, costs)}
          onTake={take}
        />
      )}
      <div className="flex justify-end">
        <Button onClick={shut}>Close</Button>
      </div>
    </Modal>
  );
}

function Progress({ search, onStop }: { readonly search: Search; readonly onStop: () => void }): ReactNode {
  if (search.kind === 'wrong')
    return (
      <p role="alert" className="text-stop">
        {sentence(search.message)}
      </p>
    );
  if (search.kind === 'stopped') return <p role="status">Stopped. Your wishes are still here.</p>;
  if (search.kind !== 'running') return null;
  const percent = Math.round(100 * search.share);
  return (
    <span role="status" className="inline-flex items-center gap-2 text-[14px] text-soft">
      <ProgressBar label="Search for programmes" percent={percent} hue="heat" />
      trying programmes on this dough, {percent} %
      <Button look="small" onClick={onStop}>
        Stop
      </Button>
    </span>
  );
}

function Found({
  found,
  costReport: worth,
  onTake,
}: {
  readonly found: FoundProgrammes;
  readonly costReport: (candidate: Candidate) => CostReport | null;
  readonly onTake: (candidate: Candidate) => void;
}): ReactNode {
  const { candidates, nearest, failed, tried } = found;
  const shown = candidates.length > 0 ? candidates : nearest ? [nearest] : [];
  return (
    <section aria-label="What was found" className="flex flex-col gap-2">
      <p role="status" className="text-[15px]">
        {candidates.length > 0
          ? `${candidates.length === 1 ? 'One programme' : `${candidates.length} programmes`} of ${tried} tried will do, the best first.`
          : `None of ${tried} programmes reaches all that. This one comes nearest:`}
      </p>
      {shown.length > 0 && (
        <>
          <FoundTable candidates={shown} costReport={worth} onTake={onTake} />
          <FoundOverlay candidates={shown} />
        </>
      )}
      <FailedList failed={failed} />
    </section>
  );
}

/** Looks for programmes; a search that is left is stopped. */
function useSearch(
  questions: BenchProps['questions'],
  asked: BatchDocument,
): { readonly search: Search; readonly look: () => Promise<void>; readonly stop: () => void; readonly reset: () => void } {
  const [search, setSearch] = useState<Search>({ kind: 'none' });
  const searching = useRef<AbortController | null>(null);
  const look = async (): Promise<void> => {
    setSearch({ kind: 'running', share: 0 });
    const controller = new AbortController();
    searching.current = controller;
    const answer = await questions.programmes(asked, (share) => setSearch({ kind: 'running', share }), controller.signal);
    if (!answer) setSearch({ kind: 'stopped' });
    else setSearch(answer.ok ? { kind: 'found', found: answer.value } : { kind: 'wrong', message: answer.message });
  };
  return { search, look, stop: () => searching.current?.abort(), reset: () => setSearch({ kind: 'none' }) };
}
