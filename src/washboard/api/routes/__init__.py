"""The routes, one file a resource."""
