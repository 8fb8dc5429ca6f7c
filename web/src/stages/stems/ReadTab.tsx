import { Button, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { clock } from '../../units/format';
import { useChoices } from './choices';
import { Figures } from './Figures';
import { stemRequest } from './stemRequest';

type Stem = Schemas['StemView'];

/** What the stem is and what its sightings say together. */
export function ReadTab({ job, stem, leader, look }: { job: string; stem: Stem; leader: boolean; look: () => void }) {
  return (
    <>
      {stem.note && <p className="s">{stem.note}</p>}
      {leader && <Identity key={stem.version} job={job} stem={stem} />}
      <Figures stem={stem} />
      {stem.notKnown.length > 0 && (
        <p className="refused" style={{ borderColor: 'var(--drop)' }}>
          Not known: {stem.notKnown.join(', ')}. No lay can be computed before.
        </p>
      )}
      {stem.contradictions.map((c) => (
        <p key={c} className="refused" style={{ borderColor: 'var(--drop)' }}>
          {c}.
        </p>
      ))}
      <Button type="primary" size="large" block style={{ marginTop: 10 }} onClick={look}>
        First look
      </Button>
      <Leaning key={stem.id} job={job} stem={stem} />
      <table aria-label="Derived">
        <tbody>
          {stem.mass && (
            <tr>
              <td>
                at the cut, {stem.mass.said.atM}
                <br />
                <small>from the taper of the stem</small>
              </td>
              <td className="r n">{stem.mass.said.dCutM}</td>
            </tr>
          )}
          {stem.mass && (
            <tr>
              <td>
                stem and crown
                <br />
                <small>±{stem.mass.said.sigmaRel}, crown by its form</small>
              </td>
              <td className="r n">
                {stem.mass.said.stemKg} + {stem.mass.said.crownKg}
              </td>
            </tr>
          )}
          {stem.crownRadius && (
            <tr>
              <td>
                crown radius
                <br />
                <small>
                  {stem.crownRadius.how}; counted {stem.crownRadius.shownHigh}
                </small>
              </td>
              <td className="r n">
                {stem.crownRadius.shown} ±{stem.crownRadius.shownSigma}
              </td>
            </tr>
          )}
          {stem.crownOffset && (
            <tr>
              <td>
                middle of the crown
                <br />
                <small>from its radii</small>
              </td>
              <td className="r n">
                {stem.crownOffset.said.offsetM} ±{stem.crownOffset.said.sigmaM}
                {stem.crownOffset.said.azimuthDeg === undefined
                  ? ', centred'
                  : ` to ${stem.crownOffset.said.azimuthDeg}`}
              </td>
            </tr>
          )}
          {stem.outline && (
            <tr>
              <td>
                crown begins
                <br />
                <small>{stem.outline.crownAssumed ? 'assumed half way up; measure its base' : 'measured'}</small>
              </td>
              <td className="r n">{stem.outline.said.crownFromM}</td>
            </tr>
          )}
          {stem.heave && (
            <tr>
              <td>root plate lifted</td>
              <td className="r n">
                {stem.heave.shown} ±{stem.heave.shownSigma}
              </td>
            </tr>
          )}
        </tbody>
      </table>
      <Sightings job={job} stem={stem} leader={leader} />
    </>
  );
}

function Identity({ job, stem }: { job: string; stem: Stem }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const species = useChoices(job).species;
  const change = (over: Partial<Schemas['StemRequest']>) =>
    void act(
      api.PUT('/api/jobs/{job}/stems/{id}', { params: { path: { job, id: stem.id } }, body: stemRequest(stem, over) }),
    );
  return (
    <div className="form">
      <div className="three">
        <label>
          Species
          <Select
            aria-label="Species"
            showSearch
            optionFilterProp="label"
            popupMatchSelectWidth={300}
            value={stem.species}
            options={species.map((c) => ({ value: c.key, label: `${c.words} (${c.botanical})` }))}
            onChange={(key) => change({ species: key })}
          />
        </label>
        <label>
          State
          <Select
            aria-label="State"
            value={stem.state}
            options={[
              ['STANDING', 'standing'],
              ['HUNG', 'hung up'],
              ['LYING', 'lying'],
              ['SET_UP_AGAIN', 'set up again'],
              ['FELLED', 'felled'],
            ].map(([value, label]) => ({ value, label }))}
            onChange={(state) => change({ state })}
          />
        </label>
        <label>
          Keep or cut
          <Select
            aria-label="Keep or cut"
            value={stem.toBeKept ? 'keep' : 'cut'}
            options={[
              { value: 'cut', label: 'to cut' },
              { value: 'keep', label: 'to keep' },
            ]}
            onChange={(v) => change({ toBeKept: v === 'keep' })}
          />
        </label>
      </div>
    </div>
  );
}

/** Lean with crown and snow, taken apart along and across any direction. */
function Leaning({ job, stem }: { job: string; stem: Stem }) {
  const [toward, setToward] = useState<number | null>(0);
  const q = useQuery({
    queryKey: ['job', job, 'leaning', stem.id, toward, stem.version, stem.sightings.length],
    enabled: Boolean(stem.mass && stem.lean),
    placeholderData: (p) => p,
    queryFn: () =>
      data(
        api.GET('/api/jobs/{job}/stems/{stem}/leaning', {
          params: { path: { job, stem: stem.id }, query: { layDeg: toward ?? 0 } },
        }),
      ),
  });
  const l = q.data;
  if (!l) return null;
  return (
    <section aria-label="Leaning">
      <h2>
        Its pull{' '}
        <span>
          {l.said.effectiveLeanDeg}
          {l.said.towardDeg !== undefined && ` to ${l.said.towardDeg}`}, crown and load counted
        </span>
      </h2>
      <div className="form">
        <Stepper
          label="Looked at along"
          unit="°"
          value={toward}
          onChange={(v) => setToward(v === null ? null : ((v % 360) + 360) % 360)}
          step={15}
          digits={0}
        />
      </div>
      <table>
        <tbody>
          <tr>
            <td>{l.forwardDeg >= 0 ? 'forward' : 'backward'}</td>
            <td className="r n">
              <b>{l.said.forwardDeg}</b> ±{l.said.sigmaForwardDeg}
            </td>
          </tr>
          <tr>
            <td>{l.sideRightDeg >= 0 ? 'to the right' : 'to the left'}</td>
            <td className="r n">
              <b>{l.said.sideRightDeg}</b> ±{l.said.sigmaSideDeg}
            </td>
          </tr>
          <tr>
            <td>wind at its limit, from any side, is worth</td>
            <td className="r n">{l.said.windDeg} more</td>
          </tr>
        </tbody>
      </table>
    </section>
  );
}

function Sightings({ job, stem, leader }: { job: string; stem: Stem; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [aside, setAside] = useState<string>();
  const path = (id: string) => ({ params: { path: { job, stem: stem.id, id } } });
  const counted = stem.sightings.filter((s) => !s.doesNotCount).length;
  return (
    <>
      <h2>
        Sightings{' '}
        <span>
          {stem.sightings.length} kept, none overwritten; {counted} count
        </span>
      </h2>
      <table aria-label="Sightings">
        <tbody>
          {stem.sightings.map((s) => (
            <tr key={s.id} className={s.doesNotCount ? 'voided' : undefined}>
              <td>
                {s.words}
                <br />
                <small>
                  {s.raw}; {s.instrument}
                  {s.simulated && (
                    <>
                      {' '}
                      <span className="sim">simulated</span>
                    </>
                  )}
                  , {s.who.split(' ')[0]} {clock(s.at).slice(0, 5)}
                </small>
                {s.doesNotCount && (
                  <>
                    <br />
                    <small className="why">{s.doesNotCount}</small>
                  </>
                )}
                {!s.accepted && !s.doesNotCount && (
                  <>
                    <br />
                    <small>
                      <b>from the crew: only tightens until you accept it</b>
                    </small>
                  </>
                )}
                {aside === s.id && (
                  <span className="chips">
                    {['misread', 'wrong stem', 'instrument off'].map((r) => (
                      <Button
                        key={r}
                        onClick={() =>
                          void act(
                            api.POST('/api/jobs/{job}/stems/{stem}/sightings/{id}/set-aside', {
                              ...path(s.id),
                              body: { reason: r },
                            }),
                          ).then(() => setAside(undefined))
                        }
                      >
                        {r}
                      </Button>
                    ))}
                  </span>
                )}
              </td>
              <td className="r n" style={{ whiteSpace: 'nowrap' }}>
                <b>{s.shown}</b>
                <br />±{s.shownSigma}
                {leader && !s.doesNotCount && (
                  <div style={{ display: 'flex', justifyContent: 'flex-end' }}>
                    {!s.accepted && (
                      <Button
                        type="text"
                        style={{ fontWeight: 700 }}
                        onClick={() =>
                          void act(api.POST('/api/jobs/{job}/stems/{stem}/sightings/{id}/accept', path(s.id)))
                        }
                      >
                        Accept
                      </Button>
                    )}
                    <Button
                      type="text"
                      className="s"
                      aria-label={`set aside ${s.words}`}
                      onClick={() => setAside(aside === s.id ? undefined : s.id)}
                    >
                      set aside
                    </Button>
                  </div>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
