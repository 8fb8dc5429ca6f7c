import { useQuery } from '@tanstack/react-query';
import { Table } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { api, data, type Schemas } from '../../api/client';
import { useUnits } from '../../units/useUnits';

type Species = Schemas['SpeciesView'];

/** What mass, hinge and splitting are computed with. It is the same for every house. */
export function SpeciesTable() {
  const units = useUnits();
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
            { title: 'Green wood', dataIndex: 'density', className: 'n' },
            { title: 'Holds', dataIndex: 'holds', className: 'n' },
            { title: 'Hinge', dataIndex: 'hinge' },
            { title: 'Splits', dataIndex: 'split' },
            { title: 'Note', dataIndex: 'note' },
          ]}
        />
      ) : (
        <Waiting />
      )}
      <p className="s">
        From the literature; green wood of a living tree varies by 15 % with the season. What has to hold is computed
        with the weakest common member, what is carried with the heaviest.
      </p>
    </section>
  );
}
