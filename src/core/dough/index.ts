export { gramsToReach, holdBack } from './adjust';
export { aimFor } from './aim';
export { COMPLAINTS, doctor, doctorQuestions } from './doctor';
export type { Complaint, DoctorCase, Remedy } from './doctor';
export { FEEL_STARTS, FEEL_TARGETS, FEEL_WORDS, crumbleEdge, feelOf, isDough } from './feel';
export type { Feel } from './feel';
export { softness } from './softness';
export type { BowlState } from './softness';
