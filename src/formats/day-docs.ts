import type Joi from 'joi';
import { DAY } from './day-schema';

/** What Joi tells of a schema, as far as the page needs it. */
type Told = {
  readonly type?: string;
  readonly flags?: { readonly presence?: string; readonly default?: unknown; readonly description?: string };
  readonly allow?: readonly unknown[];
  readonly rules?: ReadonlyArray<{ readonly name: string; readonly args?: { readonly limit?: number } }>;
  readonly keys?: Readonly<Record<string, Told>>;
  readonly items?: readonly Told[];
  readonly matches?: ReadonlyArray<{ readonly schema: Told }>;
};

const BEGINS = '<!-- keys: written by npm run docs -->';
const ENDS = '<!-- end of keys -->';

/** A page with the table of the day's keys between its two marks: key, what it may be, its default, what it means. */
export function withDayTable(page: string): string {
  const [from, to] = [page.indexOf(BEGINS), page.indexOf(ENDS)];
  if (from < 0 || to < from) throw new Error(`the page has no place for the table: ${BEGINS} … ${ENDS}`);
  const line = (cells: readonly string[]): string => `| ${cells.map((cell) => cell.replaceAll('|', '\\|')).join(' | ')} |`;
  const table = [
    line(['key', 'what', 'default', 'meaning']),
    line(['---', '---', '---', '---']),
    ...rows(told(DAY), '').map(line),
  ];
  return `${page.slice(0, from + BEGINS.length)}\n\n${table.join('\n')}\n\n${page.slice(to)}`;
}

const told = (schema: Joi.Schema): Told => schema.describe();

const rows = ({ keys = {} }: Told, before: string): string[][] =>
  Object.entries(keys).flatMap(([key, one]) => {
    const inner = one.items?.[0];
    const name = `${before}${key}${inner?.keys ? '[]' : ''}`;
    const below = one.keys ? rows(one, `${name}.`) : inner?.keys ? rows(inner, `${name}.`) : [];
    return [[`\`${name}\``, kindOf(one), usualOf(one), one.flags?.description ?? ''], ...below];
  });

function usualOf({ flags = {} }: Told): string {
  if (flags.presence === 'required') return 'must be there';
  return flags.default === undefined ? '' : `\`${JSON.stringify(flags.default)}\``;
}

function kindOf(one: Told): string {
  if (one.matches) return one.matches.map(({ schema }) => kindOf(schema)).join(', or ');
  const choices = (one.allow ?? []).filter((value) => value !== null).map((value) => `\`${JSON.stringify(value)}\``);
  if (choices.length > 0) return choices.join(' ');
  if (one.type === 'number') return numberWords(one);
  if (one.type === 'array') return one.items?.[0]?.keys ? sizeOf(one) : 'pairs of minutes';
  return { string: 'text', boolean: '`true` `false`' }[one.type ?? ''] ?? '';
}

const limitOf = ({ rules = [] }: Told, name: string): number | undefined => rules.find((rule) => rule.name === name)?.args?.limit;

function numberWords(one: Told): string {
  const whole = (one.rules ?? []).some(({ name }) => name === 'integer') ? 'whole, ' : '';
  const [min, above, max] = [limitOf(one, 'min'), limitOf(one, 'greater'), limitOf(one, 'max')];
  const from = above !== undefined ? `above ${above}` : min !== undefined ? `${min}` : 'any number';
  return `${whole}${from}${max === undefined ? (min === undefined ? '' : ' or more') : ` to ${max}`}`;
}

const sizeOf = (one: Told): string => `${limitOf(one, 'min') ?? 0} to ${limitOf(one, 'max') ?? 'any'}`;
