import Joi from 'joi';
import QRCode from 'qrcode';
import type { PairingCode, QrSquare } from '@/contract/people';
import { fail, succeed, type Result } from '@/core/failure';
import { noteDone, noteOwn } from '@/db/audit';
import { addPairing, usePairing } from '@/db/devices';
import { maybePerson } from '@/db/people';
import { forgetTries } from '@/db/wrong-tries';
import { checkWith } from '@/formats/read-batch';
import { who } from '../asked';
import { sharedAt } from '../sharing/shared-at';
import { ofTheHouse, withDatabase } from '../with-database';
import { memberHere, nameOfWho } from './members';
import { oneAtATime } from './passphrase';
import { refusal } from './allowed';
import { signedIn, type SignedIn } from './sign-in';
import { keysOf, tryAgain } from './slow-down';
import { hashOf, newCode, plainCode } from './tokens';

const PERSON = Joi.object<{ readonly person: string }, true>({ person: Joi.string().max(60).required() });

/** Makes a code that signs a further device in as somebody of this kitchen: oneself, or for owners anybody. */
export const makePairing = (body: unknown): Promise<Result<PairingCode>> =>
  withDatabase<PairingCode>('guest', async (db) => {
    const request = checkWith(PERSON, body);
    if (!request.ok) return request;
    const asking = who();
    const found = await memberHere(db, request.value.person);
    if (!found.ok) return found;
    const { person, kitchenId } = found.value;
    const refused = asking.kind === 'person' && asking.id === person.id ? null : refusal('owner', kitchenId);
    if (refused) return refused;
    const url = sharedAt();
    if (url === null)
      return fail('BAD_VALUE', 'No other device can come here yet. Let other devices in first, at the machine itself.');
    const code = newCode();
    const ends_at = await addPairing(db, hashOf(plainCode(code)), person.id);
    await noteDone(db, { kitchen_id: kitchenId, person: nameOfWho(), what: 'pairing code made', about: person.name });
    // What follows the hash sign stays in the device: no server on the way, and no log of ours, sees it.
    const address = `${url}/pair#${code}`;
    return succeed({ code, url: address, qr: squareOf(address), ends_at: ends_at.toISOString() });
  });

/** The dark fields of a QR code (ISO/IEC 18004), row by row. */
function squareOf(words: string): QrSquare {
  const { size, data } = QRCode.create(words, { errorCorrectionLevel: 'M' }).modules;
  const dark = Array.from(data, (on, at) => (on ? `M${at % size} ${Math.floor(at / size)}h1v1h-1z` : '')).join('');
  return { fields: size, path: dark };
}

const CODE = Joi.object<{ readonly code: string }, true>({ code: Joi.string().max(60).required() });

/** Signs a device in by a code, which is used up by it. */
export async function pair(body: unknown, device: string): Promise<Result<SignedIn>> {
  const request = checkWith(CODE, body);
  if (!request.ok) return request;
  // Codes have no name: every try from one address counts together.
  const keys = keysOf('a pairing code').slice(0, 2);
  return oneAtATime(async () => {
    const may = await ofTheHouse('anybody', async (db) => (await tryAgain(db, keys)) ?? succeed(null));
    if (!may.ok) return may;
    return ofTheHouse<SignedIn>('anybody', async (db) => {
      const personId = await usePairing(db, hashOf(plainCode(request.value.code)));
      const person = personId === null ? null : await maybePerson(db, personId);
      if (!person)
        return fail(
          'NOT_SIGNED_IN',
          'This code was used already, is older than five minutes, or was mistyped. Ask for a new one.',
        );
      await forgetTries(db, keys);
      const token = await signedIn(db, person, device);
      await noteOwn(db, person, 'device paired', device);
      return succeed({ token, name: person.name });
    });
  });
}
