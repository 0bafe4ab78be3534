import Joi from 'joi';
import type { Field, Fields, GroupField, NumberField, TextField, ValueOf, VariantsField } from '@/core/fields';

/** The schema that checks a field as its table says. Numbers in quotes stay mistakes: nothing is converted. */
export function joiOf(field: Field): Joi.Schema {
  const schema = bare(field);
  return field.required ? schema.required() : schema;
}

function bare(field: Field): Joi.Schema {
  switch (field.kind) {
    case 'number':
      return numberOf(field);
    case 'choice':
      return Joi.string().valid(...field.of);
    case 'text':
      return textOf(field);
    case 'flag':
      return Joi.boolean();
    case 'constant':
      return typeof field.value === 'number' ? Joi.number().valid(field.value) : Joi.string().valid(field.value);
    case 'group':
      return groupOf(field);
    case 'list': {
      const { least, most } = field;
      const list = Joi.array().items(joiOf(field.of)).max(most);
      return least === undefined ? list : list.min(least);
    }
    case 'variants':
      return variantsOf(field);
  }
}

function numberOf({ min, max, above, whole }: NumberField): Joi.NumberSchema {
  const number = (above ? Joi.number().greater(min) : Joi.number().min(min)).max(max);
  return whole ? number.integer() : number;
}

function textOf({ max, empty, untrimmed, pattern }: TextField): Joi.StringSchema {
  const text = untrimmed ? Joi.string().max(max) : Joi.string().trim().max(max);
  const matched = pattern ? text.pattern(pattern) : text;
  return empty ? matched.allow('') : matched;
}

export const keysOf = (fields: Fields): Record<string, Joi.Schema> =>
  Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, joiOf(field)]));

/** A group as an object of its keys, with the rules between them. */
export function groupOf<F extends GroupField>(group: F): Joi.ObjectSchema<ValueOf<F>> {
  const { fields, atMostOneOf, needs, atMost }: GroupField = group;
  let schema = Joi.object<ValueOf<F>>(keysOf(fields));
  if (atMostOneOf) schema = schema.oxor(...atMostOneOf);
  for (const [key, beside] of Object.entries(needs ?? {})) schema = schema.with(key, beside);
  for (const [key, other] of Object.entries(atMost ?? {})) {
    const field = fields[key];
    if (field.kind !== 'number') throw new TypeError(`atMost: expected a number under ${key}, got ${field.kind}`);
    const number = Joi.number().min(field.min).max(Joi.ref(other));
    // The compiler cannot know that the key is one of the group's.
    schema = schema.keys({ [key]: field.required ? number.required() : number } as Joi.PartialSchemaMap<ValueOf<F>>);
  }
  return schema;
}

function variantsOf({ by, of }: VariantsField): Joi.ObjectSchema {
  const names = Object.keys(of);
  const told = Joi.object({
    [by]: Joi.string()
      .valid(...names)
      .required(),
  });
  return names.reduce(
    (schema, name) => schema.when(Joi.object({ [by]: name }).unknown(), { then: Joi.object(keysOf(of[name])) }),
    told,
  );
}
