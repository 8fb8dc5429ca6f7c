import { useQuery } from '@tanstack/react-query';
import { Button, Table } from 'antd';
import { useState } from 'react';
import { Waiting } from '../../ui/Waiting';
import { api, data, type Schemas } from '../../api/client';
import { useUnits } from '../../units/useUnits';
import { SpeciesForm } from './SpeciesForm';
import ui from '../../ui/ui.module.css';

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
    <section aria-label="Species">
      <h2>
        Species <span>what mass, hinge and splitting are computed with</span>
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
              title: 'Species',
              render: (_, s) => (
                <>
                  <b>{s.words}</b> <small>{s.botanical}</small>
                </>
              ),
            },
            { title: 'Green wood', dataIndex: 'density', className: 'n', width: 168 },
            { title: 'Holds', dataIndex: 'holds', className: 'n', width: 96 },
            { title: 'Hinge', dataIndex: 'hinge' },
            { title: 'Splits', dataIndex: 'split' },
            {
              title: 'Note',
              render: (_, s) =>
                s.source ? (
                  <>
                    <b>Our figures: {s.source}</b>
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
                    title: <span className={ui.unseen}>Change</span>,
                    render: (_: unknown, s: Species) =>
                      s.settable && (
                        <Button type="text" aria-label={`Our figures for ${s.words}`} onClick={() => setChanged(s)}>
                          Change
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
      <p className="s">
        From the literature where nothing else is said; green wood of a living tree varies by 15 % with the season. What
        has to hold is computed with the weakest common member, what is carried with the heaviest. The Sums keep to the
        literature.
      </p>
      {changed && (
        <SpeciesForm key={changed.key} species={changed} version={version} close={() => setChanged(undefined)} />
      )}
    </section>
  );
}
