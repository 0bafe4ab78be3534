'use client';
import dynamic from 'next/dynamic';
import { Link } from '../../kit/Link';
import { useState, type ReactNode } from 'react';
import type { PackChoice } from '@/core/catalogue';
import { BATCH } from '@/core/document';
import { counted } from '@/core/quantities';
import type { Keeps } from '@/core/prediction';
import { mass, volume } from '../../format/units';
import { PACK_NAMES, STORE_NAMES } from '../../format/words';
import { Button, buttonClass } from '../../kit/Button';
import { CautionShape, CautionsOf } from '../../kit/CautionMark';
import { NumberField } from '../../kit/NumberField';
import { TextField } from '../../kit/TextField';
import { limits } from '../../kit/limits';
import { BenchHead } from '../BenchHead';
import type { BenchProps } from '../bench-props';
import { PackFields } from './PackFields';
import { PackList } from './PackList';
import { shownKeeps } from '../shown-keeps';
import { packsShort, sizesOf, type PacksShort } from './house-packs';
import { onePack } from './new-pack';
import { usePacks } from './use-packs';

/** Loaded once it is opened. */
const WorthDialog = dynamic(() => import('../worth/WorthDialog').then((dialog) => dialog.WorthDialog), { ssr: false });

/** The pack station: portions, packs side by side, label and price. */
export function PackBench(props: BenchProps): ReactNode {
  const { nominal, banded, bandIsOld, batchId, costs } = props;
  const house = costs.packs_in_house ?? [];
  const { choices, index, pick, set, change, add } = usePacks(props);
  const [costing, setCosting] = useState(false);
  const { keeps, yield: out } = nominal.prediction;
  return (
    <div className="flex flex-col gap-3">
      <BenchHead title="Pack" about="cold, then closed; counted packs first, the next takes the rest">
        <Button look="small" onClick={() => add(onePack(nominal.prediction, 'zip-bag', 40, house))}>
          + a bag
        </Button>
        <Button look="small" onClick={() => add(onePack(nominal.prediction, 'foil-pouch', 60, house))}>
          + another pack
        </Button>
        <Button look="small" onClick={() => setCosting(true)}>
          What it costs
        </Button>
        <Link className={buttonClass('small')} href={`/batch/${batchId}/label`}>
          Label
        </Link>
        <Link className={buttonClass('small')} href={`/batch/${batchId}/sheet`}>
          Run sheet
        </Link>
      </BenchHead>
      <PackList
        choices={choices}
        keeps={shownKeeps(nominal.prediction, banded, bandIsOld)}
        picked={index}
        onPick={pick}
        onChoices={set}
      />
      <PackFields
        key={`${index} ${choices[index].option}`}
        choice={choices[index]}
        sizes={sizesOf(house, choices[index].option)}
        onChange={change}
      />
      <Short short={packsShort(choices, keeps, house)} />
      <TakenFrom choices={choices} keeps={keeps} set_aside={out.set_aside} />
      <SetAside {...props} />
      {keeps[index] && <Filled keeps={keeps[index]} isCounted={choices[index].packs !== undefined} piece_g={out.piece_final_g} />}
      <CautionsOf cautions={nominal.prediction.cautions} steps={['pack']} />
      {costing && <WorthDialog {...props} pack={index} onClose={() => setCosting(false)} />}
    </div>
  );
}

/** Packs that are not in the house; nothing where all are. */
function Short({ short }: { readonly short: readonly PacksShort[] }): ReactNode {
  if (short.length === 0) return null;
  return (
    <p className="text-[14px] text-mind" role="status">
      <CautionShape severity="mind" />{' '}
      {short
        .map(({ option, volume_ml, needed, there }) => {
          const size = `${PACK_NAMES[option].toLowerCase()} of ${volume(volume_ml)}`;
          return `${needed} × ${size} are filled and ${there === 0 ? 'none is' : `${there} are`} in the house`;
        })
        .join('; ')}
      : take another size, or bring more (Kit).
    </p>
  );
}

