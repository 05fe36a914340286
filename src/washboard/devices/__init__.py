"""Devices beside the easel, each behind an interface that a simulated stand-in and a real one fill."""
