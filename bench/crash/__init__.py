"""Crashes and full disks at every change that the program makes to its folder."""
