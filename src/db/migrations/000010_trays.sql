-- The tray that is weighed on the way, in each appliance that a batch goes through: empty, and with its pieces as it goes in.
create table tray (
  batch_id uuid not null references bake on delete cascade,
  -- Which of the programme's appliances, counted from 0.
  leg      integer not null,
  tray_g   numeric constraint tray_has_weight check (tray_g >= 0),
  before_g numeric,
  primary key (batch_id, leg),
  constraint tray_before_above_empty check (before_g > coalesce(tray_g, 0))
);
create trigger tray_tells after insert or update or delete on tray for each row execute function tell_oven();

insert into tray (batch_id, leg, tray_g, before_g)
select batch_id, 0, tray_g, before_g from bake where tray_g is not null or before_g is not null;
alter table bake drop column tray_g, drop column before_g;
