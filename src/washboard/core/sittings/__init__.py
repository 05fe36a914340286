"""Sittings: the passes of several pieces laid into the hours that a painter has."""
