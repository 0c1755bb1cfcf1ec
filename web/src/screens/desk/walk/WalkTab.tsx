import { CHECKS, silencedBefore, type Finding, type SilencedBefore } from '@corkscrew/core';
import { useState } from 'react';
import styled from 'styled-components';
import { useUnits } from '../../../app/units.ts';
import { Button } from '../../../ui/controls.tsx';
import { Counts } from '../../../ui/Counts.ts';
import { mustMend, useFindings, useMetrics, useTold } from '../analysis.ts';
import { apply, lineView, usePick } from '../store.ts';
import { Figures } from './Figures.tsx';
import { Item } from './Item.tsx';
import { Link } from 'react-router';

const Clean = styled.details`
  margin-top: 14px;
  summary {
    cursor: default;
    color: var(--ink-2);
    font-size: 12.5px;
  }
  li {
    padding: 3px 0;
    color: var(--ink-2);
    font-size: 12.5px;
  }
`;

/** The play gone through by somebody who sees everything: what to fix, what it costs, what is good to know. */
export function WalkTab() {
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { court } = lineView(play, branch, frameId);
  const units = useUnits(court);
  const findings = useFindings(play.id);
  const metrics = useMetrics(play.id);
  const [quiet, setQuiet] = useState(false);
  const told = useTold();
  const silenced = findings.filter((f) => f.silenced !== undefined);
  const fix = told.filter(mustMend).length;
  const costs = told.filter((f) => f.severity === 'costs').length;
  const know = told.length - fix - costs;
  const clean = CHECKS.filter((c) => !findings.some((f) => f.code === c.code));
  return (
    <>
      {told.length === 0 ? (
        <h3>Nothing breaks. {CHECKS.length} checks.</h3>
      ) : (
        <Counts>
          {fix > 0 && (
            <span className="bad">
              <b>{fix}</b>to fix
            </span>
          )}
          {costs > 0 && (
            <span>
              <b>{costs}</b>to watch
            </span>
          )}
          {know > 0 && (
            <span>
              <b>{know}</b>to know
            </span>
          )}
          <span>
            <b>{clean.length}</b>clean
          </span>
        </Counts>
      )}
      {told.map((f) => (
        <Item key={f.code + f.cause} finding={f} />
      ))}
      {silenced.length > 0 && (
        <Button style={{ marginTop: 10 }} onPress={() => setQuiet(!quiet)} aria-expanded={quiet}>
          {silenced.length} silenced
        </Button>
      )}
      {quiet && silenced.map((f) => <Item key={f.code + f.cause} finding={f} />)}
      <Before told={told} before={silencedBefore(play, findings)} />
      <Clean>
        <summary>{clean.length} checks found nothing</summary>
        <ul>
          {clean.map((c) => (
            <li key={c.code} title={`${c.limit} (${c.source})`}>
              {c.words}.
            </li>
          ))}
        </ul>
      </Clean>
      <p style={{ marginTop: 12, fontSize: 12.5 }}>
        <Link to="/settings#teach">What we teach</Link>, by which it is measured.
      </p>
      {metrics && <Figures metrics={metrics} units={units} />}
    </>
  );
}

/** What was silenced once and is found otherwise now: the reason can be given again in one press. */
function Before({ told, before }: { told: readonly Finding[]; before: readonly SilencedBefore[] }) {
  const { play } = usePick('play');
  const again = before.flatMap((s) => {
    const like = told.filter((f) => f.code === s.code);
    return like.length > 0 ? [{ s, like }] : [];
  });
  if (again.length === 0) return null;
  return (
    <ul style={{ marginTop: 10 }} aria-label="Silenced before">
      {again.map(({ s, like }) => (
        <li key={s.code + (s.at ?? '')} style={{ display: 'grid', gap: 5, padding: '6px 0' }}>
          <span>
            {CHECKS.find((c) => c.code === s.code)?.words}: silenced before, “{s.reason}”
          </span>
          <span>
            <Button
              onPress={() =>
                apply([
                  ...(play.silenced?.includes(s) && s.at !== undefined
                    ? [
                        {
                          do: 'silence' as const,
                          code: s.code,
                          at: s.at,
                          reason: null,
                          ...(s.ending === undefined ? {} : { ending: s.ending }),
                        },
                      ]
                    : []),
                  ...like.map((f) => ({
                    do: 'silence' as const,
                    code: f.code,
                    at: f.cause,
                    reason: s.reason,
                    ...(f.ending === undefined ? {} : { ending: f.ending }),
                  })),
                ])
              }
            >
              Silence it again
            </Button>
          </span>
        </li>
      ))}
    </ul>
  );
}
