import { CATALOGUE, type FailureCode } from '@/core/failure';

/** Refused for now, not for what was sent: it did not arrive in time, or this device was signed out meanwhile. */
const FOR_NOW: ReadonlySet<FailureCode> = new Set<FailureCode>(['OFFLINE', 'TOO_SLOW', 'NOT_SIGNED_IN']);

/** Whether the same may be taken when it is sent again. What the server refuses as it stands will not get better by asking again. */
export const worthAgain = (code: FailureCode): boolean => FOR_NOW.has(code) || CATALOGUE[code].status >= 500;
