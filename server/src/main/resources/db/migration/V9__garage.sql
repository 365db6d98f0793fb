-- Gear that a person owns, each piece once; which rigs have it is said in the rigs. What a piece is, is a document of its own in
-- the format of rigs, of the version that stands beside it.
CREATE TABLE item (
    id         TEXT    NOT NULL PRIMARY KEY,
    name       TEXT    NOT NULL,
    version    INTEGER NOT NULL,
    thing      TEXT    NOT NULL,
    place      TEXT    NOT NULL,
    bought     TEXT    NOT NULL,
    paid       REAL,
    worth      REAL,
    note       TEXT    NOT NULL,
    written_at TEXT    NOT NULL
) STRICT;

CREATE TABLE item_photo (
    id       TEXT    NOT NULL PRIMARY KEY,
    item_id  TEXT    NOT NULL REFERENCES item (id),
    kind     TEXT    NOT NULL CHECK (kind IN ('image/jpeg', 'image/png')),
    wide     INTEGER NOT NULL,
    tall     INTEGER NOT NULL,
    bytes    BLOB    NOT NULL,
    taken_at TEXT    NOT NULL
) STRICT;

CREATE INDEX item_photo_by_item ON item_photo (item_id);

-- Days on which a rig is to go out.
CREATE TABLE wanted_day (
    rig_id TEXT NOT NULL REFERENCES rig (id),
    day    TEXT NOT NULL,
    PRIMARY KEY (rig_id, day)
) STRICT;

CREATE INDEX wanted_day_by_day ON wanted_day (day);

PRAGMA user_version = 9;
