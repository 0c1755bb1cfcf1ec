import { said } from '../../../language/said.ts';
import { alongPerimeter, gapsBeside, onPerimeter } from '../../../court/perimeter.ts';
import { positionAt } from '../../../motion/track.ts';
import type { Check, CheckInput, Told } from '../../finding.ts';
import { apart, drives, others, partnersOf } from '../support.ts';

/** Tried against a zone, or drawn for zones only. */
const againstZones = ({ play, against }: CheckInput): boolean =>
  against
    ? against.plan.type === 'zone'
    : play.against.length > 0 && play.against.every((a) => /^\d/.test(a));

export const driveGap: Check = {
  code: 'drive-gap',
  group: 'spacing',
  words: 'Drives go into double gaps, or wider',
  limit: 'the next spot filled: a gap under 1¾ spots of the court',
  source: 'common practice',
  run: (input) =>
    // A zone guards places: between whose men he drives says nothing about its gaps.
    againstZones(input)
      ? []
      : drives(input).flatMap(({ step, walk, run }): Told[] => {
          const { court, timeline } = input;
          const driver = step.action.by;
          const from = step.before.places[driver];
          if (!onPerimeter(court, from)) return [];
          const half = run.start + (run.end - run.start) * 0.4;
          const mid = positionAt(timeline, driver, half);
          const turn = alongPerimeter(court, mid) - alongPerimeter(court, from);
          if (Math.abs(turn) < 1) return [];
          const partners = partnersOf(input, driver, run);
          // A neighbour who leaves while he drives has taken his man along.
          const toward = (t: number) =>
            gapsBeside(
              court,
              from,
              others(driver)
                .filter((p) => !partners.has(p))
                .map((p) => [p, positionAt(timeline, p, t)] as const),
            )[turn < 0 ? 0 : 1];
          const gap = [run.start, half].map(toward).reduce((a, b) => (b.spots > a.spots ? b : a));
          const base = {
            frame: walk.frame.id,
            action: step.action.id,
            place: from,
            time: run.start,
          };
          if (gap.to === null)
            return [
              {
                ...base,
                players: [driver],
                severity: 'know' as const,
                says: said('drive-open-side', { who: driver }),
              },
            ];
          if (gap.size !== 'single' && gap.size !== 'onTop') return [];
          return [
            {
              ...base,
              players: [driver, gap.to],
              severity: 'costs' as const,
              marks: [apart(from, positionAt(timeline, gap.to, run.start))],
              says: said('drive-gap', { who: driver, side: gap.side, to: gap.to, feet: gap.feet }),
            },
          ];
        }),
};
