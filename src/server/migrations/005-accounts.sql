alter table people add column kind text not null default 'student';
alter table people add column joined_at timestamptz not null default now();

-- What a person sees of a session: never its token, nor the hash of it.
alter table sessions add column id text;
update sessions set id = substr(md5(random()::text || token_hash), 1, 16);
alter table sessions alter column id set not null;
create unique index sessions_by_id on sessions (id);
alter table sessions add column browser text not null default '';
alter table sessions add column opened_at timestamptz not null default now();
alter table sessions add column seen_at timestamptz not null default now();

create table invitations (
  token_hash text primary key,
  name text not null,
  invited_by text references people (id) on delete cascade,
  expires_at timestamptz not null,
  used_at timestamptz
);
