import { Button } from 'antd';
import { api, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import { FilePick } from '../../ui/FilePick';
import { msg } from './words';

/** The tangle on paper and as a file; a file is read as a new look. */
export function Files({ job, leader }: { job: string; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const path = `/api/jobs/${job}/tangle`;
  const read = async (file: File) => {
    let body: Schemas['TangleFile'];
    try {
      body = JSON.parse(await file.text()) as Schemas['TangleFile'];
    } catch {
      say(msg('notJson', { name: file.name }));
      return;
    }
    await act(api.POST('/api/jobs/{job}/tangle/file', { params: { path: { job } }, body }));
  };
  return (
    <p className="s">
      <a href={`${path}/sheet.pdf`}>{msg('sheetPdf')}</a> · <a href={`${path}/sheet.svg`}>SVG</a> ·{' '}
      <a href={`${path}/file`} download="tangle.json">
        {msg('jsonFile')}
      </a>{' '}
      · <a href={`${path}/file/schema`}>{msg('schema')}</a>
      {leader && (
        <FilePick label={msg('readFile')} accept=".json,application/json" onFile={(file) => void read(file)}>
          <Button type="text">{msg('readFile')}</Button>
        </FilePick>
      )}
    </p>
  );
}
