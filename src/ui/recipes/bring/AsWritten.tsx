'use client';
import { useEffect, useState, type ReactNode } from 'react';
import { acceptAssumed, stillAssumed, type BatchDocument } from '@/core/document';
import type { Prediction } from '@/core/prediction';
import type { Questions } from '../../batch/use-batch';
import { duration, range, sentence, span } from '../../format/units';
import { ENDS, STORE_NAMES } from '../../format/words';
import { Button } from '../../kit/Button';
import { countFixes, type CountFix } from './count-fixes';

type AsWrittenProps = {
  readonly document: BatchDocument;
  readonly nominal: Prediction;
  readonly banded: Prediction | null;
  readonly bandIsOld: boolean;
  readonly questions: Questions;
  /** Puts a change of the document through; null where nothing can be changed here. */
  readonly onDocument: ((document: BatchDocument) => void) | null;
};

/** What the recipe promises beside what this dough does in this kitchen, and the smallest change that makes it true. */
export function AsWritten({ document, nominal, banded, bandIsOld, questions, onDocument }: AsWrittenProps): ReactNode {
  const bands = banded && !bandIsOld ? banded : null;
  return (
    <div className="flex flex-col gap-2.5">
      <h2 className="text-[18px]">What it promises, and what it gives here</h2>
      <Table {...{ document, nominal, bands }} />
      <MakeItTrue {...{ document, nominal, bands, questions, onDocument }} />
      <AssumedLine document={document} onDocument={onDocument} />
    </div>
  );
}

type TableProps = Pick<AsWrittenProps, 'document' | 'nominal'> & { readonly bands: Prediction | null };

function Table({ document, nominal, bands }: TableProps): ReactNode {
  const { promises } = document.recipe;
  const out = bands?.yield ?? nominal.yield;
  const { outcome } = bands ?? nominal;
  return (
    <table className="w-full border-collapse text-[14.5px]">
      <thead>
        <tr className="text-left text-[13.5px] text-soft">
          <th scope="col">
            <span className="sr-only">What</span>
          </th>
          <th scope="col" className="font-normal">
            as written
          </th>
          <th scope="col" className="font-normal">
            in this kitchen
          </th>
        </tr>
      </thead>
      <tbody>
        <Compare name="pieces" written={countWords(promises)} test="pieces">
          <strong className="text-dough">{out.pieces}</strong> {bands && <small>{range(out.pieces_low, out.pieces_high)}</small>}
        </Compare>
        <Compare name="bite" written="–" test="snap">
          <strong className="text-crunch">{outcome.texture}</strong>
          <small className="block">Snap {bands ? range(outcome.snap_low, outcome.snap_high, 1) : outcome.snap.toFixed(1)}</small>
        </Compare>
        {(bands ?? nominal).keeps.map((keeps, i) => {
          const promised = promises?.keeps?.find(({ store }) => store === keeps.store);
          return (
            <Compare
              key={`${keeps.option}-${keeps.store}`}
              name={`keeps ${STORE_NAMES[keeps.store]}`}
              written={promised ? promisedSpan(promised.days) : '–'}
              test={i === 0 ? 'keeps' : undefined}
            >
              <strong className="text-keep">{span(keeps.days)}</strong>
              <small className="block">
                {bands && `${span(keeps.days_low)} – ${span(keeps.days_high)}, `}
                {ENDS[keeps.limit]}
              </small>
            </Compare>
          );
        })}
        <Compare name="time" written={promises?.minutes ? duration(promises.minutes) : '–'}>
          <strong>{duration(nominal.heat.all_loads_minutes)}</strong>{' '}
          {nominal.heat.loads > 1 && <small>{nominal.heat.loads} loads</small>}
        </Compare>
      </tbody>
    </table>
  );
}

function Compare({
  name,
  written,
  test,
  children,
}: {
  readonly name: string;
  readonly written: string;
  readonly test?: string | undefined;
  readonly children: ReactNode;
}): ReactNode {
  return (
    <tr className="border-t border-hair align-baseline" data-promise={test}>
      <th scope="row" className="py-1.5 pr-2 text-left font-normal text-soft">
        {name}
      </th>
      <td className="pr-2">{written}</td>
      <td>{children}</td>
    </tr>
  );
}

