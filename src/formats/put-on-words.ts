import type { HeatStep } from '@/core/catalogue';

const lowered = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

/** What is put on at a step, in a few words: "brush with the egg wash", "put on the icing (40 g)". */
export function putOnWords(step: Extract<HeatStep, { do: 'brush' | 'coat' }>): string {
  const grams = step.grams === undefined ? '' : `${step.grams} g`;
  if (step.part === undefined) return `${step.do} with ${grams === '' ? 'water' : grams}`;
  const verb = step.do === 'brush' ? 'brush with' : 'put on';
  return `${verb} the ${lowered(step.part)}${grams === '' ? '' : ` (${grams})`}`;
}
