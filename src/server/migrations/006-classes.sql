-- A password that a teacher gave: nothing else is done before it is changed.
alter table people add column first_password boolean not null default false;

create table classes (
  id text primary key,
  name text not null,
  joining_code text not null unique,
  joining_open boolean not null default true,
  archived_at timestamptz,
  created_at timestamptz not null default now()
);

create table class_people (
  class_id text not null references classes (id) on delete cascade,
  person_id text not null references people (id) on delete cascade,
  role text not null,
  joined_at timestamptz not null default now(),
  primary key (class_id, person_id)
);

create index class_people_by_person on class_people (person_id);
