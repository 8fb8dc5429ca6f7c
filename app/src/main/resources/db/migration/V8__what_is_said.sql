-- What happened is kept as messages, by code and arguments; older lines stand there as they were said.
alter table log_entry alter column words rename to says;
alter table log_entry alter column says set data type varchar(20000);
alter table run_event alter column reason set data type varchar(20000);

-- Why a hold was lifted stands in its detail; the reason keeps what people added to it.
update run_event set reason = case when reason like 'what was seen is cleared: %' then substring(reason, 27) else '' end
    where kind = 'LIFTED' and detail = 'CLEARED' and reason like 'what was seen is cleared%';
update run_event set reason = case when reason like 'looked at together, nothing found: %' then substring(reason, 36) else '' end
    where kind = 'LIFTED' and detail = 'LOOKED' and reason like 'looked at together, nothing found%';
update run_event set reason = case when reason like 'pressed by mistake: %' then substring(reason, 21) else '' end
    where kind = 'LIFTED' and detail = 'MISTAKE' and reason like 'pressed by mistake%';
update run_event set reason = case when reason like 'the plan was changed for it: %' then substring(reason, 30) else '' end
    where kind = 'LIFTED' and detail = 'CHANGED' and reason like 'the plan was changed for it%';
update run_event set reason = case when reason like 'another reason: %' then substring(reason, 17) else '' end
    where kind = 'LIFTED' and detail = 'OTHER' and reason like 'another reason%';

-- Small drawings are made anew.
delete from job_mark;
