alter table edits add column window_id text;
alter table edits add column device_id text;
alter table edits add column made_on integer;
alter table edits add column replaces boolean not null default false;

create table edit_parts (
  investigation_id text not null references investigations (id) on delete cascade,
  author_id text not null references people (id) on delete cascade,
  edit_id text not null,
  part integer not null,
  text text not null,
  received_at timestamptz not null default now(),
  primary key (investigation_id, author_id, edit_id, part)
);

create index edit_parts_by_age on edit_parts (received_at);

create table replacements (
  id bigserial primary key,
  investigation_id text not null references investigations (id) on delete cascade,
  person_id text not null references people (id) on delete cascade,
  device_id text not null,
  side text not null,
  path jsonb not null,
  was jsonb,
  back jsonb not null,
  other_id text references people (id) on delete set null,
  made_at timestamptz not null default now()
);

create index replacements_by_device on replacements (investigation_id, person_id, device_id);

-- About how long the document is; null where nobody has measured it.
alter table investigations add column letters integer;
