import { compile, courtFor, leaves, lineWords, subtitlesOf, type Play, type Teller } from '@corkscrew/core';
import { escapeXml } from './markup.ts';
import { floorMarkup, movers, stepsOf } from './moving.ts';
import { DESK, sceneSize, type Tone } from './scene.ts';

type Colours = Readonly<Record<Tone, string>>;

/** Data within a script: nothing in it ends the script, whatever it holds. */
const data = (value: unknown): string =>
  JSON.stringify(value).replace(
    /[<>&\u2028\u2029]/g,
    (c) => `\\u${c.charCodeAt(0).toString(16).padStart(4, '0')}`,
  );

/** How the page runs: a line of the play, its captions and its clock. It asks nothing of anybody else. */
const PLAYER = `
const $ = (id) => document.getElementById(id);
const movers = [...document.querySelectorAll('[data-mover]')];
let line = 0, time = 0, runs = false, last = 0;
const take = () => LINES[line];
function show() {
  const { steps, subtitles } = take();
  const k = time * steps.rate, i = Math.min(Math.floor(k), steps.at[0].length / 2 - 1), f = Math.min(1, k - i);
  movers.forEach((m, n) => {
    const a = steps.at[n], j = Math.min(i + 1, a.length / 2 - 1);
    m.setAttribute('transform', 'translate(' + (a[2*i] + (a[2*j] - a[2*i]) * f) + ' ' + (a[2*i+1] + (a[2*j+1] - a[2*i+1]) * f) + ')');
  });
  const s = subtitles.filter((x) => x.from <= time + 1e-6).pop() || subtitles[0];
  $('no').textContent = s.no; $('title').textContent = s.title; $('words').textContent = s.words;
  $('clock').textContent = time.toFixed(1) + ' s';
  $('time').max = steps.seconds; $('time').value = time;
  $('run').textContent = runs ? 'Stop' : 'Run';
}
function tick(now) {
  if (!runs) return;
  time = Math.min(take().steps.seconds, time + (last ? (now - last) / 1000 : 0) * $('speed').value);
  last = now;
  if (time >= take().steps.seconds) runs = false;
  show();
  if (runs) requestAnimationFrame(tick);
}
$('run').onclick = () => {
  runs = !runs;
  if (runs) { if (time >= take().steps.seconds - 0.01) time = 0; last = 0; requestAnimationFrame(tick); }
  show();
};
$('time').oninput = (e) => { runs = false; time = Number(e.target.value); show(); };
$('line').onchange = (e) => { line = Number(e.target.value); time = 0; runs = false; show(); };
document.onkeydown = (e) => { if (e.key === ' ' && e.target.tagName !== 'BUTTON' && e.target.tagName !== 'SELECT') { e.preventDefault(); $('run').click(); } };
show();
`;

const STYLE = `
:root { color-scheme: light; font: 16px/1.4 'Atkinson Hyperlegible Next', Arial, sans-serif; }
body { margin: 0; padding: 16px; background: var(--desk); color: var(--ink); }
main { max-width: 860px; margin: 0 auto; display: grid; gap: 12px; }
header { border-bottom: 4px double var(--ink); padding-bottom: 6px; }
h1 { margin: 0; font: 700 30px/1.1 'Archivo', 'Arial Narrow', sans-serif; }
header p { margin: 4px 0 0; }
svg { display: block; width: 100%; height: auto; border: 1px solid var(--edge); }
.said { display: flex; gap: 10px; align-items: baseline; min-height: 3.2em; }
.said b:first-child { background: var(--ink); color: var(--paper); padding: 0 7px; }
.do { display: flex; flex-wrap: wrap; gap: 10px; align-items: center; }
button, select { font: inherit; min-height: 44px; padding: 0 16px; }
input { flex: 1 1 200px; min-height: 44px; }
#clock { font-weight: 700; min-width: 4.2em; text-align: right; }
`;

/** A play as one web page that runs it: everything is in the file, and it asks nothing of any server. */
export function webPage(play: Play, colours: Colours & { readonly desk: string }, t: Teller): string {
  const court = courtFor(play);
  const { width, height } = sceneSize(DESK);
  const lines = leaves(play).map(({ id }) => {
    const { timeline } = compile(play, id, court, play.level);
    return {
      name: lineWords(play, id, t),
      steps: stepsOf(timeline),
      subtitles: subtitlesOf(play, id, timeline, t),
    };
  });
  const name = escapeXml(play.name);
  const facts = [play.call?.word && `“${play.call.word}”`, play.call?.signal].filter((f): f is string =>
    Boolean(f),
  );
  const options = lines.map((l, i) => `<option value="${i}">${escapeXml(l.name)}</option>`).join('');
  const moved = movers(colours, (inner) => `<g data-mover>${inner}</g>`);
  const vars = `:root{--desk:${colours.desk};--ink:${colours.ink};--paper:${colours.sheet};--edge:${colours.court}}`;
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'; script-src 'unsafe-inline'">
<title>${name}</title>
<style>${vars}${STYLE}</style>
</head>
<body>
<main>
<header><h1>${name}</h1>${facts.length > 0 ? `<p>${escapeXml(facts.join(' · '))}</p>` : ''}</header>
<svg viewBox="0 0 ${width} ${height}" role="img" aria-label="The floor">${floorMarkup(court, colours)}${moved}</svg>
<p class="said" aria-live="polite"><b id="no"></b><b id="title"></b><span id="words"></span></p>
<div class="do">
<button id="run" type="button">Run</button>
<input id="time" type="range" min="0" step="0.05" value="0" aria-label="Time">
<span id="clock"></span>
<select id="speed" aria-label="Speed"><option value="1">Full speed</option><option value="0.5">Half speed</option></select>
<select id="line" aria-label="Ending"${lines.length > 1 ? '' : ' hidden'}>${options}</select>
</div>
</main>
<script>const LINES = ${data(lines)};${PLAYER}</script>
</body>
</html>
`;
}
