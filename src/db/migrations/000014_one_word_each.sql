-- What hands are asked to do at the oven is a call everywhere else; its table and column said timer and prompt.
alter table timer rename to call;
alter table call rename column prompt to call;
alter index timer_pkey rename to call_pkey;
alter table call rename constraint timer_batch_id_fkey to call_batch_id_fkey;
alter trigger timer_tells on call rename to call_tells;

-- One stretch of a programme in one appliance is a stage.
alter table tray rename column leg to stage;
