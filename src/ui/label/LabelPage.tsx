'use client';
import { Link } from '../kit/Link';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useRef, type CSSProperties, type ReactNode } from 'react';
import { LABEL, type LabelWishes } from '@/core/document';
import { LABEL_PARTS, type LabelPart } from '@/core/labelling';
import { Alert } from '../kit/Alert';
import { buttonClass } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { NumberField } from '../kit/NumberField';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { PACK_NAMES, STORE_NAMES } from '../format/words';
import { PrintLabel } from './PrintLabel';
import { LABEL_SIZES, USUAL_SIZE, sizeValue } from './label-sizes';
import { useLabelPicture } from './use-label-picture';
import { useSaveLabel, savingWords } from './use-save-label';
import { limits } from '../kit/limits';
import { type LabelView } from '@/contract/label';
import { ConflictDialog } from '../kit/autosave/ConflictDialog';
import { PageTitle } from '../shell/PageTitle';
import { across, fineLength } from '../format/units';

const PART_NAMES: Record<LabelPart, string> = {
  title: 'Name',
  kind: 'What it is',
  ingredients: 'Ingredients',
  analysis: 'Analysis and energy',
  allergens: 'Allergens',
  feeding: 'Feeding',
  storage: 'Storage',
  net: 'Net weight',
  bestBefore: 'Best before',
  lot: 'Lot',
  maker: 'Maker',
};
const LONG: ReadonlySet<LabelPart> = new Set(['ingredients', 'analysis', 'feeding', 'storage']);

/** A batch's label, part by part, beside its picture at true size. */
export function LabelPage({ batch, written, stops, packs, pack }: LabelView): ReactNode {
  // Another pack is another weight and date: the words come anew from the server.
  const router = useRouter();
  const again = useCallback(() => router.refresh(), [router]);
  const { wishes, write: setWishes, saving } = useSaveLabel(batch, again);
  const { width_mm, height_mm, text } = { ...USUAL_SIZE, ...wishes };
  const says = { ...written, ...text };
  const picture = useLabelPicture(says, width_mm, height_mm);
  const write = (part: LabelPart, value: string): void => {
    const { [part]: _old, ...others } = { ...text };
    setWishes({ ...wishes, text: value === written[part] ? others : { ...others, [part]: value } });
  };
  return (
    <main className="mx-auto flex max-w-[1280px] flex-col gap-3 px-6 py-4">
      <PageTitle>{`Label of ${batch.name}`}</PageTitle>
      <div className="print:hidden">
        <PageHead
          title="Label"
          says={
            <>
              {batch.name}; <span role="status">{savingWords(saving.state)}</span>
            </>
          }
        >
          <Link className={buttonClass()} href={`/batch/${batch.id}?bench=pack`}>
            Back to the batch
          </Link>
        </PageHead>
      </div>
      <ConflictDialog saving={saving} what="this batch" />
      <Warnings stops={stops} dated={written.bestBefore !== ''} />
      <div
        className={`grid grid-cols-[minmax(0,1fr)_minmax(0,480px)] items-start gap-3 max-lg:grid-cols-1 ${stops.length > 0 ? 'print:hidden' : ''}`}
      >
        <Panel label="How it looks" className="print:border-0! flex flex-col gap-3 px-5 py-4">
          <SizeAndPack wishes={wishes} packs={packs} pack={pack} write={setWishes} />
          <LabelPicture picture={picture} height_mm={height_mm} width_mm={width_mm} />
          <div className="print:hidden">
            <PrintLabel
              batchId={batch.id}
              blocked={stops.length > 0 || picture.kind === 'wrong'}
              suggested={packs[pack]?.packs ?? 1}
            />
          </div>
        </Panel>
        <Texts written={written} text={text} onWrite={write} />
      </div>
      <p className="text-[13px] text-soft print:hidden">
        Laws on pet food labels differ from place to place: registration, wording, minimum type and guarantees are yours to check.
        Nothing here is certified.
      </p>
    </main>
  );
}

/** The label as it would be printed: on a screen as large as there is room, on paper at its true size. */
function LabelPicture({
  picture,
  width_mm,
  height_mm,
}: {
  readonly picture: ReturnType<typeof useLabelPicture>;
  readonly width_mm: number;
  readonly height_mm: number;
}): ReactNode {
  const holder = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const svg = holder.current?.querySelector('svg');
    svg?.setAttribute('width', '100%');
    svg?.removeAttribute('height');
  });
  if (picture.kind === 'wrong') return <Alert>{picture.message}</Alert>;
  return (
    <figure>
      <div
        ref={holder}
        data-label="picture"
        className="mx-auto max-w-(--roomy) rounded-lg border border-hair bg-white print:mx-0 print:w-(--true-width) print:max-w-none print:rounded-none"
        style={
          {
            '--roomy': `min(100%, ${(52 * width_mm) / height_mm}vh)`,
            '--true-width': `${width_mm}mm`,
            aspectRatio: `${width_mm} / ${height_mm}`,
          } as CSSProperties
        }
        // Our own drawing: outlines and squares only, every word in it escaped.
        dangerouslySetInnerHTML={{ __html: picture.kind === 'drawn' ? picture.svg : '' }}
      />
      <figcaption className="pt-1 text-[13.5px] text-soft print:hidden">
        {picture.kind === 'drawn'
          ? `Small letters ${fineLength(picture.xHeight_mm)} high${picture.xHeight_mm < 1.2 ? `; many laws ask for ${fineLength(1.2)}` : ''}. The code holds the lot.`
          : 'Drawing …'}
      </figcaption>
    </figure>
  );
}

