import styled from 'styled-components';

/** Large and dark: it is read from a step away, beside the floor. */
export const SidePage = styled.main`
  min-height: 100dvh;
  background: var(--desk);
  color: var(--ink);
  padding: 0 0 40px;
  header {
    display: flex;
    gap: 12px;
    align-items: center;
    padding: 12px 16px;
    border-bottom: 2px solid var(--rule-2);
  }
  header > div {
    flex: 1;
    min-width: 0;
  }
  h1 {
    font-size: 24px;
    font-weight: 740;
    font-stretch: 72%;
    line-height: 1.1;
  }
  header p {
    color: var(--ink-2);
    font-size: 13.5px;
  }
  header a {
    display: grid;
    place-items: center;
    min-height: 44px;
    color: var(--pen);
    font-size: 17px;
  }
  .now {
    display: grid;
    justify-items: center;
    gap: 8px;
    padding: 18px 16px;
    background: var(--sheet);
    text-align: center;
  }
  .what {
    font: 740 34px/1.05 'Archivo Variable';
    font-stretch: 72%;
    overflow-wrap: anywhere;
  }
  .how,
  .next {
    color: var(--ink-2);
    font-size: 16px;
  }
  .clock {
    font: 740 86px/1 'Archivo Variable';
    font-stretch: 74%;
  }
  .over {
    color: var(--live);
  }
  .keys {
    display: flex;
    gap: 12px;
  }
  .keys button {
    display: flex;
    gap: 9px;
    align-items: center;
    min-height: 52px;
    padding: 0 20px;
    border: 1px solid var(--rule-2);
    border-radius: 2px;
    background: var(--raised);
    color: var(--ink);
    font: 640 19px/1 'Archivo Variable';
    font-stretch: 77%;
  }
  .keys button:disabled {
    color: var(--ink-3);
  }
  ol > li {
    border-bottom: 1px solid var(--rule);
    border-left: 4px solid transparent;
  }
  li[data-on] {
    border-left-color: var(--live);
    background: var(--sheet);
  }
  .line {
    display: grid;
    grid-template-columns: 54px minmax(0, 1fr) auto 24px;
    gap: 10px;
    align-items: center;
    width: 100%;
    min-height: 58px;
    padding: 6px 14px 6px 12px;
    border: 0;
    background: none;
    color: inherit;
    text-align: left;
  }
  .line i {
    font-style: normal;
    color: var(--ink-2);
    font-size: 16px;
  }
  .line b {
    display: block;
    font: 700 20px/1.15 'Archivo Variable';
    font-stretch: 76%;
    overflow-wrap: anywhere;
  }
  .line em {
    font-style: normal;
    color: var(--ink-2);
    font-size: 14px;
  }
  .line strong {
    font: 700 20px/1 'Archivo Variable';
    font-stretch: 76%;
  }
  .mark {
    padding: 4px 16px 18px 76px;
    font-size: 16px;
  }
  .mark [role='group'] > button {
    flex: 1;
    min-height: 52px;
    font-size: 18px;
  }
  .mark .counts > button {
    min-height: 48px;
    min-width: 56px;
  }
  footer {
    display: grid;
    gap: 6px;
    padding: 18px 16px;
    color: var(--ink-2);
    font-size: 14px;
    line-height: 1.4;
  }
  .expect {
    color: var(--ink);
    font-size: 16px;
  }
  @media (max-width: 480px) {
    .mark {
      padding-left: 16px;
    }
  }
  @media (min-width: 900px) {
    .now {
      position: sticky;
      top: 0;
      z-index: 1;
    }
  }
`;
