import type { Late, Saving } from '@/core/bakeday';
import type { Failure } from '@/core/failure';
import { A_DAY_MIN, addDays, weekdayOf } from '@/core/quantities';
import { clock, duration, midSentence } from '../format/units';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

/** "Sat" of an ISO date. */
export const weekday = (iso: string): string => DAYS[weekdayOf(iso)];

/** "Sat 07:40", "Sat 7:40 am", on whatever day that is. */
export const momentOf = (day: string, minute: number): string =>
  `${weekday(addDays(day, Math.floor(minute / A_DAY_MIN)))} ${clock(minute)}`;

/** What a kitchen has only so much of besides machines and hands: its lane, and what a batch waits for. */
const HELD: Readonly<Record<string, readonly [lane: string, one: string]>> = {
  trays: ['Trays', 'trays'],
  fridge: ['Fridge', 'a place in the fridge'],
  freezer: ['Freezer', 'a place in the freezer'],
};
export const laneOf = (id: string): string => HELD[id]?.[0] ?? id;

/** What a batch waited for, in words. */
export function causeInWords({ waitedFor, minutes }: Late['causes'][number], machine: (id: string) => string): string {
  switch (waitedFor.kind) {
    case 'machine':
      return `${duration(minutes)} for the ${midSentence(machine(waitedFor.id))}`;
    case 'store':
      return `${duration(minutes)} for ${HELD[waitedFor.id]?.[1] ?? waitedFor.id}`;
    case 'hands':
      return `${duration(minutes)} for hands`;
    case 'night':
      return `${duration(minutes)} for somebody to wake`;
    case 'held-back':
      return `${duration(minutes)} so that nothing stands too long later`;
    case 'own-length':
      return 'nothing: it takes longer than there is time';
  }
}

/** What would help, in words. */
export function reliefInWords({ relief }: Saving, machine: (id: string) => string, batch: (b: number) => string): string {
  switch (relief.kind) {
    case 'more-hands':
      return 'another pair of hands';
    case 'start-earlier':
      return 'beginning an hour earlier';
    case 'another':
      return `another ${midSentence(machine(relief.machine))}`;
    case 'mix-before':
      return `mixing ${batch(relief.b)} the evening before`;
    case 'leave-out':
      return `leaving ${batch(relief.b)} out`;
  }
}

/** What stands in the way of a plan, with the batch that it is about. */
export function noPlanInWords({ message, path }: Failure, batch: (b: number) => string): string {
  const about = /^batches\[(\d+)\]/.exec(path);
  return about ? `${batch(Number(about[1]))}: ${message}` : message;
}
