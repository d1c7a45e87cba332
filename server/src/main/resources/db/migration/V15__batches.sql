-- A run cuts so many boxes from a number on: the first of a batch alone, the others in stacks.
ALTER TABLE saw_run ADD COLUMN first_box INTEGER NOT NULL DEFAULT 1;
ALTER TABLE saw_run ADD COLUMN boxes INTEGER NOT NULL DEFAULT 1;
-- begun before the first box had gone together
ALTER TABLE saw_run ADD COLUMN unproven INTEGER NOT NULL DEFAULT 0;
ALTER TABLE saw_run ADD COLUMN finished INTEGER NOT NULL DEFAULT 0;

-- Boxes that are wanted on a day are found without reading every plan.
CREATE INDEX box_wanted ON box (json_extract(plan, '$.finish.readyOn')) WHERE json_valid(plan);
