-- What benches ask all the time is asked through functions: a connection keeps the plans of these, also behind a pool that
-- parts statements from connections. Each is asked for some dozens at most, so that every look goes by an index.

-- The people behind sessions that have not run out, and how each stands to a sheet: from ids alone.
create function who_asks(hashes text[], sheets text[])
returns table (
  place int, "seenAt" timestamptz, id text, name text, kind text, demo boolean, "firstPassword" boolean, toured boolean,
  there boolean, own boolean, off boolean, role text, member boolean, handed boolean, copies boolean
)
language plpgsql stable
set plan_cache_mode = force_generic_plan
set enable_seqscan = off
set enable_hashjoin = off
set enable_mergejoin = off
as $$
#variable_conflict use_column
begin
  return query select asked.place::int, s.seen_at, p.id, p.name, p.kind, p.demo,
      p.first_password, p.tour_ended_at is not null,
      i.id is not null, i.owner_id = p.id, i.deleted_at is not null, c.role,
      exists (select from bench_people m where m.bench_id = b.id and m.person_id = p.id),
      exists (select from handings h where h.bench_id = b.id and h.returned_at is null),
      coalesce((e.brief ->> 'copies')::boolean, false)
    from unnest(hashes, sheets) with ordinality as asked (hash, sheet, place)
      join sessions s on s.token_hash = asked.hash and s.expires_at > now()
      join people p on p.id = s.person_id
      left join investigations i on i.id = asked.sheet
      left join benches b on b.investigation_id = i.id
      left join experiments e on e.id = b.experiment_id
      left join class_people c on c.class_id = e.class_id and c.person_id = p.id;
end
$$;

-- Moves sheets to their new revisions where they stand at the expected ones and nobody else holds them, logs the edits of
-- these and tells every process of them: all of it is done or nothing. The sheets that were moved are given back.
create function write_saves(lines jsonb, moves jsonb, channel text, told text[], notices text[])
returns text[]
language plpgsql
set plan_cache_mode = force_generic_plan
set enable_seqscan = off
as $$
declare
  written text[];
begin
  with held as materialized (
    select i.id
      from investigations i
        join jsonb_to_recordset(moves) as n (id text, before int) on i.id = n.id and i.revision = n.before
      order by i.id for update of i skip locked
  ), moved as (
    update investigations i set revision = n.revision, title = n.title, letters = n.letters, updated_at = now()
      from jsonb_to_recordset(moves) as n (id text, before int, revision int, title text, letters int), held
      where i.id = n.id and i.id = held.id and i.revision = n.before
      returning i.id
  ), logged as (
    insert into edits (investigation_id, revision, id, author_id, act, patches, inverse, made_at, window_id, device_id,
        made_on, replaces)
      select investigation_id, revision, id, author_id, act, patches, inverse, made_at, window_id, device_id, made_on,
          replaces
        from jsonb_to_recordset(lines) as line (
          investigation_id text, revision int, id text, author_id text, act text, patches jsonb, inverse jsonb,
          made_at timestamptz, window_id text, device_id text, made_on int, replaces boolean)
        where investigation_id in (select moved.id from moved)
  )
  select coalesce(array_agg(moved.id), '{}') into written from moved;
  perform pg_notify(channel, news.notice)
    from unnest(told, notices) as news (id, notice) where news.id = any(written);
  return written;
end
$$;

-- A sheet moves to a new revision with every edit: no index then changes with it, nor is its document written again.
drop index investigations_by_owner;
create index investigations_by_owner on investigations (owner_id);
alter table investigations set (fillfactor = 70, toast_tuple_target = 512);
