"""The key: from the reference's values to those that surface and paint can reach."""
