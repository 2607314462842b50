-- Links that only read an investigation, as it was or as it is.
create table reading_copies (
  id text primary key,
  token_hash text not null unique,
  investigation_id text not null references investigations (id) on delete cascade,
  made_by text references people (id) on delete set null,
  made_at timestamptz not null default now(),
  -- The revision that is shown; null for the newest.
  revision integer,
  -- The document as it was; null for the newest.
  document jsonb,
  expires_at timestamptz,
  revoked_at timestamptz,
  openings integer not null default 0
);

create index reading_copies_by_investigation on reading_copies (investigation_id, made_at);
