"""The web interface: routers, models and one mapping of errors."""
