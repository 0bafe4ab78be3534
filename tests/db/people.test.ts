/** People, passphrases, devices and codes: who comes in, how long, and how they are out again. */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { IDLE_DAYS, LONGEST_DAYS } from '@/db/devices';
import { whileAsked, type Line, type Who } from '@/server/asked';
import { admit } from '@/server/people/gate';
import { hashPassphrase } from '@/server/people/passphrase';
import { must, openKitchen } from './kitchen-database';

let db: pg.Client;
let close: () => Promise<void>;
let cases: Awaited<ReturnType<typeof useCases>>;
const useCases = async () => ({
  ...(await import('@/server/people/people')),
  ...(await import('@/server/people/sign-in')),
  ...(await import('@/server/people/pair')),
  ...(await import('@/server/people/own-account')),
  ...(await import('@/server/people/who-asks')),
  ...(await import('@/server/sharing/share')),
  ...(await import('@/server/sharing/share-state')),
  ...(await import('@/server/kitchen-pools')),
  ...(await import('@/server/dogs')),
  ...(await import('@/server/save-batch')),
  ...(await import('@/server/open-batch')),
  ...(await import('@/server/batch-versions')),
  ...(await import('@/server/start-batch')),
  ...(await import('@/server/view-rail')),
});
const DEMO = 'cairnhope';
const PHRASE = 'kettle marble thimble oat';
const OTHER_PHRASE = 'lantern pebble crumb seven';

/** An address of its own for each test: wrong tries of one make another wait. */
let last = 0;
const afar = (): Line => ({ address: `192.168.7.${++last}`, secure: true, is_here: false });
const nobody = <T>(work: () => Promise<T>, line = afar()): Promise<T> =>
  whileAsked({ kitchen: null, who: { kind: 'stranger' }, line }, work);
/** Who a device is, from its cookie, as the server in front finds out. */
async function comesAs(token: string): Promise<Who | null> {
  const request = { url: '/recipes', method: 'GET', headers: { cookie: `__Host-oven=${token}; kitchen=${DEMO}` } };
  const admission = await admit(request as never, afar());
  return 'kind' in admission && admission.kind === 'in' ? (admission.asked.who ?? null) : null;
}
async function as<T>(token: string, work: () => Promise<T>): Promise<T> {
  const who = await comesAs(token);
  if (!who) throw new Error('is signed in no longer');
  return whileAsked({ kitchen: DEMO, who, line: afar() }, work);
}
let robin: string;
let pip: string;

beforeAll(async () => {
  ({ db, close } = await openKitchen('oven_test_people'));
  cases = await useCases();
  must(await cases.makeOwner({ name: 'Robin', passphrase: PHRASE }));
  await db.query('update installation set sign_in = true');
  cases.setSharing({
    url: 'https://192.168.7.1:3443',
    trouble: null,
    fingerprint: null,
    hosts: [],
    apply: () => Promise.resolve(),
  });
  robin = must(await nobody(() => cases.signIn({ name: ' ROBIN ', passphrase: PHRASE }, 'Firefox on Linux'))).token;
  pip = must(await as(robin, () => cases.addToKitchen({ name: 'Pip', role: 'helper', passphrase: null }))).id;
});
afterAll(() => close());

const devices = async (): Promise<number> => (await db.query('select from device')).rowCount ?? 0;

