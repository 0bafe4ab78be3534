import type { Act, Guess, LessonName, Seen, Verdict } from '@/core/practice';
import { duration, mass, span, temperature, warmer } from '../format/units';

/** What each lesson is called, and what it is there to learn. */
export const LESSON_WORDS: Readonly<Record<LessonName, { readonly name: string; readonly learn: string }>> = {
  thickness: { name: 'Thickness', learn: 'The sheet was rolled by eye. A millimetre more takes far longer to dry.' },
  turning: { name: 'Turning', learn: 'The underside lies on paper and breathes badly. When is a turn worth the open door?' },
  'two-stages': {
    name: 'Hot, then low',
    learn: 'Colour comes in the heat, dryness in the time after it. Lower the dial before they are dark.',
  },
  'oven-off': { name: 'Oven off', learn: 'A shut oven goes on drying for hours. How much is left to it?' },
  'full-oven': {
    name: 'Full oven',
    learn: 'Two trays give twice the steam, and the lower one lags. Change their places, or wait.',
  },
  'humid-room': {
    name: 'Humid room',
    learn: 'Damp air in the kitchen is damp air in the oven. What dries in winter may not in August.',
  },
  slices: { name: 'Slices in a dryer', learn: 'Nothing browns and nothing smells. Only hand and scale tell.' },
  cakes: { name: 'Cakes and picks', learn: 'Set in the middle and still moist: minutes decide.' },
  'big-and-small': { name: 'Big and small', learn: 'Small ones between big ones are ready first. Which do you bake for?' },
  soft: { name: 'Soft on purpose', learn: 'Cooked through, and still soft: stop in time.' },
};

/** What can be done or asked, as a button says it. */
export const ACT_NAMES: Readonly<Record<Act['do'], string>> = {
  set: 'Set the dial',
  off: 'Switch off',
  door: 'Door',
  turn: 'Turn them over',
  stir: 'Stir them',
  'rotate-trays': 'Change the trays',
  'snap-apart': 'Snap them apart',
  lift: 'Lift one off',
  weigh: 'Weigh a tray',
  probe: 'Probe the middle',
  break: 'Break one hot',
  cool: 'Cool one',
  pick: 'Try a pick',
  move: 'Into the dryer',
  out: 'Take them out',
};

/** What it costs, after the name. */
export const ACT_COSTS: Readonly<Partial<Record<Act['do'], string>>> = {
  turn: '1 min, door open',
  stir: '1 min, door open',
  'rotate-trays': '30 s, door open',
  'snap-apart': '2 min, door open',
  lift: '20 s',
  weigh: '1 min, door open',
  probe: '30 s',
  break: '20 s',
  cool: 'told in 8 min',
  pick: '20 s',
};

/** By what something was found out. */
export const BY_WORDS: Readonly<Record<Seen['by'], string>> = {
  lift: 'hand',
  weigh: 'scale',
  probe: 'probe',
  break: 'hand',
  cool: 'hand, cold',
  pick: 'pick',
  smell: 'nose',
};

export const PIECE_WORDS: Readonly<Record<Seen['told'][number]['piece'], string>> = {
  usual: 'a usual one',
  thin: 'a thin one',
  thick: 'a thick one',
  big: 'a big one',
  small: 'a small one',
  upper: 'upper tray',
  lower: 'lower tray',
};

/** What was found out, in words. */
export function seenWords({ by, told, soft_while_hot }: Seen): string {
  const many = told.length > 1;
  const words = told.map(({ piece, word, number }) => {
    const said = word ?? (by === 'weigh' ? `tray ${mass(number ?? 0)}` : `middle ${temperature(number ?? 0)}`);
    return many ? `${PIECE_WORDS[piece]}: ${said}` : said;
  });
  const smell = by === 'smell' ? 'smells ' : '';
  return `${smell}${words.join('; ')}${soft_while_hot ? ' (still hot: it will firm up)' : ''}`;
}

