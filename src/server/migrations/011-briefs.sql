-- What a teacher says to the benches of an experiment, and what they may not see yet; null where nothing was said.
alter table experiments add column brief jsonb;
alter table experiments add column due_at timestamptz;

-- The IANA name of the zone in which the class's times are meant.
alter table classes add column time_zone text not null default 'UTC';

-- Briefs stand apart on the shelf; whether one is a brief is what its document says.
alter table investigations add column is_brief boolean not null
  generated always as (coalesce(jsonb_typeof(document -> 'brief') = 'object', false)) stored;
