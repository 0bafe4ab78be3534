import { SUPPORTS, finArea, trayFin, type PieceEvent, type Stage, type SupportName, type Surroundings } from '../heat';
import type { Assumptions } from '../fields';
import { finishingFrom, type Heat } from '../document';
import {
  type HeatStep,
  type ShapeMethod,
  FREEZER_C,
  FRIDGE,
  freezeDryerOf,
  freezerOf,
  isChamber,
  usualBase,
  STEPS,
  applianceRecord,
} from '../catalogue';
import { openSides, pouredGap, type PutOn, type ShapeYield } from '../yield';
import { loadInto, type Load } from './load';

/** Trays whose metal is bare between the pieces. */
const BARE_BETWEEN: ReadonlySet<SupportName> = new Set(['bare-tray', 'paper-on-tray', 'foil-on-tray']);
/** A look through the open door [s]. Source: ours. */
const LOOK_S = 20;

/** One appliance of a programme, with the stages that run in it. */
export type ApplianceStage = Load & {
  readonly firstStage: number;
  /** Minutes on the baker's clock. */
  readonly minutes: number;
  /** It stands at its setpoint before the pieces go in [°C]; null when it is heated up with them. */
  readonly preheated_c: number | null;
};

type Programme = {
  readonly stages: readonly Stage[];
  /** Minutes on the baker's clock, per stage. */
  readonly stageMinutes: readonly number[];
  /** The step of the programme that each stage comes from. */
  readonly stageSteps: readonly number[];
  readonly applianceStages: readonly ApplianceStage[];
};

/** A coat dries when the heat is over: then it is no stage of it; between two stretches it stands on the rack. */
type TimedStep = Extract<HeatStep, { minutes: number }>;
type Kitchen = { readonly room_c: number; readonly room_rh: number };

/** What a programme heats: pieces of a batch, and the water that parts bring to them on the way. */
export type Heated = { readonly method: ShapeMethod; readonly out: ShapeYield; readonly puts?: readonly PutOn[] };

/** Turns the steps of a programme into stages of the simulation, one leg per appliance. */
export function stagesOf(heat: Heat, heated: Heated, kitchen: Kitchen, assumed: Assumptions): Programme {
  return new Builder(heat, heated, kitchen, assumed).build();
}

class Builder {
  private readonly stages: Stage[] = [];
  private readonly stageMinutes: number[] = [];
  private readonly stageSteps: number[] = [];
  private step = 0;
  private readonly applianceStages: Array<{ -readonly [K in keyof ApplianceStage]: ApplianceStage[K] }> = [];
  private events: PieceEvent[] = [];
  private into: Surroundings | null = null;
  private base: SupportName;
  /** The first hold of a leg tells whether its appliance was heated up before. */
  private first = true;
  private lastSet: Stage['set'] = 'off';
  /** Width and length of a piece once it is cut free [mm]. */
  private sides_mm: readonly [number, number];

  private readonly method: ShapeMethod;
  private readonly out: ShapeYield;
  private readonly puts: readonly PutOn[];

  constructor(
    private readonly heat: Heat,
    { method, out, puts = [] }: Heated,
    private readonly kitchen: Kitchen,
    private readonly assumed: Assumptions,
  ) {
    [this.method, this.out, this.puts] = [method, out, puts];
    const standing = loadInto(heat.appliance, 'heat.appliance', out, kitchen.room_c, assumed);
    this.base = assumed.or(heat.base, 'heat.base', usualBase(standing.kind, method));
    this.sides_mm = [out.sides_mm[1], out.sides_mm[0]];
    this.begin(standing);
  }

  build(): Programme {
    this.putOn(null);
    const { steps } = this.heat;
    for (const [index, step] of steps.slice(0, finishingFrom(steps)).entries()) {
      this.step = index;
      if ('minutes' in step) this.time(step, index);
      else this.act(step, index);
    }
    if (this.events.length > 0) this.add(0, 'room', {});
    return {
      stages: this.stages,
      stageMinutes: this.stageMinutes,
      stageSteps: this.stageSteps,
      applianceStages: this.applianceStages,
    };
  }

  private get applianceStage(): Builder['applianceStages'][number] {
    return this.applianceStages[this.applianceStages.length - 1];
  }

