import { Button, InputNumber, Select, Space } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas, type Spot } from '../api/client';
import { useFeatures } from '../api/job';
import { useUnits } from '../units/useUnits';
import css from './tree.module.css';

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
    <div role="group" aria-label="Where it stands" className={css.question}>
      <h2 className={css.asked}>Where does it stand? Tap the plan{points.length > 0 ? ', or measure to it' : ''}</h2>
      {points.length === 0 && (
        <p className="s">Nothing is on this plan yet: tap anywhere. What stands round it is drawn at Place.</p>
      )}
      {points.length > 0 && (
        <>
          <Select
            showSearch
            aria-label="From"
            optionFilterProp="label"
            value={start?.value}
            placeholder="From a known point"
            options={points.map((p) => ({ value: p.value, label: `from ${p.label}` }))}
            onChange={setFrom}
          />
          <Space.Compact block>
            <InputNumber
              aria-label="Distance"
              min={0}
              suffix={feet ? 'ft' : 'm'}
              placeholder="tape or paces"
              value={distance}
              onChange={setDistance}
            />
            <InputNumber
              aria-label="Bearing"
              min={0}
              max={360}
              suffix="°"
              placeholder="bearing"
              value={bearing}
              onChange={setBearing}
            />
            <Button disabled={!start || metres === null || bearing === null} onClick={() => void place()}>
              Put it there
            </Button>
          </Space.Compact>
        </>
      )}
    </div>
  );
}
