export { gramsToReach, holdBack } from './adjust';
export { FEEL_STARTS, FEEL_TARGETS, FEEL_WORDS, crumbleEdge, feelOf } from './feel';
export type { Feel } from './feel';
export { softness } from './softness';
