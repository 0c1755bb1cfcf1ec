import { useMutation } from '@tanstack/react-query';
import { Download } from 'lucide-react';
import { Button } from '../../ui/controls.tsx';
import { giveOut, KINDS, type Kind } from './give-out.ts';

/** The playbook for other programs, or for another team. */
export function GiveOut() {
  const give = useMutation({ mutationFn: giveOut });
  return (
    <section className="out" aria-label="Give out">
      <h2>Give out</h2>
      <ul>
        {(Object.keys(KINDS) as Kind[]).map((kind) => (
          <li key={kind}>
            <Button isDisabled={give.isPending} onPress={() => give.mutate(kind)}>
              <Download size={15} /> {KINDS[kind][0]}
            </Button>
            <span>{KINDS[kind][1]}</span>
          </li>
        ))}
      </ul>
      {give.error && <p role="alert">{give.error.message}</p>}
    </section>
  );
}
