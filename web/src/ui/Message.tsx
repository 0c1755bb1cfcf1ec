import type { ReactNode } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { TopBar } from './TopBar.tsx';

const Box = styled.main`
  max-width: 460px;
  margin: 12vh auto;
  padding: 0 20px;
  h1 {
    font-size: 27px;
    line-height: 1.05;
    font-weight: 740;
    font-stretch: 70%;
    margin-bottom: 10px;
  }
  p {
    font-size: 15px;
    color: var(--ink-2);
  }
  a {
    color: var(--pen);
  }
`;

/** A whole page with one thing to say and a way back. */
export function Message({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <>
      <TopBar room={null} />
      <Box>
        <h1>{title}</h1>
        <p>{children}</p>
        <p style={{ marginTop: 12 }}>
          <Link to="/plays">Back to the playbook</Link>
        </p>
      </Box>
    </>
  );
}
