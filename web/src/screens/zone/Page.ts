import styled from 'styled-components';

/** Court between ball spots and setting; one below the other on a phone. */
export const Page = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: 60px minmax(0, 1fr);
  height: 100vh;
  height: 100dvh;
  h1 {
    font-size: 27px;
    font-weight: 740;
    font-stretch: 70%;
    line-height: 1;
    margin-left: 30px;
  }
  .columns {
    display: grid;
    grid-template-columns: 256px minmax(0, 1fr) 320px;
    min-height: 0;
  }
  main {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: 42px minmax(0, 1fr) auto;
    background: var(--sheet);
    min-width: 0;
    min-height: 0;
  }
  .strip {
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 0 14px 0 16px;
    color: var(--ink-2);
  }
  .strip p {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .strip b {
    font: 700 15.5px/1.15 'Archivo Variable';
    font-stretch: 76%;
    color: var(--ink);
    margin-right: 6px;
  }
  .courts {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-auto-rows: minmax(0, 1fr);
    min-height: 0;
    gap: 8px;
    padding: 0 6px;
  }
  figure {
    display: grid;
    grid-template: minmax(0, 1fr) auto / minmax(0, 1fr);
    min-height: 0;
    min-width: 0;
  }
  figure[data-pair] {
    grid-template: minmax(0, 1fr) / minmax(0, 1fr) 150px;
    align-items: center;
  }
  figcaption {
    font: 640 13.5px/1.3 'Archivo Variable';
    padding-bottom: 4px;
  }
  .foot {
    border-top: 1px solid var(--rule-2);
    padding: 8px 16px 10px;
  }
  .foot h2 {
    font-size: 16px;
    font-weight: 700;
    font-stretch: 74%;
  }
  .head {
    display: flex;
    gap: 12px;
    align-items: center;
    min-height: 32px;
  }
  .head p {
    flex: 1;
    min-width: 0;
    font-size: 12.5px;
    line-height: 1.25;
    color: var(--ink-2);
  }
  .head p b {
    font: 700 13.5px/1.2 'Archivo Variable';
    color: var(--ink);
    white-space: nowrap;
  }
  .paces {
    display: flex;
    gap: 10px;
    margin-left: auto;
    font: 600 11.5px/1.2 'Archivo Variable';
    color: var(--ink-2);
  }
  .paces > span {
    display: flex;
    gap: 4px;
    align-items: center;
  }
  @media (max-width: 1279px) {
    .columns {
      grid-template-columns: 208px minmax(0, 1fr) 280px;
    }
    main {
      grid-template-rows: auto minmax(0, 1fr) auto;
    }
    .strip,
    .head {
      flex-wrap: wrap;
    }
    .strip {
      padding: 8px 14px;
    }
    .strip p {
      flex: 1 0 100%;
      white-space: normal;
    }
    .head p {
      flex: 1 1 220px;
    }
  }
  @media (max-width: 1023px) {
    .columns {
      display: block;
      overflow: auto;
    }
    main {
      grid-template-rows: auto min(68vw, 84dvh) auto;
    }
  }
  @media (max-width: 600px) {
    main {
      grid-template-rows: auto 76vw auto;
    }
    figure[data-pair] {
      grid-template: minmax(0, 1fr) auto / minmax(0, 1fr);
    }
    h1 {
      margin-left: 0;
      font-size: 20px;
    }
  }
`;
