-- An investigation as it stood after a revision, now and then: from there a moment is reached in few steps.
create table kept_states (
  investigation_id text not null references investigations (id) on delete cascade,
  revision integer not null,
  document jsonb not null,
  primary key (investigation_id, revision)
);
