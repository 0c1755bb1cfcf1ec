import {
  LIMITS,
  captionOf,
  courtFor,
  mainLine,
  readPlay,
  walkLine,
  type Play,
  type VersionRow,
} from '@corkscrew/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { api } from '../../app/api.ts';
import { Button, Input, Label } from '../../ui/controls.tsx';
import { FramePicture } from '../../floor/FramePicture.tsx';
import { replacePlay, usePick } from './store.ts';
import { useDeskTeller } from './teller.ts';

const Row = styled.div`
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
  font-size: 12.5px;
  .say {
    display: flex;
    justify-content: space-between;
    gap: 6px;
    align-items: center;
  }
  .say span {
    flex: 1;
  }
  ol {
    display: grid;
    gap: 8px;
    margin-top: 8px;
  }
  li {
    display: grid;
    grid-template-columns: 92px 1fr;
    gap: 8px;
    color: var(--ink-2);
    font-size: 12px;
  }
  li svg {
    border: 1px solid var(--rule);
  }
`;

/** The versions kept of a play: name the newest, look at an older one, bring it back (which undo undoes). */
export function Versions() {
  const { play, revision } = usePick('play', 'revision');
  const client = useQueryClient();
  const key = ['versions', play.id, revision];
  const versions = useQuery({ queryKey: key, queryFn: () => api.versions(play.id), enabled: revision > 0 });
  const [naming, setNaming] = useState('');
  const rows = versions.data ?? [];
  if (rows.length === 0) return null;
  return (
    <div className="whole">
      <Label>Kept versions</Label>
      <form
        style={{ display: 'flex', gap: 6, marginTop: 6 }}
        onSubmit={(e) => {
          e.preventDefault();
          if (!naming.trim() || !rows[0]) return;
          void api.nameVersion(play.id, rows[0].id, naming).then((list) => {
            client.setQueryData(key, list);
            setNaming('');
          });
        }}
      >
        <Input
          aria-label="Name for the newest version"
          placeholder="Name this version"
          value={naming}
          maxLength={LIMITS.name}
          onChange={(e) => setNaming(e.target.value)}
        />
        <Button type="submit">Name</Button>
      </form>
      {rows.slice(0, 12).map((v, i) => (
        <Version key={v.id} play={play.id} row={v} newest={i === 0} />
      ))}
    </div>
  );
}

function Version({ play, row, newest }: { play: string; row: VersionRow; newest: boolean }) {
  const [looking, setLooking] = useState(false);
  const kept = useQuery({
    queryKey: ['version', play, row.id],
    queryFn: async () => readPlay((await api.version(play, row.id)).document),
    enabled: looking,
  });
  const when = new Date(row.savedAt).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });
  const name = row.name ?? (newest ? 'Now' : when);
  return (
    <Row>
      <div className="say">
        <span>
          <b>{name}</b> · {row.frames === 1 ? '1 frame' : `${row.frames} frames`}
        </span>
        {!newest && (
          <Button
            aria-expanded={looking}
            aria-label={`Look at the version of ${name}`}
            onPress={() => setLooking(!looking)}
          >
            Look at
          </Button>
        )}
      </div>
      {looking &&
        kept.data &&
        (kept.data.ok ? (
          <>
            <Frames play={kept.data.play} />
            <span style={{ display: 'flex', gap: 12, alignItems: 'center', marginTop: 8 }}>
              <Button onPress={() => kept.data.ok && replacePlay(kept.data.play)}>
                Bring this version back
              </Button>
              <Link to={`/compare?a=${play}@${row.id}&b=${play}`} style={{ color: 'var(--pen)' }}>
                Compare with now
              </Link>
            </span>
          </>
        ) : (
          <p role="alert">{kept.data.sentence}</p>
        ))}
    </Row>
  );
}

/** Every frame of the play as drawn, with its words. */
function Frames({ play }: { play: Play }) {
  const t = useDeskTeller();
  const court = courtFor(play);
  const walks = walkLine(play, mainLine(play));
  return (
    <ol>
      {walks.map((walk, i) => (
        <li key={walk.frame.id}>
          <FramePicture court={court} walk={walk} next={walks[i + 1]} />
          <span>
            {walk.frame.caption || captionOf(court, walk, walks.slice(0, i), t) || 'Nobody moves yet.'}
          </span>
        </li>
      ))}
    </ol>
  );
}
