export { gramsToReach, holdBack } from './adjust';
export { COMPLAINTS, doctor, doctorQuestions } from './doctor';
export type { Complaint, DoctorCase, Remedy } from './doctor';
export { FEEL_STARTS, FEEL_TARGETS, FEEL_WORDS, crumbleEdge, feelOf } from './feel';
export type { Feel } from './feel';
export { softness } from './softness';
export type { BowlState } from './softness';