describe('a passphrase', () => {
  it('is kept as a salted hash at what OWASP asks, and never comes out again', async () => {
    const { rows } = await db.query<{ passphrase: string }>("select passphrase from person where name = 'Robin'");
    expect(rows[0].passphrase).toMatch(/^scrypt\$131072\$8\$1\$[\w-]{22}\$[\w-]{43}$/);
    const shown = JSON.stringify(must(await as(robin, () => cases.viewPeople())));
    expect(shown).not.toContain('scrypt');
    expect(shown).not.toContain(robin);
  });
  it.each([
    ['short', 'eleven char'],
    ['tried first', 'password1234'],
    ['of one letter', 'aaaaaaaaaaaaaaaa'],
    ['the name', 'Robin Robin Robin'],
  ])('that is %s is refused', async (_, passphrase) =>
    expect(await as(robin, () => cases.addToKitchen({ name: 'Robin R', role: 'guest', passphrase }))).toMatchObject({
      ok: false,
      path: 'passphrase',
    }),
  );
  it('that is wrong tells nothing of whether the name is known, and is noted without what was typed', async () => {
    const line = afar();
    const known = await nobody(() => cases.signIn({ name: 'Robin', passphrase: 'not this one at all' }, 'x'), line);
    const unknown = await nobody(() => cases.signIn({ name: 'Nobody', passphrase: 'not this one at all' }, 'x'), line);
    expect(known).toMatchObject({ ok: false, code: 'NOT_SIGNED_IN' });
    expect(unknown).toEqual(known);
    const { rows } = await db.query<{ person: string; about: string }>(
      "select person, about from audit where what = 'passphrase refused'",
    );
    expect(rows).toEqual([{ person: 'Robin', about: 'x' }]);
  });
  it('is looked at by what its own hash cost, also where new ones cost something else', async () => {
    // It stays so for what follows: guesses are counted here, not what one costs.
    const hash = await hashPassphrase(PHRASE, { N: 2 ** 12, r: 8, p: 1 });
    await db.query("update person set passphrase = $1 where name = 'Robin'", [hash]);
    must(await nobody(() => cases.signIn({ name: 'Robin', passphrase: PHRASE }, 'x')));
    expect(await nobody(() => cases.signIn({ name: 'Robin', passphrase: `${PHRASE}.` }, 'x'))).toMatchObject({ ok: false });
  });
  it('that is wrong too often must wait, longer each time, from there only', async () => {
    const line = afar();
    const guess = (passphrase: string) => nobody(() => cases.signIn({ name: 'Robin', passphrase }, 'x'), line);
    for (let tries = 0; tries < 5; tries++) expect(await guess(`guess number ${tries}`)).toMatchObject({ code: 'NOT_SIGNED_IN' });
    expect(await guess(PHRASE)).toMatchObject({
      ok: false,
      code: 'TOO_MANY_TRIES',
      message: expect.stringMatching(/Wait 1\d seconds/) as string,
    });
    await db.query("update wrong_try set last_at = last_at - interval '16 seconds'");
    expect(await guess('guess number six')).toMatchObject({ code: 'NOT_SIGNED_IN' });
    expect(await guess(PHRASE)).toMatchObject({
      code: 'TOO_MANY_TRIES',
      message: expect.stringMatching(/Wait (2\d|30) seconds/) as string,
    });
    must(await nobody(() => cases.signIn({ name: 'Robin', passphrase: PHRASE }, 'elsewhere')));
    await db.query("update wrong_try set last_at = last_at - interval '31 seconds'");
    must(await guess(PHRASE));
    expect(await guess('one wrong again')).toMatchObject({ code: 'NOT_SIGNED_IN' });
  });
  it('is tried one at a time: twenty at once are counted each', async () => {
    const line = afar();
    const tries = await Promise.all(
      Array.from({ length: 20 }, (_, n) =>
        nobody(() => cases.signIn({ name: 'Robin', passphrase: `many at once ${n}` }, 'x'), line),
      ),
    );
    const codes = tries.map((one) => (one.ok ? 'in' : one.code));
    expect(codes.filter((code) => code === 'NOT_SIGNED_IN')).toHaveLength(5);
    expect(codes.filter((code) => code === 'TOO_MANY_TRIES')).toHaveLength(15);
  });
});

describe('a device', () => {
  it('is known by its cookie, which the house keeps as a hash only', async () => {
    expect(await comesAs(robin)).toMatchObject({ kind: 'person', name: 'Robin' });
    const { rows } = await db.query<{ token_hash: Buffer }>('select token_hash from device');
    for (const { token_hash } of rows) expect(token_hash.toString('base64url')).not.toBe(robin);
    for (const wrong of ['', `${robin}x`, robin.slice(1), '%00', "' or true --"]) expect(await comesAs(wrong)).toBeNull();
  });
  it.each([
    ['idle', `seen_at = now() - interval '${IDLE_DAYS} days 1 minute'`],
    ['old', `ends_at = now() - interval '1 second'`],
  ])('that is %s is out', async (_, change) => {
    const { token } = must(await nobody(() => cases.signIn({ name: 'Robin', passphrase: PHRASE }, 'to end')));
    expect(await comesAs(token)).toMatchObject({ kind: 'person' });
    await db.query(`update device set ${change} where name = 'to end'`);
    expect(await comesAs(token)).toBeNull();
    await db.query("delete from device where name = 'to end'");
  });
  it('ends by itself after the longest time, however much it is used', async () => {
    const { rows } = await db.query<{ days: number }>('select extract(day from ends_at - begun_at)::int as days from device');
    for (const { days } of rows) expect(days).toBe(LONGEST_DAYS);
  });
  it('that is revoked is out at its next request, and only an owner or its own person revokes it', async () => {
    const { code } = must(await as(robin, () => cases.makePairing({ person: pip })));
    const phone = must(await nobody(() => cases.pair({ code }, 'Chrome on Android'))).token;
    const { people } = must(await as(robin, () => cases.viewPeople()));
    const own = people.find(({ name }) => name === 'Robin')?.devices[0].id ?? '';
    const its = people.find(({ name }) => name === 'Pip')?.devices[0].id ?? '';
    expect(await as(phone, () => cases.revokeDevice(own))).toMatchObject({ ok: false, code: 'NOT_ALLOWED' });
    expect(await comesAs(robin)).not.toBeNull();
    must(await as(robin, () => cases.revokeDevice(its)));
    expect(await comesAs(phone)).toBeNull();
  });
  it('signs out, and out everywhere', async () => {
    const [one, two, three] = await Promise.all(
      ['a', 'b', 'c'].map(
        async (name) => must(await nobody(() => cases.signIn({ name: 'Robin', passphrase: PHRASE }, name))).token,
      ),
    );
    must(await as(one, () => cases.signOut()));
    expect([await comesAs(one), (await comesAs(two))?.kind]).toEqual([null, 'person']);
    must(await as(two, () => cases.signOutEverywhere()));
    expect([await comesAs(two), await comesAs(three), await comesAs(robin)]).toEqual([null, null, null]);
    expect(await devices()).toBe(0);
    robin = must(await nobody(() => cases.signIn({ name: 'Robin', passphrase: PHRASE }, 'again'))).token;
  });
});

