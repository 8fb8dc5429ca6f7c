import { Button, InputNumber, Select, Space } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas, type Spot } from '../api/client';
import { useFeatures } from '../api/job';
import { useUnits } from '../units/useUnits';
import css from './tree.module.css';
import { msg } from './words';

const FOOT_M = 0.3048;

type Props = {
  job: string;
  stems: Schemas['StemView'][];
  say: (words: string) => void;
  put: (at: Spot) => void;
};

/** Where it stands, when one stands at the tree: tape or paces on a bearing from the last tree or a known point. */
export function WhereQuestion({ job, stems, say, put }: Props) {
  const features = useFeatures(job).data ?? [];
  const feet = useUnits() === 'feet';
  const last = stems.at(-1);
  const [from, setFrom] = useState<string>();
  const [distance, setDistance] = useState<number | null>(null);
  const [bearing, setBearing] = useState<number | null>(null);
  const points = [
    ...[...stems].reverse().map((s) => ({ value: s.id, label: s.label, at: s.at })),
    ...features.map((f) => ({ value: f.id, label: f.entry.name, at: f.mark })),
  ];
  const start = points.find((p) => p.value === (from ?? last?.id));
  const metres = distance === null ? null : feet ? distance * FOOT_M : distance;
  const place = async () => {
    if (!start || metres === null || bearing === null) return;
    try {
      put(
        await data(
          api.POST('/api/jobs/{job}/features/tape', {
            params: { path: { job } },
            body: { from: start.at, bearingDeg: bearing, distanceM: metres },
          }),
        ),
      );
    } catch (e) {
      say((e as Error).message);
    }
  };
  return (
    <div role="group" aria-label={msg('whereItStands')} className={css.question}>
      <h2 className={css.asked}>{msg('whereDoesItStand', { pointsCount: points.length > 0 ? 'yes' : 'no' })}</h2>
      {points.length === 0 && <p className="s">{msg('nothingIsOnThis')}</p>}
      {points.length > 0 && (
        <>
          <Select
            showSearch
            aria-label={msg('from')}
            optionFilterProp="label"
            value={start?.value}
            placeholder={msg('fromAKnownPoint')}
            options={points.map((p) => ({ value: p.value, label: msg('fromWithLabel', { label: p.label }) }))}
            onChange={setFrom}
          />
          <Space.Compact block>
            <InputNumber
              className={css.typed}
              controls={false}
              aria-label={msg('distance')}
              min={0}
              suffix={feet ? 'ft' : 'm'}
              placeholder={msg('tapeOrPaces')}
              value={distance}
              onChange={setDistance}
            />
            <InputNumber
              className={css.typed}
              controls={false}
              aria-label={msg('bearing')}
              min={0}
              max={360}
              suffix="°"
              placeholder={msg('bearingInline')}
              value={bearing}
              onChange={setBearing}
            />
            <Button disabled={!start || metres === null || bearing === null} onClick={() => void place()}>
              {msg('putItThere')}
            </Button>
          </Space.Compact>
        </>
      )}
    </div>
  );
}
