import { z } from 'zod';

type Loose = Record<string, unknown>;
const isObject = (v: unknown): v is Loose => typeof v === 'object' && v !== null && !Array.isArray(v);

/** A schema without what says that the value may be missing. */
function bare(schema: z.ZodType): z.ZodType {
  let s: unknown = schema;
  while (s instanceof z.ZodOptional || s instanceof z.ZodNullable) s = s.unwrap();
  return s as z.ZodType;
}

/** The fields an object is known to have; of a union, those of all its kinds. */
export function fieldsOf(schema: z.ZodType): ReadonlyMap<string, z.ZodType> | null {
  const s = bare(schema);
  if (s instanceof z.ZodObject) return new Map(Object.entries(s.shape as Record<string, z.ZodType>));
  if (s instanceof z.ZodDiscriminatedUnion) {
    const all = new Map<string, z.ZodType>();
    for (const option of s.options as unknown as z.ZodType[])
      for (const [key, field] of fieldsOf(option) ?? []) all.set(key, field);
    return all;
  }
  return null;
}

/**
 * What an object becomes when it is said anew: known fields are as `next` has them, and gone where it does
 * not have them; unknown ones stay as they were, at every depth. Items of a list are matched by their id,
 * else by their place in a list of the same length.
 */
export function merge<T>(schema: z.ZodType, old: unknown, next: T): T {
  if (old === next) return next;
  if (Array.isArray(old) && Array.isArray(next)) {
    const s = bare(schema);
    if (!(s instanceof z.ZodArray)) return next;
    return next.map((item: unknown, i) =>
      merge(s.element as z.ZodType, counterpart(old, next, i), item),
    ) as T;
  }
  if (!isObject(old) || !isObject(next)) return next;
  const s = bare(schema);
  if (s instanceof z.ZodRecord) {
    const value = s.valueType as z.ZodType;
    return Object.fromEntries(Object.entries(next).map(([k, v]) => [k, merge(value, old[k], v)])) as T;
  }
  const fields = fieldsOf(s);
  if (!fields) return next;
  const kept = Object.entries(old).flatMap(([key, value]): [string, unknown][] => {
    const field = fields.get(key);
    if (!field) return [[key, next[key] ?? value]];
    return next[key] === undefined ? [] : [[key, merge(field, value, next[key])]];
  });
  const added = Object.entries(next).filter(
    ([key, value]) => value !== undefined && !Object.hasOwn(old, key),
  );
  return Object.fromEntries([...kept, ...added]) as T;
}

function counterpart(old: unknown[], next: unknown[], i: number): unknown {
  const item = next[i];
  if (isObject(item) && typeof item.id === 'string') return old.find((o) => isObject(o) && o.id === item.id);
  return old.length === next.length ? old[i] : undefined;
}
