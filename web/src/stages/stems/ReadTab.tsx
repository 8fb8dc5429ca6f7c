import css from '../../ui/layout.module.css';
import { Noted, Pairs, Rows } from '../../ui/Rows';
import { Button, Flex, Select } from 'antd';
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
import { msg } from './words';
import { term } from '../../words/terms';

const STATES: Schemas['StemView']['state'][] = ['STANDING', 'HUNG', 'LYING', 'SET_UP_AGAIN', 'FELLED', 'CUT_UP'];

type Stem = Schemas['StemView'];

/** What the stem is and what its sightings say together. */
export function ReadTab({ job, stem, leader, look }: { job: string; stem: Stem; leader: boolean; look: () => void }) {
  return (
    <>
      {stem.note && <p className="s">{stem.note}</p>}
      {leader && <Identity key={stem.version} job={job} stem={stem} />}
      <Figures stem={stem} />
      {stem.notKnown.length > 0 && (
        <p className={`refused ${css.edgeCaution}`}>{msg('notKnownNoLay', { notKnown: stem.notKnown.join(', ') })}</p>
      )}
      {stem.contradictions.map((c) => (
        <p key={c} className={`refused ${css.edgeCaution}`}>
          {c}.
        </p>
      ))}
      <Button type="primary" size="large" block className={css.belowMore} onClick={look}>
        {msg('firstLook')}
      </Button>
      <Leaning key={stem.id} job={job} stem={stem} />
      <Pairs
        label={msg('derived')}
        rows={[
          stem.mass && [
            <Noted note={msg('fromTheTaperOf')}>{msg('atTheCut', { atM: stem.mass.said.atM })}</Noted>,
            stem.mass.said.dCutM,
          ],
          stem.mass && [
            <Noted note={msg('crownByItsForm', { sigmaRel: stem.mass.said.sigmaRel })}>{msg('stemAndCrown')}</Noted>,
            `${stem.mass.said.stemKg} + ${stem.mass.said.crownKg}`,
          ],
          stem.crownRadius && [
            <Noted note={msg('counted', { how: stem.crownRadius.how, shownHigh: stem.crownRadius.shownHigh })}>
              {msg('crownRadius')}
            </Noted>,
            `${stem.crownRadius.shown} ±${stem.crownRadius.shownSigma}`,
          ],
          stem.crownOffset && [
            <Noted note={msg('fromItsRadii')}>{msg('middleOfTheCrown')}</Noted>,
            `${stem.crownOffset.said.offsetM} ±${stem.crownOffset.said.sigmaM}${
              stem.crownOffset.said.azimuthDeg === undefined
                ? msg('centred')
                : ` ${msg('toWithAzimuthDeg', { azimuthDeg: stem.crownOffset.said.azimuthDeg })}`
            }`,
          ],
          stem.outline && [
            <Noted note={stem.outline.crownAssumed ? msg('assumedHalfWayUp') : msg('measured')}>
              {msg('crownBegins')}
            </Noted>,
            stem.outline.said.crownFromM,
          ],
          stem.heave && [msg('rootPlateLifted'), `${stem.heave.shown} ±${stem.heave.shownSigma}`],
        ]}
      />
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
          {msg('species')}
          <Select
            aria-label={msg('species')}
            showSearch
            optionFilterProp="label"
            popupMatchSelectWidth={300}
            value={stem.species}
            // until the list is here: what this one is called, not its key
            options={
              species.length > 0
                ? species.map((c) => ({ value: c.key, label: `${c.words} (${c.botanical})` }))
                : [{ value: stem.species, label: stem.commonName }]
            }
            onChange={(key) => change({ species: key })}
          />
        </label>
        <label>
          {msg('state')}
          <Select
            aria-label={msg('state')}
            value={stem.state}
            options={STATES.map((value) => ({ value, label: term('StemState', value) }))}
            onChange={(state) => change({ state })}
          />
        </label>
        <label>
          {msg('keepOrCut')}
          <Select
            aria-label={msg('keepOrCut')}
            value={stem.toBeKept ? 'keep' : 'cut'}
            options={[
              { value: 'cut', label: msg('toCut') },
              { value: 'keep', label: msg('toKeep') },
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
    <section aria-label={msg('leaning')}>
      <h2>
        {msg('itsPull')}{' '}
        <span>
          {l.said.effectiveLeanDeg}
          {l.said.towardDeg !== undefined && ` ${msg('toWithTowardDeg', { towardDeg: l.said.towardDeg })}`}
          {msg('crownAndLoadCounted')}
        </span>
      </h2>
      <div className="form">
        <Stepper
          label={msg('lookedAtAlong')}
          unit="°"
          value={toward}
          onChange={(v) => setToward(v === null ? null : ((v % 360) + 360) % 360)}
          step={15}
          digits={0}
        />
      </div>
      <Pairs
        rows={[
          [
            msg(l.forwardDeg >= 0 ? 'forward' : 'backward'),
            <>
              <b>{l.said.forwardDeg}</b> ±{l.said.sigmaForwardDeg}
            </>,
          ],
          [
            l.sideRightDeg >= 0 ? msg('toTheRight') : msg('toTheLeft'),
            <>
              <b>{l.said.sideRightDeg}</b> ±{l.said.sigmaSideDeg}
            </>,
          ],
          [msg('windAtItsLimit'), msg('more', { windDeg: l.said.windDeg })],
        ]}
      />
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
        {msg('sightings')}{' '}
        <span>{msg('keptNoneOverwrittenCount', { sightingsCount: stem.sightings.length, counted })}</span>
      </h2>
      <Rows
        label={msg('sightings')}
        rows={stem.sightings}
        keyOf={(s) => s.id}
        voided={(s) => Boolean(s.doesNotCount)}
        columns={[
          {
            cell: (s) => (
              <>
                {s.words}
                <br />
                <small>
                  {s.raw}; {s.instrument}
                  {s.simulated && (
                    <>
                      {' '}
                      <span className="sim">{msg('simulated')}</span>
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
                      <b>{msg('fromTheCrewOnly')}</b>
                    </small>
                  </>
                )}
                {aside === s.id && (
                  <span className="chips">
                    {[msg('misread'), msg('wrongStem'), msg('instrumentOff')].map((r) => (
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
              </>
            ),
          },
          {
            quantity: true,
            cell: (s) => (
              <>
                <b>{s.shown}</b>
                <br />±{s.shownSigma}
                {leader && !s.doesNotCount && (
                  <Flex justify="end">
                    {!s.accepted && (
                      <Button
                        type="text"
                        className="b"
                        onClick={() =>
                          void act(api.POST('/api/jobs/{job}/stems/{stem}/sightings/{id}/accept', path(s.id)))
                        }
                      >
                        {msg('accept')}
                      </Button>
                    )}
                    <Button
                      type="text"
                      className="s"
                      aria-label={msg('setAsideWithWords', { words: s.words })}
                      onClick={() => setAside(aside === s.id ? undefined : s.id)}
                    >
                      {msg('setAside')}
                    </Button>
                  </Flex>
                )}
              </>
            ),
          },
        ]}
      />
    </>
  );
}
