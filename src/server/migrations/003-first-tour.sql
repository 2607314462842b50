alter table people add column tour_ended_at timestamptz;
