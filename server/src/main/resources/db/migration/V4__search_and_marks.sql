-- What a box is called and searched by, beside its plan, so that a long shelf is searched without reading every plan.
ALTER TABLE box ADD COLUMN name TEXT NOT NULL DEFAULT '';
ALTER TABLE box ADD COLUMN words TEXT NOT NULL DEFAULT '';
UPDATE box SET
  name = CASE WHEN json_valid(plan) THEN coalesce(json_extract(plan, '$.name'), id) ELSE id END,
  words = lower(CASE WHEN json_valid(plan)
    THEN coalesce(json_extract(plan, '$.name'), id) || ' ' || coalesce(json_extract(plan, '$.purpose'), '')
      || ' ' || coalesce(json_extract(plan, '$.walls.wood'), '')
    ELSE id END);
CREATE INDEX box_on_shelf ON box (archived, saved_at DESC, id, name, words);

-- Which page sent an event, so that one sent again because its answer was lost is known from another device's.
ALTER TABLE saw_event ADD COLUMN mark TEXT;
