import { formsFor, LIMITS, type TeamWord } from '@corkscrew/core';
import { TextField } from '../../ui/TextField.tsx';
import type { Entry } from './entries.ts';

/** The forms of a word: the likely ones are offered where none is said. */
export function Forms({ entry, onChange }: { entry: Entry; onChange: (word: TeamWord) => void }) {
  const word = entry.word!;
  const usual = formsFor(entry.key, word.word);
  const set = (key: 'plural' | 'base' | 'third' | 'ing', text: string): void => {
    const forms = { ...word.forms, [key]: text.trim() };
    onChange({ ...word, forms: Object.fromEntries(Object.entries(forms).filter(([, v]) => v)) });
  };
  return (
    <section className="forms" aria-label={`Forms of ${word.word}`}>
      <h2 dir="auto">{word.word} as it is said</h2>
      <TextField
        label="More than one"
        value={word.forms?.plural ?? ''}
        max={LIMITS.name}
        placeholder={usual.plural}
        onDone={(w) => set('plural', w)}
      />
      <TextField
        label="To do it"
        value={word.forms?.base ?? ''}
        max={LIMITS.name}
        placeholder={usual.base}
        onDone={(w) => set('base', w)}
      />
      <TextField
        label="4 …"
        value={word.forms?.third ?? ''}
        max={LIMITS.name}
        placeholder={usual.third}
        onDone={(w) => set('third', w)}
      />
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
