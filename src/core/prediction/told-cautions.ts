import { allergenCaution, type Caution } from '../cautions';
import type { DoughLine } from '../pantry';
import type { Prediction } from './prediction';

type Told = Prediction['cautions'][number];

/** A caution as a prediction tells it. */
export const toldCaution = ({ code, severity, step, title, why, act }: Caution): Told => ({
  code,
  severity,
  step,
  message: `${title}. ${why} ${act}`,
});

/** One portion of a bowl: its name, what ends on its treats, and what is to be minded of them. */
type Of = { readonly name: string; readonly lines: readonly DoughLine[]; readonly cautions: readonly Told[] };

const ORDER: Readonly<Record<Told['severity'], number>> = { stop: 0, mind: 1, note: 2 };

/**
 * What is to be minded of a whole bowl, each thing once and as grave as it is anywhere: what is said alike of all portions as it
 * stands, else by the portions that it is said of. Allergens are those of all of them.
 */
export function cautionsTogether(portions: readonly Of[]): Told[] {
  const codes = [...new Set(portions.flatMap(({ cautions }) => cautions.map(({ code }) => code)))];
  const rows = portions.flatMap(({ lines }) => lines.filter(({ mass_g }) => mass_g > 0).map(({ ingredient }) => ingredient));
  const allergens = allergenCaution([...new Set(rows)]);
  const all = codes.flatMap((code): Told[] => {
    if (code === 'allergens') return allergens ? [toldCaution(allergens)] : [];
    const said = portions.flatMap(({ name, cautions }) =>
      cautions.filter((one) => one.code === code).map((caution) => ({ name, caution })),
    );
    return [saidTogether(said, portions.length)];
  });
  return all.sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);
}

function saidTogether(said: ReadonlyArray<{ readonly name: string; readonly caution: Told }>, portions: number): Told {
  const gravest = said.map(({ caution }) => caution).reduce((a, b) => (ORDER[b.severity] < ORDER[a.severity] ? b : a));
  const messages = [...new Set(said.map(({ caution }) => caution.message))];
  if (messages.length === 1 && said.length >= portions) return gravest;
  const words = messages.map((message) => {
    const names = said.filter(({ caution }) => caution.message === message).map(({ name }) => name);
    return `${names.join(', ')}: ${message}`;
  });
  return { ...gravest, message: words.join(' ') };
}
