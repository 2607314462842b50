-- What a teacher remarks on a thing in the sheet of a bench; the bench sees it from the next return on.
create table remarks (
  id text primary key,
  bench_id text not null references benches (id) on delete cascade,
  author_id text references people (id) on delete set null,
  stage text not null,
  -- "cell:ROW/CELL", "figure:ID" and so on; empty for the stage as a whole.
  place text not null,
  -- Where on a figure, as parts of its width and height; null elsewhere.
  at jsonb,
  -- The words of a block that it is about; empty elsewhere.
  quote text not null,
  text text not null,
  made_at timestamptz not null default now(),
  -- Since when the bench sees it; null until it is given back.
  shown_at timestamptz,
  -- When the bench marked it as done; null until then.
  done_at timestamptz
);

create index remarks_by_bench on remarks (bench_id, made_at);

create table remark_answers (
  id text primary key,
  remark_id text not null references remarks (id) on delete cascade,
  author_id text references people (id) on delete set null,
  text text not null,
  made_at timestamptz not null default now()
);

create index remark_answers_by_remark on remark_answers (remark_id, made_at);

-- A teacher's own words, kept for use again.
create table phrases (
  person_id text not null references people (id) on delete cascade,
  text text not null,
  used_at timestamptz not null default now(),
  primary key (person_id, text)
);

-- Points by the id of the criterion, and a last word; the bench sees both once it is given back.
alter table handings add column points jsonb not null default '{}';
alter table handings add column last_word text not null default '';
