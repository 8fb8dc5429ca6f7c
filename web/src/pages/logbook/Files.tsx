import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { askAnew } from '../../api/anew';
import { Problem, type Schemas, upload } from '../../api/client';
import { useSession } from '../../api/job';
import { FilePick } from '../../ui/FilePick';
import { Rows } from '../../ui/Rows';
import css from './logbook.module.css';
import { msg } from './words';

const FALLS = '/api/logbook/falls.csv';

/** The logbook as a table, out and in with the same columns; without names for who is to learn from it elsewhere. */
export function Files() {
  const queries = useQueryClient();
  const office = useSession().data?.office;
  const [report, setReport] = useState<Schemas['ImportReport']>();
  const [refused, setRefused] = useState<Problem>();
  const read = async (f: File) => {
    setReport(undefined);
    setRefused(undefined);
    try {
      setReport(await upload<Schemas['ImportReport']>(FALLS, f, f.name));
      await askAnew(queries, ['logbook']);
    } catch (e) {
      setRefused(e instanceof Problem ? e : new Problem(0, msg('fileNotSent'), []));
    }
  };
  return (
    <section aria-label={msg('files')}>
      <h2>
        {msg('files')} <span>{msg('filesWhy')}</span>
      </h2>
      <div className={css.files}>
        <Button size="large" href={FALLS} download>
          {msg('writeOut')}
        </Button>
        {(office === 'OWNER' || office === 'REVIEWER') && (
          <FilePick label={msg('readIn')} accept=".csv,text/csv" onFile={(f) => void read(f)}>
            <Button size="large">{msg('readIn')}</Button>
          </FilePick>
        )}
        {office === 'OWNER' && (
          <Button size="large" href="/api/logbook/shared.csv" download>
            {msg('giveAway')}
          </Button>
        )}
      </div>
      {report && (
        <p role="status">
          <b>{msg('wasRead', { rows: report.rows, added: report.added, unchanged: report.unchanged })}</b>
        </p>
      )}
      {refused && (
        <div role="alert">
          <p className="refused">{msg('nothingKept', { message: refused.message })}</p>
          {refused.faults.length > 0 && (
            <Rows
              label={msg('whatIsWrong')}
              rows={refused.faults.slice(0, 50)}
              columns={[{ cell: (f) => <span className="n">{f.field}</span> }, { cell: (f) => f.message }]}
            />
          )}
        </div>
      )}
    </section>
  );
}
