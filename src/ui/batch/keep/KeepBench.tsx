'use client';
import type { ReactNode } from 'react';
import { PACK_NAMES, STORE_NAMES } from '../../format/words';
import { Button } from '../../kit/Button';
import { CautionsOf } from '../../kit/CautionMark';
import { NumberField } from '../../kit/NumberField';
import { BenchHead } from '../BenchHead';
import type { BenchProps } from '../bench-props';
import { AdviceLines } from './AdviceLines';
import { Afterwards } from './Afterwards';
import { Gains } from './Gains';
import { LifeChart } from './LifeChart';
import { PackList } from './PackList';
import { shownKeeps } from '../shown-keeps';
import { usePacks } from './use-packs';
import { limits } from '../../kit/limits';
import { KITCHEN } from '@/core/document';
import { moisture, sentence } from '../../format/units';
import { InNumbers, someOf } from '../../kit/InNumbers';

const CHART_PX = 210;

/** The keep station: how long each pack keeps, what ends it first, and what would buy more. */
export function KeepBench(props: BenchProps): ReactNode {
  const { document, edits, nominal, banded, bandIsOld } = props;
  const { choices, index, pick, set, change, add } = usePacks(props);
  const { prediction, drawing } = nominal;
  const shown = shownKeeps(prediction, banded, bandIsOld);
  const advice = banded && !bandIsOld ? banded.advice : [];
  const keeps = shown[index];
  const curve = drawing.lifeCurves[index];
  const opened = choices[index].openings_per_day ?? 1;
  return (
    <div className="flex flex-col gap-2.5">
      <KeepHead document={document} edits={edits} onAnother={() => add({ option: 'foil-pouch', store: 'room' })} />
      <PackList choices={choices} keeps={shown} picked={index} onPick={pick} onChoices={set} />
      <AdviceLines advice={advice} edits={edits} />
      <div className="grid grid-cols-1 gap-x-5 gap-y-2 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        {keeps && curve && (
          <figure className="rounded-2xl border border-hair px-2 pt-2">
            <figcaption className="px-2 text-[14px]">
              <strong>{PACK_NAMES[keeps.option]}</strong> {STORE_NAMES[keeps.store]}, {openedWords(opened)}: {sentence(keeps.why)}
            </figcaption>
            <LifeChart curve={curve} keeps={keeps} height={CHART_PX} />
            <InNumbers
              of="Water in the pack"
              numbers={{
                heads: ['day', 'water'],
                rows: someOf(curve.points).map(({ day, moisture_pct }) => [String(Math.round(day)), moisture(moisture_pct)]),
              }}
            />
          </figure>
        )}
        <Gains
          {...props}
          choice={choices[index]}
          index={index}
          onChoice={change}
          advised={index === 0 ? advice.map(({ code }) => code) : []}
        />
      </div>
      <section aria-label="Afterwards">
        <Afterwards prediction={prediction} index={index} />
      </section>
      <CautionsOf cautions={prediction.cautions} steps={['keep', 'feed']} />
    </div>
  );
}

const openedWords = (times: number): string =>
  times === 0 ? 'never opened' : times === 1 ? 'opened once a day' : `opened ${times} times a day`;

type KeepHeadProps = Pick<BenchProps, 'document' | 'edits'> & { readonly onAnother: () => void };

/** The air that packs stand in, and one more pack. */
function KeepHead({ document, edits, onAnother }: KeepHeadProps): ReactNode {
  const { room_c = 20, room_rh_pct = 50 } = document.kitchen ?? {};
  return (
    <BenchHead title="Keep" about="print the low end of the band as the best-before">
      <NumberField
        label="the room is at"
        unit="°C"
        value={room_c}
        {...limits(KITCHEN.fields.room_c)}
        width="w-7"
        onChange={(c) => edits.set(['kitchen', 'room_c'], c)}
      />
      <NumberField
        label="and"
        unit="% damp"
        value={room_rh_pct}
        {...limits(KITCHEN.fields.room_rh_pct)}
        width="w-7"
        onChange={(pct) => edits.set(['kitchen', 'room_rh_pct'], pct)}
      />
      <Button look="small" onClick={onAnother}>
        + another pack
      </Button>
    </BenchHead>
  );
}
