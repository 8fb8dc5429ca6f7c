import { Button, Collapse } from 'antd';
import { post, useOutbox } from '../api/outbox';
import type { Schemas } from '../api/client';
import { msg } from '../words/base';

/** Whose phone is lost or flat is ready as the lookout, leader or deputy sees: they have signed, both names are kept. */
export default function SeenReady({ job, me, step }: { job: string; me: string; step: Schemas['StepState'] }) {
  const out = useOutbox(job);
  const others = step.people.filter((p) => p.personId !== me && p.signed && (!p.readyAt || p.seenBy));
  if (!step.iSeeReady || others.length === 0) return null;
  return (
    <Collapse
      ghost
      items={[
        {
          key: 'seen',
          label: msg('withoutPhone'),
          children: others.map((p) => {
            const key = `seen:${p.personId}`;
            return (
              <div key={p.personId}>
                <Button
                  size="large"
                  block
                  disabled={out.unsent.some((u) => u.key === key)}
                  onClick={() =>
                    post(job, {
                      kind: 'ready',
                      key,
                      words: p.name,
                      path: `/api/jobs/${job}/run/ready-seen`,
                      body: { personId: p.personId, ready: !p.readyAt },
                    })
                  }
                >
                  {msg(p.readyAt ? 'notSeenReady' : 'seenReady', { name: p.name })}
                </Button>
                {out.refused[key] && (
                  <p className="refused" role="alert">
                    {out.refused[key].message}
                  </p>
                )}
              </div>
            );
          }),
        },
      ]}
    />
  );
}
