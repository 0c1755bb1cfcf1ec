const SIGNS: Readonly<Record<string, string>> = {
  ' ': 'Space',
  ArrowLeft: '←',
  ArrowRight: '→',
  ArrowUp: '↑',
  ArrowDown: '↓',
  Escape: 'Esc',
};

/** A key of the keymap as it is printed: "Ctrl Z", "←". */
export const keyWords = (key: string): string =>
  key
    .split('+')
    .map((part) => SIGNS[part] ?? (part === 'Mod' ? 'Ctrl' : part.length === 1 ? part.toUpperCase() : part))
    .join(' ');
