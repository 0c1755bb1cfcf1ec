import { theField } from './say.ts';

const HALF = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/;

/** What is wrong with a text that no store can keep, after its field's name, or null. */
export function textFault(text: string): string | null {
  if (text.includes('\0')) return 'has a character in it that can’t be kept (U+0000)';
  return HALF.test(text) ? 'has half a character in it' : null;
}

/** The first text in a document, however odd the document, that a database can't keep: in a sentence with its field. */
export function unkeepable(value: unknown, path: readonly (string | number)[] = []): string | null {
  if (typeof value === 'string') {
    const wrong = textFault(value);
    return wrong === null ? null : `${theField(path)} ${wrong}.`;
  }
  if (typeof value !== 'object' || value === null) return null;
  for (const [key, inner] of Object.entries(value)) {
    const at = [...path, Array.isArray(value) ? Number(key) : key];
    const fault = textFault(key) === null ? unkeepable(inner, at) : `${theField(path)} ${textFault(key)!}.`;
    if (fault !== null) return fault;
  }
  return null;
}
