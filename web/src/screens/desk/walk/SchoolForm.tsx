import { schoolFor, type Level, type OwnSchool, type School } from '@corkscrew/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import styled from 'styled-components';
import { api } from '../../../app/api.ts';
import { Button, Input, Label } from '../../../ui/controls.tsx';

const Box = styled.details`
  margin-top: 10px;
  summary {
    cursor: default;
    color: var(--ink-2);
    font-size: 12.5px;
  }
  .fields {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 10px;
    margin-top: 10px;
  }
  label {
    display: grid;
    gap: 5px;
  }
`;

const FIELDS: readonly { key: keyof School; words: string; min: number; max: number }[] = [
  { key: 'rebounders', words: 'Sent to the boards', min: 0, max: 5 },
  { key: 'safeties', words: 'Kept back', min: 0, max: 3 },
  { key: 'crowded', words: 'Crowded under, feet', min: 4, max: 20 },
  { key: 'idle', words: 'Stands after, seconds', min: 2, max: 60 },
];

/** What this team teaches where schools differ; the walk-through measures by it on every play. */
export function SchoolForm({ level }: { level: Level }) {
  const client = useQueryClient();
  const team = useQuery({ queryKey: ['team'], queryFn: api.team });
  const save = useMutation({
    mutationFn: (school: OwnSchool) => api.changeTeam({ school }),
    onSuccess: (now) => client.setQueryData(['team'], now),
  });
  const own = team.data?.school ?? {};
  const school = schoolFor(level, own);
  const set = (key: keyof School, text: string, min: number, max: number) => {
    const value = Number(text);
    if (text.trim() !== '' && value >= min && value <= max) save.mutate({ ...own, [key]: value });
  };
  return (
    <Box>
      <summary>What we teach</summary>
      <div className="fields">
        {FIELDS.map(({ key, words, min, max }) => (
          <label key={key}>
            <Label>{words}</Label>
            <Input
              key={school[key]}
              type="number"
              inputMode="numeric"
              min={min}
              max={max}
              defaultValue={school[key]}
              onBlur={(e) => e.target.value !== String(school[key]) && set(key, e.target.value, min, max)}
              onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
            />
          </label>
        ))}
      </div>
      {save.isError && <p role="alert">{save.error.message}</p>}
      {Object.keys(own).length > 0 && (
        <Button style={{ marginTop: 10 }} onPress={() => save.mutate({})}>
          As most schools do
        </Button>
      )}
    </Box>
  );
}
