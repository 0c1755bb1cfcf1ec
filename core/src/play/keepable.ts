import { theField, wrongWords, type Wrong } from '../language/english/fields.ts';

const HALF = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/;

/** What is wrong with a text that no store can keep, or null. */
export function textFault(text: string): Wrong | null {
  if (text.includes('\0')) return { is: 'zero-sign' };
  return HALF.test(text) ? { is: 'half-sign' } : null;
}

/** The first text in a document, however odd the document, that a database can't keep: in a sentence with its field. */
export function unkeepable(value: unknown, path: readonly (string | number)[] = []): string | null {
  if (typeof value === 'string') {
    const wrong = textFault(value);
    return wrong === null ? null : `${theField(path)} ${wrongWords(wrong)}.`;
  }
  if (typeof value !== 'object' || value === null) return null;
  for (const [key, inner] of Object.entries(value)) {
    const at = [...path, Array.isArray(value) ? Number(key) : key];
    const fault =
      textFault(key) === null ? unkeepable(inner, at) : `${theField(path)} ${wrongWords(textFault(key)!)}.`;
    if (fault !== null) return fault;
  }
  return null;
}
