/**
 * A document of version 1 with every odd thing that version allowed. Never changed: what it holds must open
 * for ever. The text is what was on disk.
 */
const deep = (levels: number): unknown => (levels === 0 ? 'bottom' : { in: deep(levels - 1) });

export const ODD_VERSION_1: Record<string, unknown> = {
  format: 'corkscrew-play',
  version: 1,
  id: 'odd',
  name: 'Half \ud83c and nothing \0 here',
  colourOfShoes: 'white',
  // Names that mean something today and meant nothing then.
  option: 4,
  status: 'wild',
  needs: 'tape',
  buried: deep(70),
  call: { word: '', signal: '', tune: [1, 2] },
  court: 'custom',
  customCourt: { base: 'nfhs', changes: { arcRadius: 0, laneWidth: 0, cornerX: 120, unheardOf: 3 }, hoop: 1 },
  level: 'youth',
  against: [],
  situation: ['x'.repeat(40)],
  start: {
    alignment: 'nobody-knows',
    whistle: true,
    places: {
      '1': { x: 200, y: -200, mood: 'calm' },
      '2': { x: -21.75, y: 3.5, spot: 'cornerL' },
      '3': { x: 0, y: 0, spot: 'moon' },
      '4': { x: 0, y: 0 },
      '5': { x: 0, y: 5.25 },
    },
    ball: '3',
    throwIn: 'sidelineLeft',
  },
  frames: [
    {
      id: 'f1',
      parent: null,
      end: 'in tears',
      title: '',
      actions: [
        {
          id: 'a1',
          by: '1',
          does: 'cut',
          path: Array.from({ length: 24 }, () => ({ x: 5, y: 20, plant: true, grass: 'green' })),
          facing: 1e300,
          tempo: 'walk',
          cue: { on: 'frame', delay: 60, and: 'thunder', sound: 'clap' },
        },
        { id: 'a2', by: '1', does: 'pass', to: '1', mood: 'calm' },
        { id: 'a3', by: '5', does: 'screen', for: '5', path: [], angle: -99999, hold: 30 },
        { id: 'a4', by: '2', does: 'hold', seconds: 30, cue: { on: 'a99', event: 'at', delay: -30 } },
        { id: 'a5', by: '4', does: 'seal', cue: { on: 'a6' } },
        { id: 'a6', by: '4', does: 'shot', cue: { on: 'a5' } },
      ],
      looks: [{ id: 'l1', player: '3', kind: 'drive', order: -1e308, after: 'gone', when: 7, frame: [] }],
    },
    {
      id: 'frame two',
      parent: 'f1',
      read: { does: 'own', at: 'noon', look: 3 },
      actions: [
        {
          id: 'a',
          by: '3',
          does: 'dribble',
          path: [{ x: -200, y: 200 }],
          stretches: [{ to: 0, tempo: 'jog' }],
        },
      ],
    },
  ],
  defences: [
    {
      id: 'd1',
      name: '',
      type: 'man',
      onBall: 'rotation',
      zone: 'none',
      matchup: { x9: '1', x1: '2' },
      overrides: { a3: { does: 'deny', tag: 'everybody', help: 9 }, gone: { does: 'drop' } },
    },
  ],
  silenced: [{ code: 'crowded', reason: '', ending: 4 }],
  notes: '',
};
