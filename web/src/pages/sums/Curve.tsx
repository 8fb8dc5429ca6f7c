import { Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';

type Props = { points: { x: number; y: number }[]; at?: number; x: string; y: string };

const tick = (v: number): string => String(Number(v.toPrecision(3)));

/** One line, and where one stands on it. */
export default function Curve({ points, at, x, y }: Props) {
  return (
    <ResponsiveContainer width="100%" height={240}>
      <LineChart data={points} margin={{ top: 18, right: 16, bottom: 22, left: 0 }}>
        <XAxis
          dataKey="x"
          type="number"
          domain={['dataMin', 'dataMax']}
          tickFormatter={tick}
          stroke="var(--ink)"
          label={{ value: x, position: 'insideBottom', offset: -14, fill: 'var(--mute)' }}
        />
        <YAxis
          tickFormatter={tick}
          stroke="var(--ink)"
          width={64}
          label={{ value: y, position: 'top', offset: 6, fill: 'var(--mute)' }}
        />
        <Line dataKey="y" type="linear" stroke="var(--ink)" strokeWidth={3} dot={false} isAnimationActive={false} />
        {at !== undefined && (
          <ReferenceLine
            x={at}
            stroke="var(--lay)"
            strokeWidth={2}
            label={{ value: 'yours', fill: 'var(--lay)', position: 'top' }}
          />
        )}
      </LineChart>
    </ResponsiveContainer>
  );
}
