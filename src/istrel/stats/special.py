"""Special functions: SciPy's compiled ones, without the layers that SciPy loads around them.

`scipy.special` takes a third of a second to load, for array libraries that are not used here; the functions themselves stand in
one compiled module that loads in a hundredth. Where it is not found where it is known to be, or refuses, all of SciPy's is loaded.
"""

from __future__ import annotations

import sys
from importlib import import_module
from importlib.util import find_spec
from types import ModuleType
from typing import Any

WHOLE, COMPILED = "scipy.special", "scipy.special._ufuncs"


def _functions() -> ModuleType:
    if WHOLE in sys.modules:
        return sys.modules[WHOLE]
    spec = find_spec("scipy")
    bare = ModuleType(WHOLE)
    bare.__path__ = [f"{place}/special" for place in (spec.submodule_search_locations or ())] if spec else []
    sys.modules[WHOLE] = bare  # so that its compiled part is found, and nothing of the rest is run
    try:
        return import_module(COMPILED)
    except ImportError:
        for name in [name for name in sys.modules if name.startswith(f"{WHOLE}.")]:
            del sys.modules[name]
    finally:
        del sys.modules[WHOLE]
    return import_module(WHOLE)


_FOUND: Any = _functions()
bdtr = _FOUND.bdtr
betaincinv = _FOUND.betaincinv
binom = _FOUND.binom
chdtrc = _FOUND.chdtrc
chdtri = _FOUND.chdtri
chndtr = _FOUND.chndtr
fdtrc = _FOUND.fdtrc
fdtri = _FOUND.fdtri
gammaincinv = _FOUND.gammaincinv
gammaln = _FOUND.gammaln
log_ndtr = _FOUND.log_ndtr
ncfdtr = _FOUND.ncfdtr
nctdtr = _FOUND.nctdtr
ndtr = _FOUND.ndtr
ndtri = _FOUND.ndtri
stdtr = _FOUND.stdtr
stdtrit = _FOUND.stdtrit
