-- Who looks after the house is known as that, also while there is no kitchen in it whose owner they could be.

alter table person add column keeps_house boolean not null default false;
comment on column person.keeps_house is 'was made an owner at the machine: looks after the house, also while there is no kitchen in it';

-- In a house that is shared already it is the first owner: nobody else could be made one but at the machine.
update person set keeps_house = true
where id = (select p.id from person p join member m on m.person_id = p.id where m.role = 'owner' order by p.made_at, p.id limit 1);
