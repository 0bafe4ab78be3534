import 'server-only';
import Joi from 'joi';
import { labelFacts } from '@/core/outcomes';
import type { LabelView } from '@/contract/label';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { LABEL_PARTS, labelText, type LabelText } from '@/core/labelling';
import { maybeBatch } from '@/db/batches';
import type { KitchenRow } from '@/db/kitchen';
import { SimulatedLabelPrinter, USUAL_PRINTER, type PrinterState, type PrinterTrouble } from '@/devices/simulated-label-printer';
import type { LabelSheet } from '@/formats/label/label-pdf';
import { checkWith } from '@/formats/read-batch';
import { computeResult } from './compute/compute';
import { loadPantry } from './pantry';
import { predictWithBands } from './predict-with-bands';
import { kitchenOf, todayIn } from './view-kitchen';
import { refusedHere, withDatabase } from './with-database';
import { now } from './clock';
import { viewOf } from '@/server/open-batch';

/** A size that a label has when nobody has said [mm]. */
const USUAL_LABEL = { width_mm: 100, height_mm: 62 } as const;

type Written = {
  readonly row: NonNullable<Awaited<ReturnType<typeof maybeBatch>>>;
  readonly written: LabelText;
  readonly stops: readonly string[];
  readonly packs: LabelView['packs'];
  readonly pack: number;
};

/** What the label of a batch would say, dated from the day it was baked or from today. */
const writtenFor = (id: string, pack: number | undefined): Promise<Result<Written>> =>
  withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const row = await maybeBatch(db, id);
    if (!row) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
    const known = await predictWithBands(row.document, await loadPantry(db));
    if (!known.ok) return known;
    const { portions, prediction } = known.value;
    const maker = { name: makerOn(kitchen.value), baked_on: row.baked_on ?? todayIn(kitchen.value) };
    // A pack by its number among those of all portions; the first that holds anything where nobody chose.
    const packs = portions.flatMap((portion) => portion.prediction.keeps.map((keeps, at) => ({ portion, keeps, at })));
    const filled = packs.findIndex(({ keeps }) => keeps.packs > 0);
    const { portion, at } = packs[pack ?? row.document.label?.pack ?? Math.max(0, filled)] ?? packs[0];
    const facts = labelFacts(portion.document, portion.prediction, portion.lines, maker, at);
    return succeed({
      row,
      written: labelText(facts, kitchen.value.reads),
      stops: portion.prediction.cautions.filter(({ severity }) => severity === 'stop').map(({ message }) => message),
      packs: prediction.keeps.map(({ portion: of, option, store, packs: count, net_g }) => ({
        portion: of,
        option,
        store,
        packs: count,
        net_g,
      })),
      pack: packs.findIndex((one) => one.portion === portion && one.at === at),
    });
  });

/** Who made it, as a label says it: nobody takes a made-up bakery for a real one. */
const makerOn = ({ name, address, is_demo }: KitchenRow): string =>
  [is_demo ? `${name} (made up, for show)` : name, ...address.split('\n')]
    .map((line) => line.trim())
    .filter(Boolean)
    .join(', ');

export async function viewLabel(id: string): Promise<Result<LabelView>> {
  const found = await writtenFor(id, undefined);
  if (!found.ok) return found;
  const { row, written, stops, packs, pack } = found.value;
  return succeed({ batch: viewOf(row), written, stops, packs, pack });
}

type DrawRequest = { readonly text: LabelText; readonly width_mm: number; readonly height_mm: number };
const TEXT = Joi.object(Object.fromEntries(LABEL_PARTS.map((part) => [part, Joi.string().allow('').max(2000).required()])));
const SIDES = { width_mm: Joi.number().min(25).max(200).required(), height_mm: Joi.number().min(15).max(200).required() };
const DRAW_REQUEST = Joi.object<DrawRequest, true>({ text: TEXT.required(), ...SIDES });

/** A picture of a label as it would be printed; nothing is checked but whether it can be read. */
export async function drawLabel(body: unknown): Promise<Result<{ svg: string; xHeight_mm: number }>> {
  const request = checkWith(DRAW_REQUEST, body);
  return request.ok ? computeResult('labelSvg', request.value) : request;
}

