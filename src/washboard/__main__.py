"""`python -m washboard`."""

from .cli import main

main()
