import { useManWord } from '../../../team/team.ts';
import {
  type AgainstView,
  againstWords,
  bodyAt,
  type Defence,
  DefenceSchema,
  defenceWords,
  MAN_PRESETS,
  type Play,
  PLAYERS,
  playsAs,
  type Point,
  type Preset,
  readsOn,
  readWords,
  stepOf,
  tell,
  teller,
  ZONE_PRESETS,
  type ZoneKey,
} from '@corkscrew/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { api } from '../../../app/api.ts';
import { useUnits } from '../../../app/units.ts';
import { Button, Label, Toggle } from '../../../ui/controls.tsx';
import { IconButton } from '../../../ui/IconButton.tsx';
import { useAgainst, useStale } from '../analysis.ts';
import { zoneMoment } from '../../../app/to-zone.ts';
import { addressNow } from '../address.ts';
import { lineView, usePick } from '../store.ts';
import { useNow, useTimeline } from '../timeline.ts';
import { chooseType, takeDefence } from './change.ts';
import { ManFields } from './ManFields.tsx';
import { Seen } from './Seen.tsx';
import { TryAll } from './TryAll.tsx';
import { LAYER_WORDS, LAYERS, showLayer, useDefence, useView } from './view.ts';
import { WhoPlays } from './WhoPlays.tsx';
import { ZoneFields } from './ZoneFields.tsx';
import { ZoneGlyph } from '../../../floor/ZoneGlyph.tsx';
import { useDeskTeller } from '../teller.ts';

const Box = styled.div`
  .segments {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    margin-bottom: 10px;
  }
  .segments button,
  .presets button {
    min-height: 32px;
    border: 1px solid var(--rule-2);
    background: var(--raised);
    color: var(--ink);
    font: 640 13.5px/1.1 'Archivo Variable';
    font-stretch: 77%;
    cursor: default;
  }
  .segments button + button {
    border-left: 0;
  }
  .segments button[aria-pressed='true'] {
    background: var(--ink);
    border-color: var(--ink);
    color: var(--on-ink);
  }
  .presets {
    display: flex;
    flex-wrap: wrap;
    gap: 5px;
    margin-bottom: 12px;
  }
  .presets button {
    padding: 4px 9px;
    border-radius: 2px;
    display: inline-grid;
    place-items: center;
    gap: 2px;
  }
  .presets button[aria-pressed='true'] {
    outline: 2px solid var(--ink);
    outline-offset: -2px;
  }
  button:focus-visible {
    outline: 2px solid var(--pen);
    outline-offset: 1px;
  }
  .fields {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 10px;
  }
  .fields label {
    display: grid;
    gap: 5px;
    min-width: 0;
  }
  .fields select {
    width: 100%;
  }
  .whole {
    grid-column: 1 / -1;
  }
  .men {
    border-collapse: collapse;
    width: 100%;
  }
  .men th,
  .men td {
    text-align: center;
    padding: 2px 4px;
    font: 640 13px/1.2 'Archivo Variable';
  }
  .men select {
    width: auto;
  }
  .layers {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 12px;
    margin-top: 4px;
  }
  .kept {
    display: flex;
    flex-wrap: wrap;
    gap: 5px;
    align-items: center;
    margin-top: 10px;
  }
  .kept span {
    display: inline-flex;
    align-items: center;
  }
  summary {
    cursor: default;
    color: var(--ink-2);
    margin-bottom: 8px;
  }
  p.words {
    color: var(--ink-2);
    margin: -4px 0 12px;
  }
  p[role='alert'] {
    color: var(--gap);
  }
`;