describe('a pairing code', () => {
  it('signs one device in, once, as whom it was made for', async () => {
    const { code, url, qr, ends_at } = must(await as(robin, () => cases.makePairing({ person: pip })));
    expect(url).toBe(`https://192.168.7.1:3443/pair#${code}`);
    expect(qr.path.length).toBeGreaterThan(500);
    expect(Date.parse(ends_at) - Date.now()).toBeLessThanOrEqual(300_000);
    const typed = code.toLowerCase().replaceAll('-', ' ');
    const [first, second] = await Promise.all([typed, code].map((one) => nobody(() => cases.pair({ code: one }, 'phone'))));
    expect([first.ok, second.ok].filter(Boolean)).toHaveLength(1);
    const { token } = must(first.ok ? first : second);
    expect(await comesAs(token)).toMatchObject({ name: 'Pip' });
    expect(await nobody(() => cases.pair({ code }, 'phone'))).toMatchObject({ ok: false, code: 'NOT_SIGNED_IN' });
  });
  it('dies after five minutes', async () => {
    const { code } = must(await as(robin, () => cases.makePairing({ person: pip })));
    await db.query("update pairing set ends_at = ends_at - interval '300 seconds'");
    expect(await nobody(() => cases.pair({ code }, 'phone'))).toMatchObject({ ok: false, code: 'NOT_SIGNED_IN' });
  });
  it('is guessed a few times from one place, then one waits', async () => {
    const line = afar();
    const codes: string[] = [];
    for (let tries = 0; tries < 7; tries++) {
      const tried = await nobody(() => cases.pair({ code: `AAAA-BBBB-CC${tries}2` }, 'phone'), line);
      codes.push(tried.ok ? 'in' : tried.code);
    }
    expect(codes).toEqual([...Array<string>(5).fill('NOT_SIGNED_IN'), 'TOO_MANY_TRIES', 'TOO_MANY_TRIES']);
  });
  it('is made for oneself by anybody, for others by owners only', async () => {
    const { code } = must(await as(robin, () => cases.makePairing({ person: pip })));
    const phone = must(await nobody(() => cases.pair({ code }, 'phone'))).token;
    must(await as(phone, () => cases.makePairing({ person: pip })));
    const robinsId = must(await as(robin, () => cases.viewPeople())).me ?? '';
    expect(await as(phone, () => cases.makePairing({ person: robinsId }))).toMatchObject({ ok: false, code: 'NOT_ALLOWED' });
  });
});

