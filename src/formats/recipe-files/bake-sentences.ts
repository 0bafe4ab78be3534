import { putOnWords } from '../put-on-words';
import { applianceRecord, type ApplianceKind, type HeatStep } from '@/core/catalogue';
import type { BatchDocument } from '@/core/document';
import { counted, fahrenheit } from '@/core/quantities';

const MM_PER_INCH = 25.4;
const HOUR_MIN = 60;

/** How the numbers of a recipe are said. */
export type BakeNumbers = {
  readonly degrees: (setpoint_c: number) => string;
  readonly length: (length_mm: number) => string;
  readonly across: (one_mm: number, other_mm: number) => string;
  readonly mass: (mass_g: number) => string;
  readonly volume: (volume_ml: number) => string;
};

/** For whoever opens the file: both scales where kitchens differ most. */
const FOR_ANYBODY: BakeNumbers = {
  degrees: (setpoint_c) => `${Math.round(setpoint_c)} °C (${Math.round(fahrenheit(setpoint_c) / 5) * 5} °F)`,
  length: (length_mm) => `${Number(length_mm.toFixed(1))} mm (${Number((length_mm / MM_PER_INCH).toFixed(2))} inch)`,
  across: (one_mm, other_mm) => `${one_mm} x ${other_mm} mm`,
  mass: (mass_g) => `${mass_g} g`,
  volume: (volume_ml) => `${volume_ml} ml`,
};

function lasting(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / HOUR_MIN), Math.round(minutes % HOUR_MIN)];
  if (hours === 0) return counted(rest, 'minute');
  return `${counted(hours, 'hour')}${rest > 0 ? ` ${counted(rest, 'minute')}` : ''}`;
}

/**
 * How a recipe is shaped and baked, in sentences that a person and a reading program understand: thickness, temperatures,
 * minutes, what is done at which moment.
 *
 * @param numbers - how they are said; for anybody who opens the file when it is left out
 */
export function bakeSentences({ shape, heat }: BatchDocument, numbers: BakeNumbers = FOR_ANYBODY): string[] {
  let kind: ApplianceKind = heat.appliance?.kind ?? 'static-oven';
  const baking = heat.steps.flatMap((step, i): string[] => {
    if (step.do === 'move') {
      kind = step.appliance?.kind ?? kind;
      return [`Move into the ${applianceRecord(kind).name.toLowerCase()}.`];
    }
    const words = sentence(step, kind, { first: i === 0, ...numbers });
    return words === null ? [] : [words];
  });
  return [...shapeSentence(shape, numbers), ...baking];
}

function sentence(
  step: HeatStep,
  kind: ApplianceKind,
  { first, degrees, mass, across }: BakeNumbers & { readonly first: boolean },
): string | null {
  switch (step.do) {
    case 'hold':
    case 'ramp':
      return kind === 'dehydrator'
        ? `Dehydrate at ${degrees(step.setpoint_c)} for ${lasting(step.minutes)}.`
        : `${first ? `Bake in the ${applianceRecord(kind).name.toLowerCase()}` : 'Bake'} at ${degrees(step.setpoint_c)} for ${lasting(step.minutes)}.`;
    case 'off':
      return `Turn the oven off and leave them in for ${lasting(step.minutes)}.`;
    case 'cool':
      return `Cool on a rack for ${lasting(step.minutes)}.`;
    case 'chill':
      return `Chill in the fridge for ${lasting(step.minutes)}.`;
    case 'freeze':
      return `Freeze for ${lasting(step.minutes)}.`;
    case 'freeze-dry':
      return `Freeze-dry for ${lasting(step.minutes)}.`;
    case 'turn':
      return 'Turn the pieces over.';
    case 'stir':
      return 'Stir them.';
    case 'brush':
      if (step.part !== undefined) return sentenceOf(putOnWords(step));
      return step.grams === undefined ? 'Brush with the wash.' : `Brush with the wash (${mass(step.grams)}).`;
    case 'coat':
      return sentenceOf(putOnWords(step));
    case 'dry-coat':
      return `Let it set ${step.at === 'fridge' ? 'in the fridge ' : ''}for ${lasting(step.minutes)}.`;
    case 'cut':
      return 'Cut apart and spread out.';
    case 'snap-apart':
      return 'Snap apart along the score.';
    case 'turn-out':
      return 'Turn out.';
    case 'rotate-trays':
      return 'Swap the trays.';
    case 'score':
      return step.width_mm === undefined || step.length_mm === undefined
        ? 'Score them.'
        : `Score ${across(step.width_mm, step.length_mm)}.`;
    case 'check':
    case 'move':
      return null;
  }
}

const sentenceOf = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;

function shapeSentence(shape: BatchDocument['shape'], { length, across, mass, volume }: BakeNumbers): string[] {
  switch (shape.method) {
    case 'roll-and-cut': {
      const cutter = shape.cutter && 'length_mm' in shape.cutter ? shape.cutter : null;
      const cut =
        cutter?.length_mm === undefined ? '' : `; cut with a ${length(cutter.length_mm)} ${cutter.outline ?? 'round'} cutter`;
      return [`Roll out ${length(shape.thickness_mm ?? 6)} thick${cut}.`];
    }
    case 'score-slab':
      return [
        `Spread ${length(shape.thickness_mm ?? 8)} thick; score ${across(shape.piece_width_mm ?? 25, shape.piece_length_mm ?? 25)}.`,
      ];
    case 'slice':
      return shape.thickness_mm === undefined ? [] : [`Slice ${length(shape.thickness_mm)} thick.`];
    case 'ball':
      return [`Roll into balls of ${length(shape.diameter_mm ?? 22)}.`];
    case 'log-slice':
      return [`Shape a log of ${length(shape.log_diameter_mm ?? 40)} and cut ${length(shape.slice_mm ?? 8)} slices.`];
    case 'cube':
      return [`Cut into ${length(shape.edge_mm ?? 15)} cubes.`];
    case 'drop':
      return [`Drop ${mass(shape.piece_g ?? 18)} portions, ${length(shape.height_mm ?? 12)} high.`];
    case 'mat':
      return [`Fill the hollows of a silicone mat (${volume(shape.cavity_ml ?? 2)} each).`];
    case 'frozen-mould':
      return [`Pour into moulds (${volume(shape.cavity_ml ?? 15)} each).`];
    case 'cup':
      return [`Fill muffin tins (${volume(shape.cup_ml ?? 45)} each).`];
    case 'cake':
      return [`Fill ${shape.layers ?? 2} cake tins.`];
  }
}
