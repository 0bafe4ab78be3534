import type { HeatStep } from '@/core/catalogue';

const lowered = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

/** What is put on at a step, in a few words: "brush with the egg wash", "coat with the icing (40 g)". */
export function putOnWords(step: Extract<HeatStep, { do: 'brush' | 'coat' }>): string {
  const verb = step.do === 'brush' ? 'brush with' : 'coat with';
  const grams = step.grams === undefined ? '' : `${step.grams} g`;
  if (step.part === undefined) return `${verb} ${grams === '' ? 'water' : grams}`;
  return `${verb} the ${lowered(step.part)}${grams === '' ? '' : ` (${grams})`}`;
}
