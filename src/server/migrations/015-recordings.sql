-- What an instrument recorded for an investigation: long data, which its document does not hold.
create table recordings (
  id text primary key,
  investigation_id text not null references investigations (id) on delete cascade,
  begun_by text references people (id) on delete set null,
  -- Instrument, channels with their nature, what is told and how often.
  description jsonb not null,
  -- How many readings of each channel there are.
  readings integer not null default 0,
  begun_at timestamptz not null default now(),
  -- Nothing is added from then on; null while it records.
  stopped_at timestamptz
);

create index recordings_by_investigation on recordings (investigation_id, begun_at);

-- Readings as they came; once so many are together they are one chunk with its levels.
create table recording_parts (
  recording_id text not null references recordings (id) on delete cascade,
  -- The number of its first reading.
  first integer not null,
  readings integer not null,
  -- Typed arrays, one channel behind the other; of a chunk their bytes are sorted by place and packed.
  data bytea not null,
  -- Least and greatest of every 512 readings and coarser, a channel behind the other; null until it is a chunk.
  levels bytea,
  primary key (recording_id, first)
);