/** As recipes say it: 30 days are a month, 14 are two weeks. */
function promisedSpan(days: number): string {
  const [count, unit] =
    days % 365 === 0
      ? [days / 365, 'year']
      : days % 30 === 0
        ? [days / 30, 'month']
        : days % 7 === 0
          ? [days / 7, 'week']
          : [days, 'day'];
  return `${count} ${unit}${count === 1 ? '' : 's'}`;
}

const countWords = (promises: BatchDocument['recipe']['promises']): string =>
  promises?.pieces !== undefined
    ? String(promises.pieces)
    : promises?.servings !== undefined
      ? `${promises.servings} servings`
      : '–';

type MakeItTrueProps = Pick<AsWrittenProps, 'document' | 'nominal' | 'questions' | 'onDocument'> & {
  readonly bands: Prediction | null;
};

/** Counts this near are as promised [1]. Source: ours; nobody counts closer. */
const NEAR_COUNT = 0.06;

/** The smallest change for each promise that does not hold, with what it gives. */
function MakeItTrue({ document, nominal, bands, questions, onDocument }: MakeItTrueProps): ReactNode {
  const promised = document.recipe.promises?.pieces;
  const off = promised !== undefined && Math.abs(nominal.yield.pieces / promised - 1) > NEAR_COUNT;
  const fixes = useFixes(off ? document : null, nominal.yield.pieces, questions);
  const advice = bands?.advice[0];
  return (
    <div className="space-y-1.5 text-[14.5px]" aria-live="polite">
      {off && (
        <p>
          <strong>For {promised}:</strong>{' '}
          {fixes === null ? (
            <span className="text-soft">trying what would give them …</span>
          ) : fixes.length === 0 ? (
            'no small change of thickness or cutter gives that count; make more or less of the dough.'
          ) : (
            fixes.map(({ words, pieces, document: fixed }, i) => (
              <span key={words}>
                {i > 0 && ', or '}
                {onDocument ? (
                  <Button look="small" onClick={() => onDocument(fixed)}>
                    {words}
                  </Button>
                ) : (
                  words
                )}{' '}
                <small className="text-soft">gives {pieces}</small>
              </span>
            ))
          )}
        </p>
      )}
      {advice && (
        <p>
          <strong>To be surer:</strong> {sentence(advice.text)}
        </p>
      )}
    </div>
  );
}

/** Changes that give the promised count, tried on the models; null while they are tried. */
function useFixes(document: BatchDocument | null, pieces: number, questions: Questions): readonly CountFix[] | null {
  const [found, setFound] = useState<{ readonly of: BatchDocument; readonly fixes: readonly CountFix[] } | null>(null);
  useEffect(() => {
    if (!document) return;
    let wanted = true;
    void countFixes(document, pieces, async (tried) => {
      const answer = await questions.other(tried);
      return answer?.ok ? answer.value.prediction.yield.pieces : null;
    }).then((fixes) => wanted && setFound({ of: document, fixes }));
    return () => {
      wanted = false;
    };
  }, [document, pieces, questions]);
  return found && found.of === document ? found.fixes : null;
}

function AssumedLine({ document, onDocument }: Pick<AsWrittenProps, 'document' | 'onDocument'>): ReactNode {
  const count = stillAssumed(document).length;
  if (count === 0) return null;
  const them = count === 1 ? 'it' : 'them';
  return (
    <p className="text-[14px] text-soft">
      {count === 1 ? 'One thing is' : `${count} things are`}{' '}
      <span className="underline decoration-mind-fill decoration-dotted decoration-2 underline-offset-4">assumed</span>: no words
      say {them}.{' '}
      {onDocument && (
        <Button look="small" onClick={() => onDocument(acceptAssumed(document))}>
          Accept {them}
        </Button>
      )}
    </p>
  );
}
