"""Tests of Washboard: behaviour in sentences, on real servers, folders, photographs and a real browser."""

import os
import sys

# Two processes of tests, each with servers of its own, share two cores: more threads only get in their way.
# Set before numpy is loaded, and handed on to every server that a test starts; not where speed is measured.
if "pytest" in sys.modules:
    for _threads in ("OMP_NUM_THREADS", "OPENBLAS_NUM_THREADS", "OPENCV_FOR_THREADS_NUM"):
        os.environ.setdefault(_threads, "1")