/** What was done, in words; what only asked is told by its answer. */
export function doneWords(act: Act): string | null {
  switch (act.do) {
    case 'set':
      return `dial to ${temperature(act.setpoint_c)}`;
    case 'off':
      return 'switched off';
    case 'door':
      return act.door === 'ajar' ? 'door left ajar' : 'door shut';
    case 'move':
      return `into the dryer at ${temperature(act.setpoint_c)}`;
    case 'turn':
      return 'turned over';
    case 'stir':
      return 'stirred';
    case 'rotate-trays':
      return 'trays changed places';
    case 'snap-apart':
      return 'snapped apart';
    case 'out':
      return 'taken out';
    case 'cool':
      return 'one laid aside to cool';
    case 'lift':
    case 'weigh':
    case 'probe':
    case 'break':
    case 'pick':
      return null;
  }
}

/** How wet the middle is said to be. */
export function guessWords(said: Guess, { damp_from_pct, wet_from_pct }: Verdict['goal']): string {
  if (said === 'dry') return `under ${damp_from_pct} % water`;
  return said === 'damp' ? `${damp_from_pct} to ${wet_from_pct} %` : `over ${wet_from_pct} %`;
}

/** How the best way to go on is told. */
export function wayWords({ way, setpoint_c, from_min, out_minute }: Verdict['best']): string {
  const out = `out at ${duration(Math.round(out_minute))}`;
  switch (way) {
    case 'as-written':
      return `the recipe's own programme by the clock, ${out}`;
    case 'as-it-stands':
      return `leave it as it stood, ${out}`;
    case 'lower':
      return `lower to ${temperature(setpoint_c ?? 0)}${from_min >= 1 ? ` at ${duration(Math.round(from_min))}` : ' at once'}, ${out}`;
    case 'off':
      return `switch off at ${duration(Math.round(from_min))} and leave it shut, ${out}`;
    case 'dryer':
      return `into the dryer at ${duration(Math.round(from_min))}, ${out}`;
  }
}

/** How good a share of the best is, without praise that it has not earned. */
export function shareWords(share: number): string {
  if (share >= 0.97) return 'As good as could be with what you knew.';
  if (share >= 0.85) return 'Close to the best with what you knew.';
  if (share >= 0.6) return 'Fair; something was left on the table.';
  return 'Far from what could be had.';
}

/** Where it fell short of the goal, the worst first; nothing where it did not. */
export function shortOf({ worth, goal, pieces, days, out_minute }: Verdict): string[] {
  const told: Array<readonly [number, string]> = [
    [worth.kept, `keeps ${span(days)} of the ${span(goal.days)} wanted`],
    [
      worth.crunch,
      goal.pick && worth.crunch === 0
        ? 'the middle had not set'
        : goal.crisp
          ? 'not crisp enough'
          : 'drier and harder than wanted',
    ],
    [
      worth.colour,
      pieces.some(({ browning }) => browning > goal.browning)
        ? `too dark: ${pieces[0].colour}`
        : `paler than the recipe: ${pieces[0].colour}`,
    ],
    [worth.time, `${duration(Math.round(out_minute - goal.minutes))} longer than the recipe takes`],
  ];
  const short = told.filter(([had]) => had < 0.95).sort(([one], [other]) => one - other);
  return [...(worth.safe ? [] : ['not cooked through: not safe to give']), ...short.map(([, words]) => words)];
}

/** What was hidden, as far as it mattered. */
export function hiddenWords({ hidden }: Verdict): string[] {
  const { thickness_mm, planned_thickness_mm, dial_K, water_pct, pace, humidity_pct } = hidden;
  const words: string[] = [];
  const thicker = (100 * (thickness_mm - planned_thickness_mm)) / planned_thickness_mm;
  if (Math.abs(thicker) >= 3)
    words.push(`pieces ${Math.round(Math.abs(thicker))} % ${thicker > 0 ? 'thicker' : 'thinner'} than meant`);
  if (Math.abs(dial_K) >= 1.5) words.push(`oven ${warmer(Math.abs(dial_K))} ${dial_K > 0 ? 'hotter' : 'cooler'} than believed`);
  if (Math.abs(water_pct) >= 0.7)
    words.push(`dough ${water_pct > 0 ? 'wetter' : 'drier'} by ${Math.abs(water_pct).toFixed(1)} points of water`);
  if (Math.abs(Math.log(pace)) >= 0.1) words.push(`the middle gave up its water ${pace > 1 ? 'faster' : 'slower'} than usual`);
  if (Math.abs(humidity_pct) >= 4)
    words.push(`room ${Math.round(Math.abs(humidity_pct))} points ${humidity_pct > 0 ? 'damper' : 'drier'} than written`);
  return words;
}
