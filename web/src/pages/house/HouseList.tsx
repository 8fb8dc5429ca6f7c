import { Button } from 'antd';
import type { ReactNode } from 'react';
import { Rows } from '../../ui/Rows';
import { msg } from './words';

type Item = { id: string; name: string; version: number };
type Props<T extends Item> = {
  heading: string;
  items: T[];
  /** What is said of one, a cell each. */
  says: ((item: T) => ReactNode)[];
  /** Given to who may take one off. */
  takeOff?: (path: { id: string }, query: { version: number }) => void;
};

/** A list of the house, by name, from which its owner takes things off. */
export function HouseList<T extends Item>({ heading, items, says, takeOff }: Props<T>) {
  return (
    <>
      <h2>
        {heading} <span>{items.length}</span>
      </h2>
      <Rows
        stacks
        rows={items}
        keyOf={(item) => item.id}
        columns={[
          { cell: (item) => <b>{item.name}</b> },
          ...says.map((cell) => ({ cell })),
          {
            right: true,
            cell: ({ id, version }) =>
              takeOff && (
                <Button type="text" onClick={() => takeOff({ id }, { version })}>
                  {msg('takeOffTheList')}
                </Button>
              ),
          },
        ]}
      />
    </>
  );
}
