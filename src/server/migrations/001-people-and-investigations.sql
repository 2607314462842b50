create table people (
  id text primary key,
  sign_in_name text not null unique,
  name text not null,
  password text not null,
  demo boolean not null default false
);

create table sessions (
  token_hash text primary key,
  person_id text not null references people (id) on delete cascade,
  expires_at timestamptz not null
);

create index sessions_by_expiry on sessions (expires_at);

create table investigations (
  id text primary key,
  owner_id text not null references people (id) on delete cascade,
  title text not null,
  revision integer not null,
  document jsonb not null,
  created_at timestamptz not null,
  updated_at timestamptz not null
);

create index investigations_by_owner on investigations (owner_id, updated_at desc);

create table edits (
  investigation_id text not null references investigations (id) on delete cascade,
  revision integer not null,
  id text not null,
  author_id text not null references people (id),
  act text not null,
  patches jsonb not null,
  inverse jsonb not null,
  made_at timestamptz not null,
  received_at timestamptz not null default now(),
  primary key (investigation_id, revision),
  unique (investigation_id, id)
);

create table sign_in_attempts (
  key varchar(255) primary key,
  points integer not null default 0,
  expire bigint
);
