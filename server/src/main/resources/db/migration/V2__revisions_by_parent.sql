-- redo looks for the newest child of a revision
CREATE INDEX revision_by_parent ON revision (rig_id, parent);

PRAGMA user_version = 2;
