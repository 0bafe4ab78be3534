import type { BatchDocument, Portion, RecipePart } from '@/core/document';

/** A portion under another name, its packs with it; as it was where the name is taken or empty. */
export function renamed(document: BatchDocument, at: number, name: string): BatchDocument {
  const { portions = [], pack } = document;
  if (name === '' || portions.some((other, i) => i !== at && other.name === name)) return document;
  const old = portions[at].name;
  return {
    ...document,
    portions: portions.map((one, i) => ({
      ...one,
      ...(i === at ? { name } : {}),
      ...(one.round === old ? { round: name } : {}),
    })),
    ...(pack ? { pack: pack.map((one) => (one.portion === old ? { ...one, portion: name } : one)) } : {}),
  };
}

/** Without one portion and its packs, and nothing set round it. The last one that is left is the batch again, shaped, baked and packed as it was. */
export function withoutPortion(document: BatchDocument, at: number): BatchDocument {
  const { portions = [], pack = [], ...rest } = document;
  const left = portions.filter((_, i) => i !== at).map((one) => withoutRound(one, portions[at].name));
  const packs = pack.filter((one) => one.portion !== portions[at].name);
  if (left.length > 1) return { ...rest, portions: left, ...(packs.length > 0 ? { pack: packs } : {}) };
  const [{ shape, heat, set_aside }] = left;
  const alone = packs.map(({ portion: _of, ...one }) => one);
  return {
    ...rest,
    ...(shape ? { shape } : {}),
    ...(heat ? { heat } : {}),
    ...(set_aside ? { set_aside } : {}),
    ...(alone.length > 0 ? { pack: alone } : {}),
  };
}

/** With or without one of the parts that go on the pieces; all of them is what a portion has that says nothing. */
export function withFinish(portion: Portion, name: string, takes: boolean, finishes: readonly RecipePart[]): Portion {
  const { parts, ...rest } = portion;
  const all = finishes.map((one) => one.name);
  const now = parts ?? all;
  const next = takes ? [...now, name] : now.filter((one) => one !== name);
  return all.every((one) => next.includes(one)) ? rest : { ...rest, parts: next };
}

function withoutRound(portion: Portion, cake: string): Portion {
  const { round, ...rest } = portion;
  return round === cake ? rest : portion;
}
