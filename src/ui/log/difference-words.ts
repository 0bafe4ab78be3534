import { fieldUnit } from '@/core/said';
import { readerHere } from '../format/reader-here';
import type { Difference } from '@/core/document';

/** Keys of the batch file in kitchen words; what is not here is told by its own key. */
const WORDS = new Map<string, string>(
  Object.entries({
    thermostat_offset_c: 'air above its dial',
    room_rh_pct: 'room, % humid',
    room_c: 'room',
    altitude_m: 'altitude',
    setpoint_c: 'dial',
    thickness_mm: 'thickness',
    hand_gap_mm: 'gap between cut-outs',
    actual_g: 'weighed in',
    water_pct: 'water',
    rest_minutes: 'standing',
    kitchen: 'kitchen',
    recipe: 'recipe',
    ingredients: '',
    shape: 'shape',
    heat: 'heat',
    steps: 'step',
    scale: 'how much',
    pack: 'pack',
    appliance: 'oven',
    pace: 'known pace',
    factor: 'times',
  }),
);

/** "heat, step 3, minutes: 65, then 95". */
export function differenceWords({ path, one, other }: Difference, nameOf: (ingredient: string) => string): string {
  const parts: string[] = [];
  for (const [i, key] of path.entries()) {
    if (typeof key === 'number') parts[parts.length - 1] = `${parts.at(-1)} ${key + 1}`;
    else if (path[i - 1] === 'ingredients') parts.push(nameOf(key));
    else parts.push(WORDS.get(key) ?? key.replaceAll('_', ' '));
  }
  const last = path.at(-1);
  const unit = typeof last !== 'string' ? '' : last.endsWith('offset_c') ? 'K' : unitOf(last);
  return `${parts.filter(Boolean).join(', ')}: ${valueWords(one, unit)}, then ${valueWords(other, unit)}`;
}

/** The units that keys of the batch file end in. */
const UNITS: Readonly<Record<string, string>> = {
  c: '°C',
  m: 'm',
  mm: 'mm',
  g: 'g',
  ml: 'ml',
  kg: 'kg',
  pct: '%',
  minutes: 'min',
};
const unitOf = (key: string): string => UNITS[/[^_]+$/.exec(key)?.[0] ?? ''] ?? '';

function valueWords(value: unknown, unit: string): string {
  if (value === undefined) return 'nothing';
  if (typeof value === 'number' && unit !== '') {
    const as = fieldUnit(readerHere(), unit);
    return `${as.text(as.shown(value))} ${as.unit}`;
  }
  if (typeof value !== 'object' || value === null) return JSON.stringify(value).replaceAll('"', '');
  return Object.values(value)
    .filter((part) => typeof part !== 'object')
    .join(' ');
}
