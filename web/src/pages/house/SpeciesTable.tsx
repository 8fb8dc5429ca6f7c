import { useQuery } from '@tanstack/react-query';
import { Button, Table } from 'antd';
import { useState } from 'react';
import { Waiting } from '../../ui/Waiting';
import { api, data, type Schemas } from '../../api/client';
import { useUnits } from '../../units/useUnits';
import { SpeciesForm } from './SpeciesForm';
import css from './house.module.css';
import ui from '../../ui/ui.module.css';
import { msg } from './words';

type Species = Schemas['SpeciesView'];

/** What mass, hinge and splitting are computed with: the literature's figures, and the house's own where it has set some. */
export function SpeciesTable({ owner, version }: { owner: boolean; version: number }) {
  const units = useUnits();
  const [changed, setChanged] = useState<Species>();
  const species = useQuery({
    queryKey: ['species', units],
    queryFn: () => data(api.GET('/api/house/species', {})),
    staleTime: Infinity,
  });
  return (
    <section aria-label={msg('species')}>
      <h2 className={css.wordy}>
        {msg('species')} <span>{msg('whatMassHingeAnd')}</span>
      </h2>
      {species.data ? (
        <Table<Species>
          rowKey="key"
          size="small"
          pagination={false}
          scroll={{ x: 860 }}
          dataSource={species.data}
          columns={[
            {
              title: msg('species'),
              render: (_, s) => (
                <>
                  <b>{s.words}</b> <small>{s.botanical}</small>
                </>
              ),
            },
            { title: msg('greenWood'), dataIndex: 'density', className: 'n', width: 168 },
            { title: msg('holds'), dataIndex: 'holds', className: 'n', width: 96 },
            { title: msg('hinge'), dataIndex: 'hinge' },
            { title: msg('splits'), dataIndex: 'split' },
            {
              title: msg('note'),
              render: (_, s) =>
                s.source ? (
                  <>
                    <b>{msg('ourFigures', { source: s.source })}</b>
                    <br />
                    {s.note}
                  </>
                ) : (
                  s.note
                ),
            },
            ...(owner
              ? [
                  {
                    title: <span className={ui.unseen}>{msg('change')}</span>,
                    render: (_: unknown, s: Species) =>
                      s.settable && (
                        <Button
                          type="text"
                          aria-label={msg('ourFiguresForWithWords', { words: s.words })}
                          onClick={() => setChanged(s)}
                        >
                          {msg('change')}
                        </Button>
                      ),
                  },
                ]
              : []),
          ]}
        />
      ) : (
        <Waiting />
      )}
      <p className="s">{msg('fromTheLiteratureWhere')}</p>
      {changed && (
        <SpeciesForm key={changed.key} species={changed} version={version} close={() => setChanged(undefined)} />
      )}
    </section>
  );
}
