import { COVERAGE_WORDS, HELP_WORDS, HELPS, tellable, type Action } from '@corkscrew/core';
import { Choice, type Options } from '../../../ui/Choice.tsx';
import { lineView, usePick } from '../store.ts';
import { useTimeline } from '../timeline.ts';
import { coverScreen, tellAction } from './change.ts';
import { POST_OPTIONS } from './ManFields.tsx';
import { useMet } from './met.ts';
import { useDefence } from './view.ts';

const USUAL = ['', 'as usual'] as const;
const TAGS: Options<string> = [USUAL, ...HELPS.map((k) => [k, HELP_WORDS[k]!] as const)];
const ASKS = {
  tag: { label: 'Who tags the roller', key: 'help', options: TAGS },
  help: { label: 'A beaten man gets help', key: 'help', options: [USUAL, ['none', 'no']] },
  post: { label: 'The post is played', key: 'post', options: [USUAL, ...POST_OPTIONS] },
} as const satisfies Record<string, { label: string; key: 'help' | 'post'; options: Options<string> }>;

/** How they play this one action: a screen's coverage, who tags, help on a drive, the post; as they do all, or otherwise. */
export function TheyPlayIt({ action }: { action: Action }) {
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const defence = useDefence(play);
  const timeline = useTimeline();
  const { court } = lineView(play, branch, frameId);
  const met = useMet().find((m) => m.action === action.id);
  const timed = timeline.actions.find((a) => a.action.id === action.id);
  if (defence?.type !== 'man' || !timed) return null;
  const told = defence.overrides?.[action.id];
  return (
    <>
      {met && (
        <Choice
          label="They play it"
          value={met.own ? met.does : ''}
          options={[
            ['', `as usual: ${COVERAGE_WORDS[met.usual]!}`],
            ...met.ways.map((k) => [k, COVERAGE_WORDS[k]!] as const),
          ]}
          onChange={(does) => coverScreen(defence, action.id, does || null)}
        />
      )}
      {tellable(timeline, court, timed).map((what) => {
        const { label, key, options } = ASKS[what];
        return (
          <Choice
            key={what}
            label={label}
            value={told?.[key] ?? ''}
            options={options as Options<string>}
            onChange={(v) => tellAction(defence, action.id, { [key]: v || null })}
          />
        );
      })}
    </>
  );
}
