import { counted } from '@/core/quantities';
import type { HeatStep } from '@/core/catalogue';
import { putOnWords } from '@/formats/put-on-words';
import type { Heat, Shape } from './types';
import { applianceName, OUTLINES } from '../../format/words';
import { bareLength, duration, temperature, length, mass, volume } from '../../format/units';

/** A length of a shape, without figures that nobody measures. */
const mm = (length_mm: number): string => length(length_mm, 1);

function stepWords(step: HeatStep): string {
  switch (step.do) {
    case 'hold':
    case 'ramp':
      return `${temperature(step.setpoint_c)} ${duration(step.minutes)}`;
    case 'off':
      return `oven off ${duration(step.minutes)}`;
    case 'cool':
      return `rack ${duration(step.minutes)}`;
    case 'chill':
      return `fridge ${duration(step.minutes)}`;
    case 'freeze':
      return `freezer ${duration(step.minutes)}`;
    case 'freeze-dry':
      return `vacuum ${duration(step.minutes)}`;
    case 'brush':
    case 'coat':
      return putOnWords(step);
    case 'dry-coat':
      return `setting ${duration(step.minutes)}`;
    case 'move':
      return `into the ${applianceName(step.appliance?.kind ?? 'static-oven')}`;
    case 'cut':
      return 'cut apart';
    case 'snap-apart':
      return 'snap apart';
    case 'turn-out':
      return 'turn out';
    case 'rotate-trays':
      return 'swap trays';
    case 'turn':
    case 'stir':
    case 'score':
    case 'check':
      return step.do;
  }
}

/** A programme in one line: "177 °C 25 min → 107 °C 2 h → oven off 2 h". */
export const programmeWords = ({ steps }: Heat): string => steps.map(stepWords).join(' → ');

/** A shape in one line: "6.4 mm thick, round 51 mm". */
export function shapeWords(shape: Shape): string {
  switch (shape.method) {
    case 'roll-and-cut': {
      const {
        outline = 'own',
        length_mm,
        width_mm,
      } = (shape.cutter ?? {}) as { outline?: string; length_mm?: number; width_mm?: number };
      const name = OUTLINES.find(({ value }) => value === outline)?.name ?? 'own shape';
      const size =
        length_mm === undefined ? '' : ` ${width_mm === undefined ? '' : `${bareLength(width_mm, 1)} x `}${mm(length_mm)}`;
      return `${mm(shape.thickness_mm ?? 6)} thick, ${name}${size}`;
    }
    case 'score-slab':
      return `slab ${mm(shape.thickness_mm ?? 8)} thick, cut ${bareLength(shape.piece_width_mm ?? 25, 1)} x ${mm(shape.piece_length_mm ?? 25)}`;
    case 'drop':
      return `drops of ${mass(shape.piece_g ?? 18)}, ${mm(shape.height_mm ?? 12)} high`;
    case 'ball':
      return `balls ${mm(shape.diameter_mm ?? 22)} across`;
    case 'log-slice':
      return `log ${mm(shape.log_diameter_mm ?? 40)}, slices ${mm(shape.slice_mm ?? 8)}`;
    case 'mat':
      return `mat, hollows of ${volume(shape.cavity_ml ?? 2)}`;
    case 'cup':
      return `cups of ${volume(shape.cup_ml ?? 45)}`;
    case 'cake':
      return `cake, ${counted(shape.layers ?? 2, 'layer')}`;
    case 'slice':
      return `slices ${mm(shape.thickness_mm ?? 5)}`;
    case 'cube':
      return `cubes ${mm(shape.edge_mm ?? 15)}`;
    case 'frozen-mould':
      return `moulds of ${volume(shape.cavity_ml ?? 15)}`;
  }
}
