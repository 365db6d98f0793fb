-- A head is a revision that is there, and so is a parent. What a spoilt file holds instead is set right: a parent that is
-- gone is none, a head that is gone is the newest revision there is, and a rig without any holds nothing.
CREATE TABLE rig_kept (
    id         TEXT    NOT NULL PRIMARY KEY,
    head       INTEGER NOT NULL,
    deleted_at TEXT,
    FOREIGN KEY (id, head) REFERENCES revision_kept (rig_id, number) DEFERRABLE INITIALLY DEFERRED
) STRICT;

CREATE TABLE revision_kept (
    rig_id   TEXT    NOT NULL REFERENCES rig_kept (id) DEFERRABLE INITIALLY DEFERRED,
    number   INTEGER NOT NULL,
    parent   INTEGER,
    saved_at TEXT    NOT NULL,
    document TEXT    NOT NULL,
    name     TEXT    NOT NULL DEFAULT '',
    PRIMARY KEY (rig_id, number),
    FOREIGN KEY (rig_id, parent) REFERENCES revision_kept (rig_id, number) DEFERRABLE INITIALLY DEFERRED
) STRICT;

INSERT INTO rig_kept (id, head, deleted_at)
SELECT id,
       CASE WHEN EXISTS (SELECT 1 FROM revision WHERE rig_id = rig.id AND number = rig.head) THEN head
            ELSE (SELECT max(number) FROM revision WHERE rig_id = rig.id) END,
       deleted_at
FROM rig
WHERE EXISTS (SELECT 1 FROM revision WHERE rig_id = rig.id);

INSERT INTO revision_kept (rig_id, number, parent, saved_at, document, name)
SELECT rig_id,
       number,
       CASE WHEN EXISTS (SELECT 1 FROM revision AS p WHERE p.rig_id = r.rig_id AND p.number = r.parent) THEN parent END,
       saved_at,
       document,
       name
FROM revision AS r
WHERE EXISTS (SELECT 1 FROM rig WHERE id = r.rig_id);

DROP TABLE revision;
DROP TABLE rig;
ALTER TABLE rig_kept RENAME TO rig;
ALTER TABLE revision_kept RENAME TO revision;

-- redo looks for the newest child of a revision
CREATE INDEX revision_by_parent ON revision (rig_id, parent);

PRAGMA user_version = 4;
