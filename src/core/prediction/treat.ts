import { succeed, type Result } from '../failure';
import type { Assumptions } from '../fields';
import { roleRecord } from '../catalogue';
import type { BatchDocument } from '../document';
import { NO_COATING, coatingOf, gainedInADay, type Coat, type Coating, type Under } from '../finishing';
import { compose, type DoughLine } from '../pantry';
import { WATER_KG_PER_M3 } from '../quantities';
import type { Finish, HeatPlan } from '../programme';
import { waterHeld } from '../sorption';
import {
  bakedBy,
  doughMaterial,
  mixtureOf,
  nominalThickness,
  onThePieces,
  putOnInHeat,
  treatParts,
  wets,
  type DoughMaterial,
  type PutOn,
  type ShapePlan,
  type ShapeYield,
  type TreatPart,
} from '../yield';

/** What goes into the heat: the shaped dough with what is in or round it, and the water that is put on it there. */
export type Body = {
  /** What of the bowl is in the pieces, line by line of the recipe; the same with what is inside. */
  readonly eaten: readonly DoughLine[];
  readonly lines: readonly DoughLine[];
  readonly dough: DoughMaterial;
  readonly out: ShapeYield;
  readonly parts: readonly TreatPart[];
  readonly puts: readonly PutOn[];
};

/** The bowl and what it gives, before anything is put on. */
type Shaped = {
  readonly document: BatchDocument;
  readonly plan: ShapePlan;
  readonly lines: readonly DoughLine[];
  readonly dough: DoughMaterial;
  readonly written: readonly DoughLine[];
  readonly factor: number;
  readonly out: ShapeYield;
};

const sumOf = (lines: readonly DoughLine[]): number => lines.reduce((sum, { mass_g }) => sum + mass_g, 0);

/** What of the lines of a bowl is in its pieces: scraps, trimmings and peel are not eaten with them. */
function inPieces(lines: readonly DoughLine[], { pieces, piece_g }: ShapeYield): DoughLine[] {
  const share = (pieces * piece_g) / sumOf(lines);
  return lines.map((line) => ({ ...line, mass_g: line.mass_g * share }));
}

/** The pieces as they go into the heat. What is inside is taken to be all through them. */
export function bodyOf({ document, plan, lines, dough, written, factor, out }: Shaped): Result<Body> {
  const { recipe, heat } = document;
  const made = treatParts({ recipe, heat, written, factor, dough_g: dough.composition.mass_g, out });
  if (!made.ok) return made;
  const parts = made.value;
  const inside = parts.filter(({ when, role }) => when !== 'after' && roleRecord(role).inside).flatMap(onThePieces);
  const puts = putOnInHeat(parts, heat);
  const eaten = inPieces(lines, out);
  const inside_g = sumOf(inside);
  if (inside_g === 0) return succeed({ eaten, lines: eaten, dough, out, parts, puts });
  const all = [...eaten, ...inside];
  const material = doughMaterial(all, { mixture: mixtureOf(plan), thickness_mm: nominalThickness(plan) }, bakedBy(heat));
  const grown = 1 + inside_g / sumOf(eaten);
  const body = { ...out.body, thickness_mm: out.body.thickness_mm * grown };
  return succeed({ eaten, lines: all, dough: material, out: { ...out, piece_g: out.piece_g * grown, body }, parts, puts });
}

/** One treat: without what is put on after the heat and with it [g]; with it [mL]. */
export type TreatSize = { readonly bare_g: number; readonly piece_g: number; readonly volume_ml: number };

/** A treat when everything is on it. */
export type Treat = TreatSize & {
  readonly parts: readonly TreatPart[];
  readonly coating: Coating;
  /** Everything that ends on or in all of them as it is put in, line by line of the recipe; and without what juice has carried off. */
  readonly lines: readonly DoughLine[];
  readonly kept: readonly DoughLine[];
};

/** Puts everything on: what stays of washes and what is strewn on, and the coats as they are packed. */
export function treatOf(body: Body, finish: Finish, coating: Coating): Treat {
  const { parts, eaten } = body;
  const isInside = ({ when, role }: TreatPart): boolean => when !== 'after' && roleRecord(role).inside;
  const heated = [eaten, ...parts.filter(isInside).map(onThePieces)];
  const outside = parts.filter((part) => !isInside(part)).map(onThePieces);
  const sumAt = (i: number, of: readonly (readonly DoughLine[])[]): number => of.reduce((sum, lines) => sum + lines[i].mass_g, 0);
  const together = (share: number): DoughLine[] =>
    eaten.map((line, i) => ({ ...line, mass_g: sumAt(i, heated) * share + sumAt(i, outside) }));
  return { parts, coating, ...sizeOf(body, finish, coating), lines: together(1), kept: together(finish.solidsKept) };
}

/** What one treat weighs and takes up. */
export function sizeOf({ out, parts }: Body, finish: Finish, coating: Coating): TreatSize {
  const films = parts.filter(({ when, role }) => when !== 'after' && !roleRecord(role).inside);
  const bare_g = out.piece_g * finish.massRatio + films.reduce((sum, part) => sum + filmOn(part, out.pieces, finish.aw), 0);
  const on_g = coating.coats.reduce((sum, { solids_g, water_g }) => sum + solids_g + water_g, 0);
  const coats_ml = coating.coats.reduce((sum, coat) => sum + volumeOf(coat), 0);
  return { bare_g, piece_g: bare_g + on_g, volume_ml: finish.volume_ml + coats_ml };
}

const volumeOf = ({ dough, solids_g, water_g }: Coat): number =>
  (solids_g * dough.material.solids_m3_per_kg + water_g / WATER_KG_PER_M3) * 1000;

/** Treats are packed at about this [°C]. */
const PACKED_C = 21;

/** What was put on in the heat leaves its dry matter on a piece; its water is the piece's, but for what was strewn on dry [g]. */
export function filmOn(part: TreatPart, pieces: number, aw: number): number {
  const composition = compose(onThePieces(part));
  const held_g = wets(part) ? 0 : Math.min(composition.water_g, waterHeld(composition, aw, PACKED_C, 1));
  return (composition.solids_g + held_g) / pieces;
}

/** What is put on after the heat, by the programme and the room. */
export function coatingAfter(document: BatchDocument, body: Body, heat: HeatPlan, assumed: Assumptions): Coating {
  if (!body.parts.some(({ when, on_g }) => when === 'after' && on_g > 0)) return NO_COATING;
  return coatingOf(
    {
      parts: body.parts,
      pieces: body.out.pieces,
      steps: document.heat.steps,
      room: heat.room,
      thickness_mm: body.out.body.thickness_mm,
    },
    assumed,
  );
}

/** Water that a piece takes up from its coats in a day [kg per kg of its solids]. */
export const takenUp = (coating: Coating, { dough, out }: Pick<Body, 'dough' | 'out'>, finish: Finish): number =>
  coating.coats.length === 0 ? 0 : gainedInADay(coating, underIn({ dough, out }, finish));

function underIn({ dough, out }: Pick<Body, 'dough' | 'out'>, finish: Finish): Under {
  const piece_g = out.piece_g * finish.massRatio;
  const water_g = (piece_g * finish.moisture_pct) / 100;
  const { composition, state } = dough;
  return { composition, solids_g: piece_g - water_g, water_g, state, thickness_mm: out.body.thickness_mm };
}
