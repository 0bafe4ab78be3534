import { signOutEverywhere } from '@/server/people/sign-in';
import { answerSignedOut } from '../session';

/** Signs the person who asks out on every device. */
export const DELETE = async (): Promise<Response> => answerSignedOut(await signOutEverywhere());
