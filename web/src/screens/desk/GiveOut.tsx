import { leaves, lineWords, markdownSheet, printScript, writePlay } from '@corkscrew/core';
import { frameScene, movingSvg, svgMarkup, webPage, type Tone } from '@corkscrew/diagram';
import { useRef, useState } from 'react';
import { useUnits } from '../../app/units.ts';
import { useManWord } from '../../team/team.ts';
import { useWords } from '../../team/words.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Button, Label } from '../../ui/controls.tsx';
import { paperFaces } from '../../ui/paper-faces.ts';
import { saveBlob, saveText, fileName } from '../../ui/save-file.ts';
import { COLOURS } from '../../video/picture.ts';
import { makeVideo, type Making } from '../../video/video.ts';
import { lineView, usePick } from './store.ts';
import { useDeskTeller } from './teller.ts';
import { timelineOf } from './timeline.ts';

type Size = '720' | '1080';
type Look = 'light' | 'dark';

/** The play for elsewhere: as a file, in words, as a picture, as a video. */
export function GiveOut() {
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { court, walks, index } = lineView(play, branch, frameId);
  const t = useDeskTeller();
  const name = fileName(play.name);
  const picture = (): string => {
    const scene = frameScene({ court, walk: walks[index]!, next: walks[index + 1] });
    const tones: Readonly<Record<Tone, string>> = COLOURS.light;
    return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${scene.width} ${scene.height}" width="${scene.width}" height="${scene.height}" font-family="Archivo, Arial Narrow, sans-serif" font-weight="700"><path d="M0 0H${scene.width}V${scene.height}H0Z" fill="${tones.sheet}"/>${svgMarkup(scene, tones)}</svg>`;
  };
  return (
    <div className="whole" role="group" aria-label="Give out">
      <Label>Give out</Label>
      <div className="ops">
        <Button onPress={() => saveText(`${name}.corkscrew.json`, writePlay(play))}>Play file</Button>
        <Button onPress={() => saveText(`${name}.txt`, printScript(play), 'text/plain')}>As written</Button>
        <Button onPress={() => saveText(`${name}.md`, markdownSheet(play), 'text/markdown')}>In words</Button>
      </div>
      <div className="ops">
        <Button onPress={() => saveText(`${name}-${index + 1}.svg`, picture(), 'image/svg+xml')}>
          Frame, SVG
        </Button>
        <Button
          onPress={() => void png(picture()).then((blob) => saveBlob(`${name}-${index + 1}.png`, blob))}
        >
          Frame, PNG
        </Button>
        <Button
          onPress={() =>
            saveText(
              `${name}-moving.svg`,
              movingSvg(court, timelineOf(play, branch, frameId), play.name, COLOURS.light),
              'image/svg+xml',
            )
          }
        >
          Moving SVG
        </Button>
        <Button onPress={() => saveText(`${name}.html`, webPage(play, COLOURS.light, t), 'text/html')}>
          Web page
        </Button>
      </div>
      <Video name={name} />
    </div>
  );
}

/** Pixels of a picture to one of the drawing. */
const PIXELS = 2;
async function png(svg: string): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [image.width * PIXELS, image.height * PIXELS];
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, fail) =>
    canvas.toBlob((b) => (b ? done(b) : fail(new Error('No picture was made.')))),
  );
}

/** A video of an ending, or of all of them, made on this device. */
function Video({ name }: { name: string }) {
  const { play, branch, frameId } = usePick('play', 'branch', 'frameId');
  const { court, line } = lineView(play, branch, frameId);
  const [which, setWhich] = useState('here');
  const [size, setSize] = useState<Size>('720');
  const [look, setLook] = useState<Look>('light');
  const [share, setShare] = useState<number | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const making = useRef<Making | null>(null);
  const words = useWords();
  const man = useManWord();
  const units = useUnits(court);
  const leaf = line.at(-1)!.id;
  const make = async () => {
    setSaid(null);
    setShare(0);
    making.current = makeVideo(
      {
        ...{
          play,
          leaf: which === 'all' ? 'all' : leaf,
          height: Number(size) as 720 | 1080,
          dark: look === 'dark',
        },
        ...{ faces: paperFaces(), words: { words, man, units } },
      },
      setShare,
    );
    try {
      const made = await making.current.made;
      if (made) saveBlob(`${name}.${made.ending}`, made.blob);
      setSaid(made ? null : 'Stopped. Nothing is left of it.');
    } catch (error) {
      setSaid((error as Error).message);
    } finally {
      making.current = null;
      setShare(null);
    }
  };
  const many = leaves(play).length > 1;
  return (
    <>
      <div className="ops">
        {many && (
          <Choice
            bare
            label="What the video shows"
            value={which}
            options={[
              ['here', lineWords(play, leaf)],
              ['all', 'All endings'],
            ]}
            onChange={setWhich}
          />
        )}
        <Choice
          bare
          label="Height of the video"
          value={size}
          options={[
            ['720', '720p'],
            ['1080', '1080p'],
          ]}
          onChange={setSize}
        />
        <Choice
          bare
          label="Colours of the video"
          value={look}
          options={[
            ['light', 'Light'],
            ['dark', 'Dark'],
          ]}
          onChange={setLook}
        />
        {share === null ? (
          <Button onPress={() => void make()}>Video</Button>
        ) : (
          <>
            <progress value={share} max={1} aria-label="The video" />
            <Button onPress={() => making.current?.stop()}>Stop</Button>
          </>
        )}
      </div>
      {said && <p role="status">{said}</p>}
    </>
  );
}
