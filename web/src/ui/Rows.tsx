import { Table } from 'antd';
import type { ReactNode } from 'react';
import css from './ui.module.css';
import { msg } from '../words/base';

export type Column<T> = {
  head?: ReactNode;
  cell: (row: T, index: number) => ReactNode;
  /** A quantity: to the right, in figures of one width. */
  quantity?: boolean;
  /** To the right, in words. */
  right?: boolean;
  width?: number | string;
};

type Props<T> = {
  label?: string;
  rows: readonly T[];
  keyOf?: (row: T, index: number) => string;
  columns: Column<T>[];
  /** What stays in the book and does not count. */
  voided?: (row: T) => boolean;
  choose?: (row: T) => void;
  /** Said beneath a row, over its whole width. */
  under?: (row: T) => ReactNode;
  /** On a narrow screen a row is a few lines, its first cell alone on the first. */
  stacks?: boolean;
};

/** A table of ours: Ant Design's, with hair rules, whole at once, its heads only where something needs one. */
export function Rows<T extends object>({ label, rows, keyOf, columns, voided, choose, under, stacks }: Props<T>) {
  const keyed = rows.map((row, i) => ({ key: keyOf ? keyOf(row, i) : String(i), row, i }));
  return (
    <Table
      aria-label={label}
      className={stacks ? `${css.rows} ${css.stacks}` : css.rows}
      size="small"
      pagination={false}
      showHeader={columns.some((c) => c.head !== undefined)}
      dataSource={keyed}
      expandable={
        under && {
          expandedRowKeys: keyed.map((k) => k.key),
          expandedRowRender: ({ row }) => under(row),
          showExpandColumn: false,
        }
      }
      rowClassName={({ row }) => (voided?.(row) ? 'voided' : '')}
      onRow={choose && (({ row }) => ({ onClick: () => choose(row), className: css.chosen }))}
      columns={columns.map((c, n) => ({
        key: n,
        title: c.head ?? <span className={css.unseen}>{msg('mark')}</span>,
        width: c.width,
        align: c.quantity || c.right ? ('right' as const) : undefined,
        onCell: c.quantity ? () => ({ className: `n ${css.quantity}` }) : undefined,
        render: (_, { row, i }: (typeof keyed)[number]) => c.cell(row, i),
      }))}
    />
  );
}

type Pair = readonly [label: ReactNode, value: ReactNode];

/** What something is, and how much. */
export function Pairs({ label, rows }: { label?: string; rows: readonly (Pair | false | undefined | null)[] }) {
  return (
    <Rows
      label={label}
      rows={rows.filter((r) => Boolean(r)) as Pair[]}
      columns={[{ cell: (r) => r[0] }, { cell: (r) => r[1], quantity: true }]}
    />
  );
}

/** Something said, and how it was got beneath it. */
export function Noted({ children, note }: { children: ReactNode; note?: ReactNode }) {
  return (
    <>
      {children}
      {note && (
        <>
          <br />
          <small>{note}</small>
        </>
      )}
    </>
  );
}
