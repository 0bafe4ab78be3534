import type { PracticeView } from '@/contract/practice';
import type { BatchDocument } from '@/core/document';
import { succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import {
  lookOf,
  settingOf,
  verdictOf,
  wrongAct,
  type Act,
  type Guess,
  type Owned,
  type Setting,
  type Verdict,
} from '@/core/practice';
import type { Input } from '@/core/prediction';
import type { Ask, Service } from '@/workers/protocol';

/** A practice bake as it is kept, as far as it is computed from. */
export type OfPractice = {
  readonly document: BatchDocument;
  readonly pantry: Pantry;
  readonly unknown: readonly Input[];
  readonly owned: Owned;
  readonly truth: number;
  readonly acts: readonly Act[];
};

/** What a practice bake shows. */
export type Practised = Omit<PracticeView, 'id' | 'lesson' | 'batch_id' | 'name' | 'bake' | 'acts' | 'verdict'>;

export type PracticeJobs = {
  /** How a practice bake stands, once another thing was done where one is given; what cannot be done is refused. */
  readonly practise: Ask<OfPractice & { readonly act: Act | null }, Result<Practised>>;
  readonly judgePractice: Ask<OfPractice & { readonly guess: Guess }, Result<Verdict>>;
};

export const PRACTICE_JOBS: Service<PracticeJobs> = {
  practise: (ask) => {
    const made = settingFor(ask);
    if (!made.ok) return made;
    const wrong = ask.act && wrongAct(made.value, ask.acts, ask.act);
    if (wrong) return wrong;
    const look = lookOf(made.value, ask.truth, ask.act ? [...ask.acts, ask.act] : ask.acts);
    return look.ok ? succeed({ ...shownOf(made.value), ...look.value }) : look;
  },
  judgePractice: (ask) => {
    const made = settingFor(ask);
    return made.ok ? verdictOf({ setting: made.value, bake: ask.truth, acts: ask.acts, guess: ask.guess }) : made;
  },
};

const settingFor = ({ document, pantry, unknown, owned }: OfPractice): Result<Setting> =>
  settingOf(document, { pantry }, { unknown, owned });

/** What is known before the door is shut. */
function shownOf({
  document,
  planned,
  goal,
  dial_c,
  dryer,
  dryer_c,
  mayMove,
  handlings,
  askings,
}: Setting): Omit<Practised, 'minute' | 'standing' | 'seen' | 'window'> {
  const { out, packs, prediction } = planned;
  return {
    goal,
    brief: {
      pieces: out.pieces,
      raw_g: out.pieces * out.piece_g,
      thickness_mm: out.body.thickness_mm,
      width_mm: out.sides_mm[0],
      appliance: document.heat.appliance?.kind ?? 'static-oven',
      dryer: dryer.kind ?? 'dehydrator',
      pack: { option: packs[0].option, store: prediction.keeps[0]?.store ?? 'room' },
      programme: document.heat.steps.map((step) => ({
        do: step.do,
        minutes: 'minutes' in step ? step.minutes : null,
        setpoint_c: 'setpoint_c' in step ? step.setpoint_c : null,
      })),
    },
    dial_c,
    dryer_c,
    may_move: mayMove,
    handlings,
    askings,
  };
}
