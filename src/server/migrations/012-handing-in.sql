-- Each time that a bench handed in: the newest says where it stands. Neither opened nor returned: handed in.
create table handings (
  bench_id text not null references benches (id) on delete cascade,
  number integer not null,
  -- The state of the sheet that was handed in; it is among the kept states.
  revision integer not null,
  handed_at timestamptz not null default now(),
  handed_by text references people (id) on delete set null,
  late boolean not null,
  opened_at timestamptz,
  returned_at timestamptz,
  primary key (bench_id, number)
);
