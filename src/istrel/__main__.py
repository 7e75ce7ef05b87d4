"""`python -m istrel` is the `istrel` command."""

import sys

from istrel.cli import main

sys.exit(main())
