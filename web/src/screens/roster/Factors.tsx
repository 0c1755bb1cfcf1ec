import { SKILL_WORDS, type Fit } from '@corkscrew/core';
import { Blocks } from './Blocks.tsx';

/** How well a man fits, and behind it everything it is made of. */
export function Factors({ fit }: { fit: Fit }) {
  return (
    <details className="factors">
      <summary aria-label={`${fit.value.toFixed(1)} of 5: what it is made of`}>
        <Blocks value={fit.value} />
        <i>{fit.value.toFixed(1)}</i>
      </summary>
      <ul>
        {fit.factors.map(({ skill, weight, score, rated }) => (
          <li key={skill}>
            {SKILL_WORDS[skill].toLowerCase()} {rated ? score : 'not rated, counts 2'} × {weight.toFixed(1)}
          </li>
        ))}
        {fit.factors.length === 0 && <li>nothing is asked of it</li>}
        {fit.lacks && (
          <li>
            less {(fit.lacks.by / 2).toFixed(1)}: {SKILL_WORDS[fit.lacks.skill].toLowerCase()} is below 2
          </li>
        )}
      </ul>
    </details>
  );
}
