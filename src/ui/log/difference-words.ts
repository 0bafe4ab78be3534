import type { Difference } from '@/core/document';

/** Keys of the batch file in kitchen words; what is not here is told by its own key. */
const WORDS = new Map<string, string>(
  Object.entries({
    thermostat_offset_c: 'air above its dial',
    room_rh_pct: 'room, % humid',
    room_c: 'room, °C',
    altitude_m: 'altitude, m',
    setpoint_c: '°C',
    thickness_mm: 'thickness, mm',
    hand_gap_mm: 'gap between cut-outs, mm',
    actual_g: 'weighed in, g',
    water_pct: 'water, %',
    rest_minutes: 'standing, min',
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
  return `${parts.filter(Boolean).join(', ')}: ${valueWords(one)}, then ${valueWords(other)}`;
}

function valueWords(value: unknown): string {
  if (value === undefined) return 'nothing';
  if (typeof value !== 'object' || value === null) return JSON.stringify(value).replaceAll('"', '');
  return Object.values(value)
    .filter((part) => typeof part !== 'object')
    .join(' ');
}
