-- What a class sees of a bench at a glance, kept with the revision of the sheet that it was worked out from.
create table bench_summaries (
  investigation_id text primary key references investigations (id) on delete cascade,
  -- -1 where nothing was worked out yet.
  revision integer not null default -1,
  -- By which version of the working out.
  version integer not null default 0,
  -- Null where the sheet can't be read.
  summary jsonb,
  -- On which stage somebody did something last; null where nobody has.
  stage text,
  -- Which server is at it: it took this revision in hand at this moment.
  taken_revision integer not null,
  taken_at timestamptz not null
);

-- Whether students of the class see the overview too, and by names or numbers.
alter table experiments add column shown text not null default 'no';
