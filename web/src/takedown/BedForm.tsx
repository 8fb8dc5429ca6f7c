import { useJob } from '../api/job';
import { Stepper } from '../app/Stepper';
import { Pick } from './Pick';
import type { Takedown, View } from './useTakedown';
import css from './takedown.module.css';
import { msg } from './words';

/** The bed on the plan that pieces are let down onto: how much it takes is asked, with who said it. */
export function BedForm({ job, t, view }: { job: string; t: Takedown; view: View }) {
  const people = useJob(job).data?.people ?? [];
  const bed = t.draft?.bed;
  return (
    <div className={css.form}>
      <Pick
        label={msg('letDownOnto')}
        none={view.choices.beds.length > 0 ? msg('noBed') : msg('noBedOnPlan')}
        disabled={view.choices.beds.length === 0 && !bed}
        value={bed?.name}
        change={(name) => t.change({ bed: name ? { ...bed, name } : undefined })}
        options={view.choices.beds.map((b) => ({ value: b, label: b }))}
      />
      {bed && (
        <>
          <Stepper
            label={msg('bedTakes')}
            unit="kg"
            value={bed.takesKg ?? null}
            onChange={(v) => t.change({ bed: { ...bed, takesKg: v ?? undefined } })}
            step={10}
            digits={0}
            min={1}
            max={5000}
          />
          <Pick
            label={msg('bedSaidBy')}
            none={msg('nobodyNamed')}
            value={bed.saidBy}
            change={(saidBy) => t.change({ bed: { ...bed, saidBy } })}
            options={people.map((p) => ({ value: p.id, label: p.name }))}
          />
        </>
      )}
    </div>
  );
}
