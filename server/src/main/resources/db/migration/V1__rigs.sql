-- A rig is one document with a tree of revisions; its head moves, nothing is overwritten.
CREATE TABLE rig (
    id         TEXT    NOT NULL PRIMARY KEY,
    head       INTEGER NOT NULL,
    deleted_at TEXT
) STRICT;

CREATE TABLE revision (
    rig_id   TEXT    NOT NULL REFERENCES rig (id),
    number   INTEGER NOT NULL,
    parent   INTEGER,
    saved_at TEXT    NOT NULL,
    document TEXT    NOT NULL,
    PRIMARY KEY (rig_id, number)
) STRICT;

-- read before anything else, so that an older program can refuse a newer database plainly
PRAGMA user_version = 1;