/** Whom the play is looked at against, how they play, and what is seen of it. */
export function DefenceTab() {
  const t = useDeskTeller();
  const man = useManWord();
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { court, line } = lineView(play, branch, frameId);
  const units = useUnits(court);
  const defence = useDefence(play);
  const timeline = useTimeline();
  const against = useAgainst(play.id, line.at(-1)!.id);
  const stale = useStale();
  const type = defence?.type ?? 'none';
  // An ending is looked at against what it answers, whatever else is chosen.
  const reads = defence ? readsOn(play, timeline, court).map((r) => readWords(r.read, t)) : [];
  const usual = type === 'zone' ? ZONE_PRESETS : MAN_PRESETS;
  return (
    <Box>
      <WhoPlays />
      <div className="segments" role="group" aria-label="Against">
        {(['none', 'man', 'zone'] as const).map((t) => (
          <button
            key={t}
            type="button"
            aria-pressed={type === t}
            onClick={() => chooseType(t, t === 'zone' ? ZONE_PRESETS : MAN_PRESETS)}
          >
            {t === 'none' ? 'Nobody' : t === 'man' ? againstWords(t, man) : 'Zone'}
          </button>
        ))}
      </div>
      {!defence ? (
        <p className="words">
          Choose a defence: five men play against the drawn play, and you see who is open, when, and which
          lane is safe.
        </p>
      ) : (
        <>
          <div className="presets" role="group" aria-label={type === 'zone' ? 'Zone' : 'Preset'}>
            {usual.map((p) => (
              <PresetButton key={p.key} preset={p} defence={defence} />
            ))}
          </div>
          <p className="words">
            {defenceWords(defence)}
            {reads.length > 0 && `. This ending answers “${reads.join('” and “')}”: here they play it so.`}
          </p>
          <details>
            <summary>How they play it</summary>
            {defence.type === 'man' ? (
              <ManFields defence={defence} throwIn={play.start.throwIn !== undefined} />
            ) : (
              <ZoneFields defence={defence} />
            )}
            <Kept defence={defence} />
          </details>
          {against?.notes.map((n) => {
            const words = tell(n, teller({ units, women: play.women, man }));
            return (
              <p key={words} role="alert">
                {words}
              </p>
            );
          })}
          <div aria-busy={stale}>{against && <Seen against={against} court={court} units={units} />}</div>
          <p className="link">
            <Link to="/settings#makes">What we make</Link>, by which a look’s worth is reckoned.
          </p>
          <TryAll play={play} leaf={line.at(-1)!.id} />
          {defence.type === 'zone' && <ToZoneRoom play={play} defence={defence} against={against} />}
          <Layers />
        </>
      )}
    </Box>
  );
}

/** The instant on the court, to be thought about in the zone room. */
function ToZoneRoom({
  play,
  defence,
  against,
}: {
  play: Play;
  defence: Defence;
  against: AgainstView | null;
}) {
  const timeline = useTimeline();
  const t = useNow();
  const go = useNavigate();
  const defenders = (): Point[] | null => {
    if (against?.defence.type !== 'zone') return null;
    return PLAYERS.map((_, d) => bodyAt(against, stepOf(against, t), 5 + d));
  };
  return (
    <Button
      onPress={() => {
        const moment = zoneMoment(play, timeline, t, defence, defenders(), addressNow());
        void go('/zone', { state: { moment } });
      }}
    >
      This moment in the zone room
    </Button>
  );
}

function PresetButton({ preset, defence }: { preset: Preset; defence: Defence }) {
  return (
    <button
      type="button"
      aria-pressed={playsAs(preset, defence)}
      title={preset.words}
      onClick={() => takeDefence(preset.defence)}
    >
      {preset.defence.zone && <ZoneGlyph zone={preset.defence.zone as ZoneKey} />}
      {preset.defence.name}
    </button>
  );
}

function Layers() {
  const layers = useView((v) => v.layers);
  return (
    <div>
      <Label>On the court</Label>
      <div className="layers">
        {LAYERS.map((l) => (
          <Toggle key={l} isSelected={layers[l]} onChange={(on) => showLayer(l, on)}>
            {LAYER_WORDS[l]}
          </Toggle>
        ))}
      </div>
    </div>
  );
}

/** Defences the team keeps for every play. */
function Kept({ defence }: { defence: Defence }) {
  const client = useQueryClient();
  const team = useQuery({ queryKey: ['team'], queryFn: api.team });
  const save = useMutation({
    mutationFn: (defences: Defence[]) => api.changeTeam({ defences }),
    onSuccess: (now) => client.setQueryData(['team'], now),
  });
  // One of an older or another version is left where it is and not offered.
  const kept = (team.data?.defences ?? []).flatMap((d) => {
    const read = DefenceSchema.safeParse(d);
    return read.success ? [read.data as Defence] : [];
  });
  const keep = () => {
    const { overrides: _o, matchup: _m, ...rest } = defence;
    const name = freeName(defence.name, kept);
    save.mutate([...kept, { ...rest, name, id: `t${Date.now().toString(36)}` }]);
  };
  return (
    <div className="kept">
      <Button onPress={keep}>Keep it for the team</Button>
      {kept.map((d) => (
        <span key={d.id}>
          <Button onPress={() => takeDefence(d)}>{d.name}</Button>
          <IconButton
            aria-label={`Forget ${d.name}`}
            onPress={() => save.mutate(kept.filter((x) => x !== d))}
          >
            <X size={13} />
          </IconButton>
        </span>
      ))}
      {save.isError && <p role="alert">{save.error.message}</p>}
    </div>
  );
}

function freeName(name: string, kept: readonly Defence[]): string {
  let n = 1;
  const taken = (x: string) => kept.some((d) => d.name === x);
  while (taken(n === 1 ? `Our ${name}` : `Our ${name} ${n}`)) n++;
  return n === 1 ? `Our ${name}` : `Our ${name} ${n}`;
}