  private begin(standing: Load): void {
    if (this.applianceStages.length > 0) this.into = standing.surroundings;
    this.applianceStages.push({ ...standing, firstStage: this.stages.length, minutes: 0, preheated_c: null });
    this.first = true;
  }

  private time(step: TimedStep, index: number): void {
    const path = `heat.steps[${index}]`;
    const { minutes } = step;
    switch (step.do) {
      case 'hold': {
        const set = step.setpoint_c + this.applianceStage.offset_c;
        const preheated = this.isPreheated(step, path);
        if (this.first && preheated) this.applianceStage.preheated_c = set;
        this.first = false;
        return this.add(minutes, set, { preheated, door: step.door });
      }
      case 'ramp':
        this.first = false;
        return this.add(minutes, step.setpoint_c + this.applianceStage.offset_c, { ramp: true, door: step.door });
      case 'off':
        return this.add(minutes, 'off', { door: step.door });
      case 'cool': {
        const rh = step.room_rh_pct === undefined ? null : step.room_rh_pct / 100;
        const set = rh === null ? 'room' : { air_c: this.kitchen.room_c, relativeHumidity: rh };
        return this.add(minutes, set, { support: step.on === 'tray' ? this.base : 'wire-rack' });
      }
      case 'dry-coat':
        return step.at === 'fridge' ? this.add(minutes, FRIDGE, {}) : this.add(minutes, 'room', { support: 'wire-rack' });
      case 'chill':
        return this.add(minutes, { ...FRIDGE, air_c: this.assumed.from(STEPS.chill.fields, step, path)('fridge_c') }, {});
      case 'freeze':
        this.freeze(this.assumed.or(step.freezer_c, 'heat.steps.freezer_c', FREEZER_C));
        return this.add(minutes, 'off', {});
      case 'freeze-dry':
        this.place(freezeDryerOf(step, path, this.applianceStage.load_g / 1000, this.assumed));
        return this.add(minutes, 'off', {});
    }
  }

  private isPreheated(step: Extract<HeatStep, { do: 'hold' }>, path: string): boolean {
    if (!this.first) return step.preheated ?? false;
    // What is moved on into a dryer warms up with it; an oven is waited for.
    const waits = this.applianceStages.length === 1 || applianceRecord(this.applianceStage.kind).waitedFor;
    return this.assumed.or(step.preheated, `${path}.preheated`, waits);
  }

  private act(step: Exclude<HeatStep, TimedStep>, index: number): void {
    const { out } = this;
    switch (step.do) {
      case 'brush':
      case 'coat':
        if (step.do === 'brush' && step.part === undefined) this.wet(step.grams ?? 0);
        return this.putOn(index);
      case 'score':
        this.sides_mm = this.cutSides(step, index);
        this.events.push({ do: 'score', width_m: this.sides_mm[0] / 1000, length_m: this.sides_mm[1] / 1000 });
        return;
      case 'cut':
      case 'snap-apart': {
        const [width_mm, length_mm] = this.cutSides(step, index);
        const exposure = this.freed(step, `heat.steps[${index}]`, Math.sqrt(width_mm * length_mm));
        this.events.push({ do: 'snap-apart', width_m: width_mm / 1000, length_m: length_mm / 1000, exposure });
        return;
      }
      case 'turn-out': {
        this.base = step.base ?? 'wire-rack';
        const exposure = this.freed(step, `heat.steps[${index}]`, out.body.width_mm);
        this.events.push({ do: 'turn-out', exposure }, { do: 'new-tray' });
        return;
      }
      case 'check':
        return this.add((step.seconds ?? LOOK_S) / 60, this.lastSet, { door: 'open' });
      case 'move':
        return this.move(step, index);
      case 'turn':
      case 'stir':
      case 'rotate-trays':
        this.events.push({ do: step.do });
    }
  }

  /** What parts bring of water at a step, or before the first. */
  private putOn(at: number | null): void {
    for (const { step, water_g } of this.puts) if (step === at) this.wet(water_g);
  }

