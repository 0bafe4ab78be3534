import { CANONICAL_UNITS, type Field, type Fields } from '@/core/fields';

/** One line of the table in docs/batch-file.md. */
type Row = { readonly key: string; readonly kind: string; readonly usual: string; readonly meaning: string };

/** The keys of a group, one line each, as a Markdown table. */
export function fieldTable(fields: Fields): string {
  const rows = rowsOf(fields, '').filter(({ kind, usual, meaning }) => kind !== '' || usual !== '' || meaning !== '');
  const line = (cells: readonly string[]): string => `| ${cells.map((cell) => cell.replaceAll('|', '\\|')).join(' | ')} |`;
  return [
    line(['key', 'what', 'left out', 'meaning']),
    line(['---', '---', '---', '---']),
    ...rows.map(({ key, kind, usual, meaning }) => line([`\`${key}\``, kind, usual, meaning])),
  ].join('\n');
}

const rowsOf = (fields: Fields, before: string): Row[] =>
  Object.entries(fields).flatMap(([key, field]) => rowsOfField(field, before === '' ? key : `${before}.${key}`));

function rowsOfField(field: Field, key: string): Row[] {
  const row = (kind: string): Row => ({ key, kind, usual: usualOf(field), meaning: field.meaning ?? '' });
  if (field.like !== undefined) return [row(`as \`${field.like}\``)];
  switch (field.kind) {
    case 'number':
      return [row(numberWords(field))];
    case 'choice':
      return [row(field.of.join(' '))];
    case 'text':
      return [row(field.pattern ? `text like ${field.pattern.source}` : `text of up to ${field.max} characters`)];
    case 'flag':
      return [row('true or false')];
    case 'constant':
      return [row(JSON.stringify(field.value))];
    case 'group':
      return [...(field.meaning === undefined ? [] : [row('')]), ...rowsOf(field.fields, key)];
    case 'list': {
      const [first, ...rest] = rowsOfField(field.of, `${key}[]`);
      const size = `${field.least === undefined ? 'up' : `${field.least}`} to ${field.most}`;
      return [{ key: `${key}[]`, kind: size, usual: usualOf(field), meaning: field.meaning ?? '' }, first, ...rest];
    }
    case 'variants':
      return [
        row(''),
        ...Object.entries(field.of).flatMap(([name, fields]): Row[] => [
          {
            key: `${key}.${field.by}`,
            kind: `"${name}"`,
            usual: '',
            meaning: Object.keys(fields).length === 0 ? 'nothing else' : '',
          },
          ...rowsOf(fields, key),
        ]),
      ];
  }
}

function numberWords({ quantity, min, max, above, whole }: Extract<Field, { kind: 'number' }>): string {
  const unit = CANONICAL_UNITS[quantity];
  const range = above ? `above ${min}, to ${max}` : `${min} to ${max}`;
  return [whole ? 'whole,' : '', range, unit].filter(Boolean).join(' ');
}

function usualOf(field: Field): string {
  if (field.required) return 'required';
  if ('default' in field && field.default !== undefined) return String(field.default);
  return field.usual ?? '';
}
