import { ALIGNMENTS, courtFor, ZONE_PRESETS, zoneByKey, type ZoneKey } from '@corkscrew/core';
import { memo } from 'react';
import { Link } from 'react-router';
import { Choice, COURT_OPTIONS, LEVEL_OPTIONS } from '../../ui/Choice.tsx';
import { ZoneGlyph } from '../../floor/ZoneGlyph.tsx';
import { putAll, stopChase } from './moves.ts';
import { NEAREST, placesOf, useRoom, useSetting, type Room } from './room.ts';
import { SchoolFields } from '../../ui/ZoneSchools.tsx';

/** Which zone, of which school, against which set, at which level and on which court. */
export const ZoneSetting = memo(function ZoneSetting() {
  const room = useSetting();
  const court = courtFor({ court: room.court });
  const table = zoneByKey(room.zone)!;
  return (
    <>
      {room.from && (
        <p>
          {room.from.t.toFixed(1)} s into {room.from.name}.{' '}
          <Link to={`/plays/${room.from.id}${room.from.at ?? ''}`}>Back to {room.from.name}</Link>
        </p>
      )}
      <div className="zones" role="group" aria-label="Zone">
        {ZONE_PRESETS.map((p) => (
          <button
            key={p.key}
            type="button"
            aria-pressed={room.zone === p.key}
            title={p.words}
            onClick={() => {
              stopChase();
              useRoom.setState({ zone: p.key as ZoneKey, schools: [], chases: NEAREST });
            }}
          >
            <ZoneGlyph zone={p.key as ZoneKey} />
            {p.defence.name.replace('triangle-and-two', 'triangle +2').replace('box-and-one', 'box +1')}
          </button>
        ))}
      </div>
      <SchoolFields
        table={table}
        schools={room.schools}
        onSchools={(schools) => {
          stopChase();
          useRoom.setState({ schools });
        }}
        chases={room.chases}
        onChase={(d, player) => {
          stopChase();
          useRoom.setState({ chases: room.chases.map((p, i) => (i === d ? player : p)) });
        }}
      />
      <div className="pair">
        <Choice
          label="Ours"
          value={room.set}
          options={[
            ...(room.set ? [] : [['', `as in ${room.from?.name ?? 'the play'}`] as const]),
            ...ALIGNMENTS.map((a) => [a.key, a.name] as const),
          ]}
          onChange={(set) => {
            useRoom.setState({ set, from: null });
            putAll(placesOf(court, set));
          }}
        />
        <Choice
          label="Beside it"
          value={room.beside ?? ''}
          options={[
            ['', 'nothing'],
            ...ZONE_PRESETS.map((p) => [p.key, `a ${p.key}`] as const),
            ...ALIGNMENTS.map((a) => [`set:${a.key}`, `our ${a.name}`] as const),
          ]}
          onChange={(z) => useRoom.setState({ beside: (z || null) as Room['beside'] })}
        />
        <Choice
          label="Level"
          value={room.level}
          options={LEVEL_OPTIONS}
          onChange={(level) => useRoom.setState({ level, women: false })}
        />
        <Choice
          label="Court"
          value={room.court}
          options={COURT_OPTIONS}
          onChange={(c) => {
            useRoom.setState({ court: c });
            putAll(placesOf(courtFor({ court: c }), room.set));
          }}
        />
      </div>
    </>
  );
});