  /** Water on the upper faces of all pieces [g]. */
  private wet(water_g: number): void {
    const area_m2 = (this.out.pieces * this.out.area_mm2) / 1e6;
    if (water_g > 0) this.events.push({ do: 'brush', water_kg_per_m2: water_g / 1000 / area_m2 });
  }

  /** Width and length that a cut leaves [mm]: as told, as scored before, or the shape's own. */
  private cutSides(step: { readonly width_mm?: number; readonly length_mm?: number }, index: number): readonly [number, number] {
    const path = `heat.steps[${index}]`;
    const [width_mm, length_mm] = this.sides_mm;
    return [
      this.assumed.or(step.width_mm, `${path}.width_mm`, round(width_mm)),
      this.assumed.or(step.length_mm, `${path}.length_mm`, round(length_mm)),
    ];
  }

  /** How far the sides of pieces of this size are open once they lie apart: by the gap that is told, or as poured. */
  private freed({ gap_mm }: { readonly gap_mm?: number }, path: string, side_mm: number): number {
    return openSides(this.assumed.or(gap_mm, `${path}.gap_mm`, round(pouredGap(side_mm))), this.out.body.thickness_mm);
  }

  private move({ appliance, base }: Extract<HeatStep, { do: 'move' }>, index: number): void {
    if (appliance) this.begin(loadInto(appliance, `heat.steps[${index}].appliance`, this.out, this.kitchen.room_c, this.assumed));
    const next = base ?? (appliance ? usualBase(this.applianceStage.kind, this.method) : this.base);
    if (next !== this.base) this.events.push({ do: 'new-tray' });
    this.base = next;
  }

  /** Into the freezer, unless the pieces stand in one already. */
  private freeze(air_c: number): void {
    const load_kg = this.applianceStage.load_g / 1000;
    if (isChamber(this.applianceStage.kind))
      this.begin({ ...this.applianceStage, kind: 'freezer', pace: 1, surroundings: null, between_min: 0 });
    this.place(freezerOf(air_c, load_kg));
  }

  /** What a step decides of the appliance that the pieces stand in. */
  private place(surroundings: Surroundings): void {
    if (JSON.stringify(this.applianceStage.surroundings) === JSON.stringify(surroundings)) return;
    const { applianceStage } = this;
    // Of the very first stage it is where the simulation begins; a later one carries it.
    if (applianceStage.minutes > 0) this.begin({ ...applianceStage, surroundings });
    this.applianceStage.surroundings = surroundings;
    if (this.applianceStages.length > 1) this.into = surroundings;
  }

  private add(
    minutes: number,
    set: Stage['set'],
    {
      support,
      preheated = false,
      ramp,
      door,
    }: { support?: SupportName; preheated?: boolean; ramp?: boolean; door?: Stage['door'] | undefined },
  ): void {
    const outside = set === 'room' || typeof set === 'object';
    this.stages.push({
      duration_s: minutes * 60 * (outside ? 1 : this.applianceStage.pace),
      set,
      door: door ?? 'shut',
      support: this.supportOf(support ?? this.base),
      preheated,
      events: this.events,
      ...(ramp ? { ramp } : {}),
      ...(!outside && applianceRecord(this.applianceStage.kind).drier ? { dryingAir: true } : {}),
      ...(this.into ? { into: this.into } : {}),
    });
    this.stageMinutes.push(minutes);
    this.stageSteps.push(this.step);
    this.applianceStage.minutes += minutes;
    this.events = [];
    this.into = null;
    this.lastSet = set;
  }

  /** The support under a piece; one that touches it only at a point breathes from below. */
  private supportOf(name: SupportName): Stage['support'] {
    const support = SUPPORTS[name];
    const breathing = Math.max(support.breathing, this.out.body.leastBreathing ?? 0);
    const { tray } = this.out;
    if (!tray || !support.tray || !BARE_BETWEEN.has(name)) return { ...support, breathing };
    const { area_mm2, body } = this.out;
    const fin = trayFin(area_mm2 / 1e6, body.thickness_mm / 1000, tray.covered);
    const capacity_J_per_m2_K = support.tray.capacity_J_per_m2_K * finArea(fin);
    return { ...support, breathing, tray: { ...support.tray, capacity_J_per_m2_K, fin } };
  }
}

const round = (value: number): number => Math.round(value * 10) / 10;
