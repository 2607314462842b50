-- Which investigation has a bench instrument in hand: no two benches record with one at a time.
create table instrument_holds (
  name text primary key,
  investigation_id text not null references investigations (id) on delete cascade,
  -- It is free again from then on; whoever records puts it off.
  held_until timestamptz not null
);
