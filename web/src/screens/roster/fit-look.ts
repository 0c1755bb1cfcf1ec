import { css } from 'styled-components';

/** One play with its five: the court, the table of numbers, what a fit is made of, what stands beside. */
export const fitLook = css`
  .factors summary {
    display: flex;
    gap: 7px;
    align-items: center;
    cursor: default;
    list-style: none;
  }
  .factors summary i {
    font-style: normal;
    font-size: 12.5px;
  }
  .factors ul {
    padding: 3px 0 5px;
    color: var(--ink-2);
    font-size: 12.5px;
  }
  .fit td p {
    color: var(--ink-2);
  }
  .besides {
    padding: 10px 14px 16px;
    border-top: 1px solid var(--rule);
    font-size: 13px;
  }
  .besides h3 {
    font-size: 14px;
    font-weight: 700;
    font-stretch: 74%;
  }
  .besides li {
    color: var(--gap);
    padding: 2px 0;
  }
  .court {
    display: block;
    width: min(100%, 440px);
    margin: 0 auto;
    padding: 0 14px;
  }
  .fit table {
    width: 100%;
    border-collapse: collapse;
    margin-top: 8px;
  }
  .fit th,
  .fit td {
    padding: 8px 8px 8px 14px;
    border-top: 1px solid var(--rule);
    text-align: left;
    vertical-align: top;
    font-size: 13px;
    line-height: 1.35;
  }
  .fit thead th {
    color: var(--ink-2);
    font-weight: 400;
    font-size: 12px;
    border: 0;
    padding-block: 4px;
  }
  .fit tr[data-here] {
    background: var(--raised);
  }
`;
