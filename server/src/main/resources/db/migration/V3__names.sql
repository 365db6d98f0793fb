-- lists show names: they stand beside the documents, so that none has to be read for them
ALTER TABLE revision ADD COLUMN name TEXT NOT NULL DEFAULT '';

UPDATE revision SET name = coalesce(
    CASE WHEN json_valid(document) AND json_type(document, '$.rig.name') = 'text'
         THEN json_extract(document, '$.rig.name') END, '');

PRAGMA user_version = 3;
