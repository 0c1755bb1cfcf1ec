import { formsFor, LIMITS, type TeamWord, type WordEntry } from '@corkscrew/core';
import { TextField } from '../../ui/TextField.tsx';

const FORMS = [
  ['plural', 'More than one'],
  ['base', 'To do it'],
  ['third', '4 …'],
] as const;

/** The forms of a word: the likely ones are offered where none is said. */
export function Forms({ entry, onChange }: { entry: WordEntry; onChange: (word: TeamWord) => void }) {
  const word = entry.word!;
  const usual = formsFor(entry.key, word.word);
  const set = (key: (typeof FORMS)[number][0], text: string): void => {
    const forms = { ...word.forms, [key]: text.trim() };
    onChange({ ...word, forms: Object.fromEntries(Object.entries(forms).filter(([, v]) => v)) });
  };
  return (
    <section className="forms" aria-label={`Forms of ${word.word}`}>
      <h2 dir="auto">{word.word} as it is said</h2>
      {FORMS.map(([key, label]) => (
        <TextField
          key={key}
          label={label}
          value={word.forms?.[key] ?? ''}
          max={LIMITS.name}
          placeholder={usual[key]}
          onDone={(w) => set(key, w)}
        />
      ))}
      <TextField
        label="Sounds like"
        value={word.sounds ?? ''}
        max={LIMITS.name}
        placeholder="where no dictionary has it"
        onDone={(w) => onChange({ ...word, sounds: w.trim() || undefined })}
      />
    </section>
  );
}