type TakenFromProps = {
  readonly choices: readonly PackChoice[];
  readonly keeps: readonly Keeps[];
  readonly set_aside: number;
};

/** That all pieces are packed, and where the counted ones come from. */
function TakenFrom({ choices, keeps, set_aside }: TakenFromProps): ReactNode {
  const first = keeps.filter((_, i) => choices[i]?.packs !== undefined);
  const taken = first.reduce((sum, { pieces }) => sum + pieces, 0);
  const rest = keeps.find(({ pieces }, i) => choices[i]?.packs === undefined && pieces > 0);
  const all = keeps.reduce((sum, { pieces }) => sum + pieces, 0);
  return (
    <p role="status" className="text-[14px] text-soft">
      {counted(all, 'piece')} packed, {set_aside > 0 ? `${set_aside} kept out` : 'none over'}
      {taken > 0 &&
        rest &&
        `: ${taken} counted ones first, the other ${rest.pieces} into the ${PACK_NAMES[rest.option].toLowerCase()}`}
      .
    </p>
  );
}

/** Treats that go into no pack, and what they are for. */
function SetAside({ document, edits }: Pick<BenchProps, 'document' | 'edits'>): ReactNode {
  const { set_aside } = document;
  const { fields } = BATCH.fields.set_aside;
  const onCake = edits.newest().portions?.find(({ round }) => round !== undefined && set_aside?.for === `round ${round}`);
  if (set_aside && onCake)
    return (
      <p className="text-[14px] text-soft">
        {counted(set_aside.pieces, 'piece')} go {set_aside.for}.
      </p>
    );
  return (
    <div className="flex flex-wrap items-center gap-2 text-[14px]">
      <NumberField
        label="Kept out of the packs"
        unit="pieces"
        value={set_aside?.pieces ?? 0}
        {...limits(fields.pieces)}
        width="w-10"
        onChange={(pieces) => edits.set(['set_aside'], pieces === 0 ? undefined : { ...set_aside, pieces })}
      />
      {set_aside && (
        <TextField
          label="What they are for"
          value={set_aside.for ?? ''}
          placeholder="for a cake, for tasting"
          maxLength={fields.for.max}
          onChange={(words) => edits.set(['set_aside'], { pieces: set_aside.pieces, ...(words === '' ? {} : { for: words }) })}
        />
      )}
    </div>
  );
}

/** What is in a pack, what is over, and how full it is. */
function Filled({
  keeps,
  isCounted,
  piece_g,
}: {
  readonly keeps: Keeps;
  readonly isCounted: boolean;
  readonly piece_g: number;
}): ReactNode {
  const { packs, pieces_per_pack, net_g, headspace_pct, left_over, absorber_cc, option, store } = keeps;
  const facts = [
    packs === 0
      ? [
          `${PACK_NAMES[option]} ${STORE_NAMES[store]}`,
          `nothing is left for it; instead of the others it would hold ${pieces_per_pack} each`,
        ]
      : [
          `${packs} × ${PACK_NAMES[option].toLowerCase()} ${STORE_NAMES[store]}`,
          `${counted(pieces_per_pack, 'piece')}, ${mass(net_g)} each`,
        ],
    ['Room left in each', headspace_pct < 2 ? 'none: as full as it gets' : `${Math.round(headspace_pct)} %`],
    [
      'In the last one',
      left_over === 0
        ? 'as many as in the others'
        : `${counted(left_over, 'piece')}, ${mass(left_over * piece_g)}${isCounted ? '' : ': a smaller pack, or the first tasting'}`,
    ],
    ...(absorber_cc === null ? [] : [['Absorber', `${absorber_cc} cc in each, sealed within minutes`]]),
  ];
  return (
    <dl className="grid gap-x-6 gap-y-1 rounded-2xl border border-hair bg-enamel px-4 py-2.5 text-[14.5px] sm:grid-cols-[auto_1fr]">
      {facts.map(([name, value]) => (
        <div key={name} className="contents">
          <dt className="text-soft">{name}</dt>
          <dd className="font-semibold">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
