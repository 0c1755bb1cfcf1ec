import { COVERAGE_WORDS, PLAYERS } from '@corkscrew/core';
import type { Scale } from '@corkscrew/diagram';
import { useState } from 'react';
import { Tags } from '../../../floor/Tags.tsx';
import { lineView, usePick } from '../store.ts';
import { useMet, wayWord } from './met.ts';
import { WayMenu } from './WayMenu.tsx';

/** At every screen and handoff of the frame a tag with how they play it; pressing it opens the choices. */
export function Coverages({ scale }: { scale: Scale }) {
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { walks, index } = lineView(play, branch, frameId);
  const met = useMet().filter((m) => m.frame === frameId);
  const [open, setOpen] = useState<{ id: string; tag: Element } | null>(null);
  const asked = met.find((m) => m.action === open?.id);
  return (
    <>
      <Tags
        tags={met.map((m) => ({
          id: m.action,
          at: m.at,
          text: wayWord(m.does),
          label: `They play ${m.by}'s ${m.is}: ${COVERAGE_WORDS[m.does]!}${m.own ? ', on this one' : ''}. Opens the choices.`,
          own: m.own,
        }))}
        men={PLAYERS.map((p) => walks[index]!.before.places[p])}
        scale={scale}
        onPress={(id, tag) => setOpen({ id, tag })}
      />
      {open && asked && <WayMenu met={asked} at={open.tag} onClose={() => setOpen(null)} />}
    </>
  );
}
