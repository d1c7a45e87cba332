-- By what a shelf is put in order and sieved, beside the plan; and what is in a box is searched too.
ALTER TABLE box ADD COLUMN wood TEXT NOT NULL DEFAULT '';
ALTER TABLE box ADD COLUMN longest REAL NOT NULL DEFAULT 0;
UPDATE box SET
  wood = coalesce(json_extract(plan, '$.walls.wood'), ''),
  longest = max(coalesce(json_extract(plan, '$.size.length'), 0), coalesce(json_extract(plan, '$.size.width'), 0)),
  words = words || coalesce(lower(' ' || (SELECT group_concat(json_extract(value, '$.name'), ' ')
    FROM json_each(plan, '$.size.contents.items'))), '')
  WHERE json_valid(plan);
DROP INDEX box_on_shelf;
CREATE INDEX box_on_shelf ON box (archived, saved_at DESC, id, name, words, wood, longest);