describe('a person', () => {
  it('is called as nobody else in the house', async () =>
    expect(await as(robin, () => cases.addToKitchen({ name: 'pip ', role: 'guest', passphrase: null }))).toMatchObject({
      ok: false,
      path: 'name',
    }));
  it('may do from the next request on what the owner says', async () => {
    const { code } = must(await as(robin, () => cases.makePairing({ person: pip })));
    const phone = must(await nobody(() => cases.pair({ code }, 'phone'))).token;
    const drop = () => as(phone, () => cases.dropDog('no-such-dog'));
    expect(await drop()).toMatchObject({ code: 'NOT_ALLOWED' });
    must(await as(robin, () => cases.changePerson(pip, { role: 'baker' })));
    expect(await drop()).toMatchObject({ code: 'NOT_FOUND' });
    must(await as(robin, () => cases.changePerson(pip, { role: 'helper' })));
    expect(await drop()).toMatchObject({ code: 'NOT_ALLOWED' });
  });
  it('is the last owner until there is another, even when two leave at once', async () => {
    const robinsId = must(await as(robin, () => cases.viewPeople())).me ?? '';
    for (const change of [() => cases.changePerson(robinsId, { role: 'guest' }), () => cases.removeFromKitchen(robinsId)])
      expect(await as(robin, change)).toMatchObject({ ok: false, message: expect.stringContaining('only owner') as string });
    must(await as(robin, () => cases.changePerson(pip, { role: 'owner' })));
    const left = await Promise.all([robinsId, pip].map((id) => as(robin, () => cases.changePerson(id, { role: 'baker' }))));
    expect(left.filter(({ ok }) => ok)).toHaveLength(1);
    await db.query("update member set role = case when person_id = $1 then 'owner' else 'helper' end", [robinsId]);
  });
  it('saves of a batch what was weighed as a helper, and goes down in its history', async () => {
    const batch = must(await as(robin, () => cases.startBatch('hillbars'))).id;
    const { code } = must(await as(robin, () => cases.makePairing({ person: pip })));
    const phone = must(await nobody(() => cases.pair({ code }, 'phone'))).token;
    const { document, revision } = must(await as(phone, () => cases.openBatch(batch))).batch;
    const [line, ...lines] = document.recipe.ingredients;
    const weighed = { ...document, recipe: { ...document.recipe, ingredients: [{ ...line, actual_g: 123 }, ...lines] } };
    const renamed = { ...weighed, recipe: { ...weighed.recipe, name: 'Something else' } };
    expect(await as(phone, () => cases.saveBatch(batch, { revision, document: renamed }))).toMatchObject({ code: 'NOT_ALLOWED' });
    expect(must(await as(phone, () => cases.saveBatch(batch, { revision, document: weighed })))).toMatchObject({ kind: 'saved' });
    await db.query("update batch set updated_at = now() - interval '1 hour' where id = $1", [batch]);
    must(await as(robin, () => cases.saveBatch(batch, { revision: revision + 1, document })));
    const { versions } = must(await as(robin, () => cases.batchVersions(batch)));
    expect(versions[0]).toMatchObject({
      saved_by: 'Pip',
      document: { recipe: { ingredients: [{ actual_g: 123 }, ...lines.map(() => ({}))] } },
    });
  });
  it('reads in units of their own, whatever the kitchen does', async () => {
    must(await as(robin, () => cases.saveOwnReads({ heat: 'f', clock: '12' })));
    expect(must(await as(robin, () => cases.viewRail())).reads).toMatchObject({ heat: 'f', clock: '12', length: 'mm' });
    must(await as(robin, () => cases.saveOwnReads({})));
    expect(must(await as(robin, () => cases.viewRail())).reads.heat).toBe('c');
  });
  it('changes the own passphrase by the old one, which signs the other devices out', async () => {
    const other = must(await nobody(() => cases.signIn({ name: 'Robin', passphrase: PHRASE }, 'other'))).token;
    expect(await as(robin, () => cases.changeOwnPassphrase({ old: 'not the old one', fresh: OTHER_PHRASE }))).toMatchObject({
      path: 'old',
    });
    must(await as(robin, () => cases.changeOwnPassphrase({ old: PHRASE, fresh: OTHER_PHRASE })));
    expect([await comesAs(other), (await comesAs(robin))?.kind]).toEqual([null, 'person']);
    expect(await nobody(() => cases.signIn({ name: 'Robin', passphrase: PHRASE }, 'x'))).toMatchObject({ ok: false });
    must(await nobody(() => cases.signIn({ name: 'Robin', passphrase: OTHER_PHRASE }, 'x')));
  });
  it('is forgotten with their devices once they belong to no kitchen', async () => {
    const { code } = must(await as(robin, () => cases.makePairing({ person: pip })));
    const phone = must(await nobody(() => cases.pair({ code }, 'phone'))).token;
    must(await as(robin, () => cases.removeFromKitchen(pip)));
    expect(await comesAs(phone)).toBeNull();
    expect((await db.query("select from person where name = 'Pip'")).rowCount).toBe(0);
  });
});

describe('what was done', () => {
  it('is told to owners, without anything secret', async () => {
    const { audit } = must(await as(robin, () => cases.viewPeople()));
    const whats = new Set(audit.map(({ what }) => what));
    for (const what of [
      'signed in',
      'device paired',
      'pairing code made',
      'role changed',
      'device revoked',
      'passphrase changed',
    ] as const)
      expect(whats, what).toContain(what);
    const told = JSON.stringify(audit);
    for (const secret of [PHRASE, OTHER_PHRASE, robin]) expect(told).not.toContain(secret);
  });
  it('can be changed or taken away by no query of the application', async () => {
    const pool = cases.poolOf(DEMO);
    await expect(pool.query("update audit set person = 'Nobody'")).rejects.toThrow('permission denied');
    await expect(pool.query('delete from audit')).rejects.toThrow('permission denied');
  });
});