type SizeAndPackProps = {
  readonly wishes: LabelWishes;
  readonly packs: LabelView['packs'];
  readonly pack: number;
  readonly write: (wishes: LabelWishes) => void;
};

/** How large the label is, and for which pack. */
function SizeAndPack({ wishes, packs, pack, write }: SizeAndPackProps): ReactNode {
  const { width_mm, height_mm } = { ...USUAL_SIZE, ...wishes };
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 text-[14.5px] print:hidden">
      <Choice
        label="size"
        value={sizeValue(width_mm, height_mm)}
        options={[
          ...LABEL_SIZES.map((size) => ({ value: size.value, name: `${across(size.width_mm, size.height_mm)}, ${size.for}` })),
          { value: 'own', name: 'another' },
        ]}
        onChange={(value) => {
          const size = LABEL_SIZES.find((known) => known.value === value);
          if (size) write({ ...wishes, width_mm: size.width_mm, height_mm: size.height_mm });
        }}
      />
      <NumberField
        label="wide"
        unit="mm"
        value={width_mm}
        {...limits(LABEL.fields.width_mm)}
        width="w-9"
        onChange={(mm) => write({ ...wishes, width_mm: mm, height_mm })}
      />
      <NumberField
        label="high"
        unit="mm"
        value={height_mm}
        {...limits(LABEL.fields.height_mm)}
        width="w-9"
        onChange={(mm) => write({ ...wishes, width_mm, height_mm: mm })}
      />
      {packs.length > 1 && (
        <Choice
          label="for the"
          value={String(wishes.pack ?? pack)}
          options={packs.map(({ portion, option, store }, i) => ({
            value: String(i),
            name: `${i + 1}. ${portion === null ? '' : `${portion}, `}${PACK_NAMES[option].toLowerCase()} ${STORE_NAMES[store]}`,
          }))}
          onChange={(value) => write({ ...wishes, pack: Number(value) })}
        />
      )}
    </div>
  );
}

type TextsProps = {
  readonly written: LabelView['written'];
  readonly text: LabelWishes['text'];
  readonly onWrite: (part: LabelPart, value: string) => void;
};

/** The label, part by part. */
function Texts({ written, text, onWrite }: TextsProps): ReactNode {
  return (
    <Panel label="What it says" className="flex max-h-[76vh] flex-col gap-2 overflow-y-auto px-5 py-4 print:hidden">
      <p className="text-[13.5px] text-soft">
        Written from the prediction; date from its low end. What you change stays as you write it; clear a part to leave it out.
      </p>
      {LABEL_PARTS.map((part) => (
        <label key={part} className="flex flex-col text-[13.5px] text-soft">
          <span className="flex justify-between">
            {PART_NAMES[part]}
            {text?.[part] !== undefined && (
              <button
                type="button"
                className="min-h-[24px] pointer-coarse:min-h-[44px] underline"
                onClick={() => onWrite(part, written[part])}
              >
                as predicted
              </button>
            )}
          </span>
          <textarea
            aria-label={PART_NAMES[part]}
            rows={LONG.has(part) ? 3 : 1}
            maxLength={2000}
            value={text?.[part] ?? written[part]}
            className="rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-1 text-[14.5px] text-ink focus:border-rim"
            onChange={({ target }) => onWrite(part, target.value)}
          />
        </label>
      ))}
    </Panel>
  );
}

type WarningsProps = { readonly stops: LabelView['stops']; readonly dated: boolean };

function Warnings({ stops, dated }: WarningsProps): ReactNode {
  return (
    <>
      <Alert title="Not to be printed.">{stops.join(' ')}</Alert>
      {!dated && (
        <p className="rounded-2xl border-[1.6px] border-mind bg-face px-4 py-2 print:hidden">
          <strong className="text-mind">No date is printed.</strong> The low end of what it keeps is under a day: a batch on the
          damp side would not keep. Dry it longer (Find a programme, 8 of 10 batches), take another pack or place, or write a date
          that you stand for.
        </p>
      )}
    </>
  );
}