const PRINT_QUERY = Joi.object<PrintQuery, true>({
  as: Joi.string().valid('pdf', 'svg').default('pdf'),
  sheet: Joi.string().valid('single', 'a4', 'letter').default('single'),
  count: Joi.number().integer().min(1).max(1000).default(1),
});
type PrintQuery = { readonly as: 'pdf' | 'svg'; readonly sheet: LabelSheet; readonly count: number };

/** The label as it is saved with the batch, to print. A stop caution blocks it and says why. */
export async function printLabel(
  id: string,
  query: Readonly<Record<string, string>>,
): Promise<Result<{ name: string; type: string; bytes: Uint8Array }>> {
  // An address holds nothing but text.
  const asked = checkWith(PRINT_QUERY, {
    ...query,
    ...(query.count === undefined ? {} : { count: Number(query.count) }),
  });
  if (!asked.ok) return asked;
  const label = await printable(id);
  if (!label.ok) return label;
  const { name, ...wanted } = label.value;
  const { as, sheet, count } = asked.value;
  if (as === 'svg') {
    const drawn = await computeResult('labelSvg', wanted);
    return drawn.ok ? succeed({ name, type: 'image/svg+xml', bytes: new TextEncoder().encode(drawn.value.svg) }) : drawn;
  }
  const printed = await computeResult('labelPdf', { ...wanted, count, sheet, title: `${name}: labels` });
  return printed.ok ? succeed({ name, type: 'application/pdf', bytes: printed.value }) : printed;
}

async function printable(id: string): Promise<Result<DrawRequest & { name: string }>> {
  const found = await writtenFor(id, undefined);
  if (!found.ok) return found;
  const { row, written, stops } = found.value;
  if (stops.length > 0) return fail('STOPPED', `No label while this stands: ${stops[0]}`);
  const { width_mm, height_mm, text } = { ...USUAL_LABEL, ...row.document.label };
  return succeed({ text: { ...written, ...text }, width_mm, height_mm, name: row.name });
}

/** The kitchen's one label printer; a stand-in until a real one is plugged in. One per process, also across reloads. */
const shared = globalThis as { ovenLabelPrinter?: SimulatedLabelPrinter };
const printer = (): SimulatedLabelPrinter => (shared.ovenLabelPrinter ??= new SimulatedLabelPrinter(USUAL_PRINTER));

const TROUBLES: Record<PrinterTrouble, string> = {
  unplugged: 'The label printer is not plugged in. Plug it in and print again.',
  open: 'The label printer is open. Close its lid and print again.',
  'out-of-labels': 'There are too few labels on the roll. Put a new roll in and print again.',
};
type PrinterRequest =
  | { readonly do: 'print'; readonly batch: string; readonly count: number }
  | { readonly do: 'state' | 'load' | 'plug' | 'unplug' | 'open' | 'close' };
const PRINTER_REQUEST = Joi.object<PrinterRequest>({
  do: Joi.string().valid('print', 'state', 'load', 'plug', 'unplug', 'open', 'close').required(),
}).when(Joi.object({ do: 'print' }).unknown(), {
  then: Joi.object({ batch: Joi.string().guid().required(), count: Joi.number().integer().min(1).max(500).required() }),
});

/** Works the stand-in: prints a batch's label, puts a roll in, opens it, pulls its plug. */
export async function workLabelPrinter(body: unknown): Promise<Result<PrinterState>> {
  const refused = await refusedHere('helper');
  if (refused) return refused;
  const request = checkWith(PRINTER_REQUEST, body);
  if (!request.ok) return request;
  if (request.value.do === 'print') {
    const label = await printable(request.value.batch);
    if (!label.ok) return label;
    const { name: _called, ...wanted } = label.value;
    const drawn = await computeResult('labelSvg', wanted);
    if (!drawn.ok) return drawn;
    const trouble = printer().print(request.value.count, now());
    return trouble ? fail('PRINTER_WAITS', TROUBLES[trouble]) : succeed(printer().state(now()));
  }
  const now_ms = now();
  const act = request.value.do;
  if (act === 'load') printer().load(now_ms);
  if (act === 'plug' || act === 'unplug') printer().plug(act === 'plug', now_ms);
  if (act === 'open' || act === 'close') printer().close(act === 'close', now_ms);
  return succeed(printer().state(now_ms));
}
