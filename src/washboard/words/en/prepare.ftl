### Grounds and surfaces.

ground-bare = { $share } % of the picture needs no paint on it.
ground-fewer = { $share } % of the picture needs no paint on it, and { $fewer } of { $masses } masses need fewer coats.
ground-loses = Transparent paint cannot get lighter than it: the lights lose { $lost }.
