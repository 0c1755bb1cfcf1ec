import { howsFor, STANDINGS, type How, type Standing } from '@corkscrew/core';
import { Choice } from '../../ui/Choice.tsx';
import type { Report, Row } from './report.ts';

const STANDING_WORDS: Readonly<Record<Standing, readonly [string, string]>> = {
  new: ['New', 'Nothing here has its name.'],
  same: ['Same', 'Just as it is here.'],
  older: ['Older', 'As ours was before.'],
  newer: ['Newer', 'Ours, with changes made to it since.'],
  differs: ['Differs', 'Changed here and there.'],
};
const HOW_WORDS: Readonly<Record<How, string>> = {
  add: 'Take in',
  skip: 'Leave out',
  replace: 'Replace ours',
  beside: 'Keep beside ours',
};
/** A list longer than this is shown as far, the rest counted. */
const SHOWN = 200;

/** How many plays stand how to ours. */
export function Counts({ report: { rows, refused } }: { report: Report }) {
  return (
    <p className="counts" role="status">
      {STANDINGS.map((s) => {
        const n = rows.filter((r) => r.standing === s).length;
        return (
          n > 0 && (
            <span key={s} title={STANDING_WORDS[s][1]}>
              <b>{n}</b>
              {STANDING_WORDS[s][0].toLowerCase()}
            </span>
          )
        );
      })}
      {refused.length > 0 && (
        <span>
          <b>{refused.length}</b>not readable
        </span>
      )}
      {rows.length + refused.length === 0 && 'There is no play in this.'}
    </p>
  );
}

/** What is not read, where and why. */
export function RefusedList({ report: { refused } }: { report: Report }) {
  return (
    <section className="refused" aria-label="Not readable">
      <h2>Not readable</h2>
      <ul>
        {refused.slice(0, SHOWN).map((r, i) => (
          <li key={i}>
            <span>
              {r.path}
              {r.at && <small> · {r.at}</small>}
            </span>
            <span>{r.sentence}</span>
          </li>
        ))}
      </ul>
      {refused.length > SHOWN && <p>And {refused.length - SHOWN} more.</p>}
    </section>
  );
}

/** The plays that are in files, and what is done with each. */
export function Rows({ rows, onHow }: { rows: readonly Row[]; onHow: (of: Row | null, how: How) => void }) {
  const doubles = rows.some((r) => r.standing !== 'new' && r.standing !== 'same');
  return (
    <section aria-label="Plays in the files">
      <table>
        <thead>
          <tr>
            <th scope="col">Play</th>
            <th scope="col" className="where">
              From
            </th>
            <th scope="col">To ours</th>
            <th scope="col">
              {doubles ? (
                <Choice
                  bare
                  label="All that are here already"
                  value=""
                  options={[
                    ['', 'All doubles …'],
                    ...howsFor('differs').map((h) => [h, HOW_WORDS[h]] as const),
                  ]}
                  onChange={(how) => how && onHow(null, how)}
                />
              ) : (
                'What to do'
              )}
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.slice(0, SHOWN).map((r) => (
            <tr key={r.of.play.id}>
              <td>
                <b dir="auto">{r.of.play.name}</b>
                {r.hereName !== null && <small>Ours is called {r.hereName}</small>}
              </td>
              <td className="where">
                <small>{r.path}</small>
              </td>
              <td>
                <span className="standing" title={STANDING_WORDS[r.standing][1]}>
                  {STANDING_WORDS[r.standing][0]}
                </span>
              </td>
              <td>
                <Choice
                  bare
                  label={`What to do with ${r.of.play.name}`}
                  value={r.how}
                  options={howsFor(r.standing).map((h) => [h, HOW_WORDS[h]] as const)}
                  onChange={(how) => onHow(r, how)}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length > SHOWN && <p>And {rows.length - SHOWN} more, each as usual.</p>}
    </section>
  );
}
