-- Days on the water as they were. What they teach is derived and stands nowhere; legs and troubles are lists of a trip alone.
CREATE TABLE trip (
    id         TEXT    NOT NULL PRIMARY KEY,
    rig_id     TEXT    NOT NULL REFERENCES rig (id),
    revision   INTEGER NOT NULL,
    day        TEXT    NOT NULL,
    legs       TEXT    NOT NULL,
    pack_c     REAL    NOT NULL,
    charged    INTEGER NOT NULL CHECK (charged IN (0, 1)),
    before_v   REAL,
    after_v    REAL,
    counted_ah REAL,
    ran_out    INTEGER NOT NULL CHECK (ran_out IN (0, 1)),
    troubles   TEXT    NOT NULL,
    note       TEXT    NOT NULL,
    written_at TEXT    NOT NULL
) STRICT;

CREATE INDEX trip_by_rig ON trip (rig_id, day);

PRAGMA user_version = 7;
