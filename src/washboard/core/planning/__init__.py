"""Planning: whole plans worked out, compared, rearranged and repaired."""
