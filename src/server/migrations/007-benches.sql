-- One experiment that a class does, at benches.
create table experiments (
  id text primary key,
  class_id text not null references classes (id) on delete cascade,
  title text not null,
  -- What each bench begins with.
  pattern jsonb not null,
  -- Whether students find their benches themselves.
  own_benches boolean not null default false,
  created_at timestamptz not null default now()
);

create index experiments_by_class on experiments (class_id, created_at);

-- An investigation of a bench is owned by nobody.
alter table investigations alter column owner_id drop not null;

create table benches (
  id text primary key,
  experiment_id text not null references experiments (id) on delete cascade,
  number integer not null,
  -- By which others find their way to it.
  word text not null,
  investigation_id text not null unique references investigations (id) on delete cascade,
  unique (experiment_id, number),
  unique (experiment_id, word)
);

create table bench_people (
  experiment_id text not null references experiments (id) on delete cascade,
  person_id text not null references people (id) on delete cascade,
  bench_id text not null references benches (id) on delete cascade,
  joined_at timestamptz not null default now(),
  primary key (experiment_id, person_id)
);

create index bench_people_by_bench on bench_people (bench_id);
create index bench_people_by_person on bench_people (person_id);

-- What somebody did stays in the log of others after their account is gone; whose it was is not known any more.
alter table edits alter column author_id drop not null;
alter table edits drop constraint edits_author_id_fkey;
alter table edits add constraint edits_author_id_fkey
  foreign key (author_id) references people (id) on delete set null;

-- The house rules of the class and its look of figures, with which experiments begin; null for the ready ones.
alter table classes add column house jsonb;
